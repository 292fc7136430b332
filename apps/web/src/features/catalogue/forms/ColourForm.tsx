import { type Colour, COLOUR_KINDS, colourDifference, type ColourKind, type Finish, FINISHES, readDifference } from '@outfit/core';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { Swatch } from '@/parts';
import { Button, Choice, Input, Label, plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import { toColour } from '../paths';
import { ChangeKnown } from './ChangeKnown';
import { slug } from '../slug';
import { useKeepEntry } from '../useKeepEntry';

/** A colour of one's own, beside the palette colours it is nearest to. */
export function ColourForm() {
  const { catalogue } = useWorkspace();
  const navigate = useNavigate();
  const { saving, keep } = useKeepEntry();
  const [name, setName] = useState('');
  const [hex, setHex] = useState('#9C6B4E');
  const [finish, setFinish] = useState<Finish>('solid');
  const [kind, setKind] = useState<ColourKind>('cloth');
  const good = /^#[0-9a-f]{6}$/i.test(hex);
  const colour: Colour = {
    id: slug(name),
    name: name.trim(),
    hex: hex.toUpperCase(),
    finish,
    kind,
    ...(kind === 'skin' ? { skinSchool: 'natural' } : {}),
  };
  const known = catalogue.hasColour(colour.id);
  const parts = useMemo(
    () => (known ? catalogue.data.variants.filter((variant) => variant.colours.includes(colour.id)).length : 0),
    [known, colour.id, catalogue],
  );
  // Agreed to for one name; another asks anew.
  const [agreedFor, setAgreedFor] = useState('');
  const agreed = !known || agreedFor === colour.id;
  const near = good
    ? catalogue.data.colours
        .map((other) => ({ other, deltaE: colourDifference(other, colour) }))
        .sort((a, b) => a.deltaE - b.deltaE)
        .slice(0, 4)
    : [];
  return (
    <form
      className="grid max-w-2xl grid-cols-2 gap-x-5 gap-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (!agreed) return;
        void keep('colours', colour, known ? 'Colour changed.' : 'Colour added.').then((kept) => kept && navigate(toColour(colour.id)));
      }}
    >
      <Label text="Name">
        <Input value={name} onChange={(event) => setName(event.target.value)} />
      </Label>
      <Label text="Value, such as #9C6B4E">
        <span className="flex gap-2">
          <Input value={hex} className="font-mono" onChange={(event) => setHex(event.target.value)} />
          <input
            type="color"
            aria-label="Pick the value"
            value={good ? hex : '#000000'}
            className="h-8 w-10"
            onChange={(event) => setHex(event.target.value)}
          />
        </span>
      </Label>
      <Label text="Finish">
        <Choice value={finish} options={FINISHES.map((value) => ({ value, label: value }))} onChoose={setFinish} />
      </Label>
      <Label text="Used for">
        <Choice value={kind} options={COLOUR_KINDS.map((value) => ({ value, label: value }))} onChoose={setKind} />
      </Label>
      <div className="col-span-2 space-y-2">
        {!good && <p className="text-madder">Write the value as # and six digits, such as #9C6B4E.</p>}
        {near.length > 0 && (
          <p className="flex flex-wrap gap-x-4 gap-y-1">
            <span className="text-pencil">Nearest in the palette:</span>
            {near.map(({ other, deltaE }) => (
              <Swatch key={other.id} colour={other} reading={`${deltaE.toFixed(1)}, ${readDifference(deltaE)}`} />
            ))}
          </p>
        )}
        {known && (
          <ChangeKnown
            name={catalogue.colour(colour.id).name}
            uses={parts > 0 ? [`${plural(parts, 'part')} ${parts === 1 ? 'is' : 'are'} of it`] : []}
            agreed={agreed}
            onAgree={(yes) => setAgreedFor(yes ? colour.id : '')}
          />
        )}
        <Button tone="act" type="submit" disabled={saving || !good || colour.id === '' || !agreed}>
          {known ? `Change ${colour.name}` : 'Add this colour'}
        </Button>
      </div>
    </form>
  );
}
