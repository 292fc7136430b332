import { type Catalogue, colourNameOf, coloursOfMould, existence, type Variant, variantIdOf } from '@outfit/core';
import { useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { PartPicture } from '@/parts';
import { Button, Choice, Input, Label } from '@/ui';
import { useWorkspace } from '@/workspace';
import { toVariant, yearsOf } from '../paths';
import { ChangeKnown } from './ChangeKnown';
import { ColourChoice } from './ColourChoice';
import { holding, surfaceOfPrint, SURFACES } from './printDraft';
import { useKeepEntry } from './useKeepEntry';
import { useUsesOfPart } from './uses';

const MOST_COLOURS = 3;

/** A new part is likely one that is not there: the form starts with a colour the mould was never seen in. */
const firstUnseen = (catalogue: Catalogue, mould: string): string =>
  coloursOfMould(catalogue.mould(mould), catalogue).find((cell) => existence(cell) === 'never')?.colour.id ?? 'soot';

/** A part of one's own: which mould, which colours, which print, and when it was made. */
export function PartForm() {
  const { catalogue, today } = useWorkspace();
  const navigate = useNavigate();
  const [params] = useSearchParams();
  const { saving, keep } = useKeepEntry();
  const givenPrint = catalogue.data.prints.find((row) => row.id === params.get('print'));
  const [mouldNumber, setMould] = useState(givenPrint ? SURFACES[surfaceOfPrint(givenPrint)].mould : 'HA-118');
  const [colours, setColours] = useState<readonly string[]>(() => [firstUnseen(catalogue, mouldNumber)]);
  const [lit, setLit] = useState<number | null>(null);
  const [print, setPrint] = useState(givenPrint?.id ?? '');
  const year = Number(today.slice(0, 4));
  const [made, setMade] = useState(true);
  const [from, setFrom] = useState(String(year));
  const [until, setUntil] = useState(String(year));
  const mould = catalogue.mould(mouldNumber);
  const prints = useMemo(() => {
    const surface = Object.values(SURFACES).find((row) => mould.fills.some((fills) => fills.includes(row.position)));
    return surface ? catalogue.data.prints.filter((row) => SURFACES[surfaceOfPrint(row)].mould === surface.mould) : [];
  }, [mould, catalogue]);
  const chosenPrint = prints.some((row) => row.id === print) ? print : '';
  const variant: Variant = {
    id: variantIdOf(mouldNumber, colours, chosenPrint === '' ? undefined : chosenPrint),
    mould: mouldNumber,
    colours,
    ...(chosenPrint === '' ? {} : { print: chosenPrint }),
    ...(made ? { made: { from: Number(from), until: Number(until) } } : {}),
  };
  const known = catalogue.has(variant.id) ? catalogue.variant(variant.id) : null;
  const uses = useUsesOfPart(known);
  const [agreedFor, setAgreedFor] = useState('');
  return (
    <form
      className="grid grid-cols-[minmax(0,1fr)_15rem] gap-6"
      onSubmit={(event) => {
        event.preventDefault();
        void keep('variants', variant, known ? 'Part changed.' : 'Part added.').then((kept) => kept && navigate(toVariant(variant.id)));
      }}
    >
      <div className="space-y-3">
        <Label text="Mould">
          <Choice
            value={mouldNumber}
            options={catalogue.data.moulds.map((row) => ({ value: row.number, label: `${row.number} ${row.name}` }))}
            onChoose={setMould}
          />
        </Label>
        <div>
          <span className="text-pencil mb-0.5 block text-[0.87rem]">Colours, the main one first</span>
          <div className="flex flex-wrap items-center gap-2">
            {colours.map((colour, i) => (
              <span
                key={i}
                onPointerEnter={() => setLit(i)}
                onPointerLeave={() => setLit(null)}
                onFocus={() => setLit(i)}
                onBlur={() => setLit(null)}
              >
                <span className="text-pencil block text-[0.8rem]">{colourNameOf(mould, i)}</span>
                <ColourChoice
                  label={`Colour ${i + 1}, ${colourNameOf(mould, i)}`}
                  value={colour}
                  onChoose={(chosen) => setColours(colours.map((other, j) => (j === i ? chosen : other)))}
                />
              </span>
            ))}
            {colours.length < MOST_COLOURS && <Button onClick={() => setColours([...colours, 'soot'])}>Another colour</Button>}
            {colours.length > 1 && <Button onClick={() => setColours(colours.slice(0, -1))}>One less</Button>}
          </div>
        </div>
        {prints.length > 0 && (
          <Label text="Print">
            <Choice
              value={chosenPrint}
              options={[{ value: '', label: 'none' }, ...prints.map((row) => ({ value: row.id, label: row.name }))]}
              onChoose={setPrint}
            />
          </Label>
        )}
        <fieldset className="flex flex-wrap items-end gap-3">
          <label className="flex items-center gap-1.5 pb-1">
            <input type="checkbox" className="accent-lagoon" checked={made} onChange={(event) => setMade(event.target.checked)} />
            It was really made
          </label>
          {made && (
            <>
              <Label text="From year" className="w-24">
                <Input inputMode="numeric" value={from} onChange={(event) => setFrom(event.target.value)} />
              </Label>
              <Label text="Until year" className="w-24">
                <Input inputMode="numeric" value={until} onChange={(event) => setUntil(event.target.value)} />
              </Label>
            </>
          )}
        </fieldset>
        {known && (
          <>
            <p className="text-saffron">
              This part is {known.made ? `made ${yearsOf(known)}` : 'imagined'}. Keeping the change makes it{' '}
              {made ? `made ${yearsOf(variant)}` : 'imagined'}.
            </p>
            <ChangeKnown
              name={catalogue.nameOf(known)}
              uses={uses}
              agreed={agreedFor === known.id}
              onAgree={(yes) => setAgreedFor(yes ? known.id : '')}
            />
          </>
        )}
        <Button tone="act" type="submit" disabled={saving || (known !== null && agreedFor !== known.id)}>
          {known ? 'Keep the change' : 'Add this part'}
        </Button>
      </div>
      <figure>
        <PartPicture
          variant={variant}
          position={mould.fills[0]?.[0] ?? 'beside'}
          catalogue={holding(variant, catalogue)}
          size={230}
          tacked={!made}
          lit={colours.length > 1 ? lit : null}
        />
        <figcaption className="text-pencil mt-1 font-mono text-[0.87rem] break-all">{variant.id}</figcaption>
      </figure>
    </form>
  );
}
