import {
  ALTERATION_KINDS,
  ALTERATION_SCHOOL,
  type AlterationKind,
  alterationWords,
  cautionFor,
  isIrreversible,
  paletteOrder,
  type Spot,
  wornPart,
} from '@outfit/core';
import { useEffect, useEffectEvent, useState } from 'react';
import type { LookPartDto } from '@/api';
import { Swatch } from '@/parts';
import { Button, Chips, Input, Label } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { LookEdits } from '../looks';
import type { Preview } from '../preview';

const KIND_WORDS: Readonly<Record<AlterationKind, string>> = {
  'remove print': 'Rub print off',
  cut: 'Cut or file',
  glue: 'Glue',
  paint: 'Paint',
  sticker: 'Put a sticker on',
};

interface AlterPanelProps {
  readonly part: LookPartDto;
  readonly at: Spot;
  readonly edits: LookEdits;
  readonly onPreview: (preview: Preview | null) => void;
}

/** What is to be done to this piece for good, shown on the drawing first; each thing with its caution and the school it leaves. */
export function AlterPanel({ part, at, edits, onPreview }: AlterPanelProps) {
  const { catalogue } = useWorkspace();
  const motifs = [...new Set((wornPart(part, catalogue).print?.motifs ?? []).map((motif) => motif.motif))];
  const [kind, setKind] = useState<AlterationKind>(motifs.length > 0 ? 'remove print' : 'paint');
  const [what, setWhat] = useState('');
  const [note, setNote] = useState('');
  const { name } = catalogue.mouldOf(catalogue.variant(part.variant));
  const incomplete = kind === 'paint' ? what === '' : kind === 'remove print' ? motifs.length === 0 : what.trim() === '';
  const preview = useEffectEvent(onPreview);
  useEffect(() => {
    const isSeen = (kind === 'paint' && what !== '') || (kind === 'remove print' && !incomplete);
    preview(isSeen ? { edit: { action: 'alter', alteration: kind, what, note: '', ...at } } : null);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the same spot is made anew with every drawing
  }, [kind, what, incomplete]);
  useEffect(() => () => preview(null), []);
  const add = (): void => {
    edits.apply([{ action: 'alter', alteration: kind, what: what.trim(), note: note.trim(), ...at }], `${KIND_WORDS[kind]}: ${name}`);
    setWhat('');
    setNote('');
  };
  return (
    <div className="min-h-0 flex-1 space-y-3 overflow-auto px-4 py-3">
      {(part.alterations?.length ?? 0) > 0 && (
        <ul aria-label="Alterations of this piece" className="space-y-1">
          {part.alterations?.map((alteration, index) => (
            <li key={index} className="flex items-center gap-2">
              <span className="flex-1">
                {alterationWords(alteration)}
                {alteration.note && <span className="text-pencil"> ({alteration.note})</span>}
              </span>
              <Button
                className="!py-0.5"
                onClick={() => edits.apply([{ action: 'drop alteration', index, ...at }], `Leave ${name} unaltered`)}
              >
                Leave it
              </Button>
            </li>
          ))}
        </ul>
      )}
      <Chips
        label="What is done to it"
        chosen={kind}
        options={ALTERATION_KINDS.map((value) => [value, KIND_WORDS[value]])}
        onChoose={(next) => {
          setKind(next);
          setWhat('');
        }}
      />
      {kind === 'remove print' &&
        (motifs.length > 0 ? (
          <Chips
            label="Which print"
            chosen={what}
            options={[['', 'all of it'], ...motifs.map((value): [string, string] => [value, catalogue.motifName(value)])]}
            onChoose={setWhat}
          />
        ) : (
          <p className="text-pencil">It has no print.</p>
        ))}
      {kind === 'paint' && (
        <div role="radiogroup" aria-label="In which colour" className="grid max-h-72 grid-cols-2 overflow-auto">
          {[...catalogue.data.colours].sort(paletteOrder).map((colour) => (
            <button
              key={colour.id}
              type="button"
              role="radio"
              aria-checked={what === colour.id}
              className={`rounded-cut px-1.5 py-1 text-left ${what === colour.id ? 'bg-lagoon-wash font-semibold' : 'hover:bg-paper'}`}
              onClick={() => setWhat(colour.id)}
            >
              <Swatch colour={colour} />
            </button>
          ))}
        </div>
      )}
      {kind !== 'remove print' && kind !== 'paint' && (
        <Label text="What exactly">
          <Input value={what} maxLength={100} onChange={(event) => setWhat(event.target.value)} />
        </Label>
      )}
      <Label text="Note">
        <Input value={note} maxLength={400} onChange={(event) => setNote(event.target.value)} />
      </Label>
      <p className={`border-l-[3px] px-3 py-1.5 ${isIrreversible({ kind, what, note }) ? 'border-l-madder' : 'border-l-saffron'}`}>
        {cautionFor(kind)} <span className="text-pencil">It leaves the school “{ALTERATION_SCHOOL[kind]}” at best.</span>
      </p>
      <Button tone="act" disabled={incomplete} onClick={add}>
        Record it
      </Button>
    </div>
  );
}
