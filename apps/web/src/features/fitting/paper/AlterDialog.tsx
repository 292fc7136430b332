import {
  ALTERATION_KINDS,
  ALTERATION_SCHOOL,
  type AlterationKind,
  alterationWords,
  cautionFor,
  isIrreversible,
  wornPart,
} from '@outfit/core';
import { useState } from 'react';
import type { LookPartDto } from '@/api';
import { Button, Choice, Input, Label, Sheet } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { LookEdits } from '../looks';

const KIND_WORDS: Readonly<Record<AlterationKind, string>> = {
  'remove print': 'Rub print off',
  cut: 'Cut or file',
  glue: 'Glue',
  paint: 'Paint',
  sticker: 'Put a sticker on',
};

interface AlterDialogProps {
  readonly part: LookPartDto;
  readonly edits: LookEdits;
}

/** What is to be done to this piece for good, each thing with its caution and the school it leaves. */
export function AlterDialog({ part, edits }: AlterDialogProps) {
  const { catalogue } = useWorkspace();
  const [open, setOpen] = useState(false);
  const [kind, setKind] = useState<AlterationKind>('remove print');
  const [what, setWhat] = useState('');
  const [note, setNote] = useState('');
  const mould = catalogue.mouldOf(catalogue.variant(part.variant));
  const motifs = [...new Set((wornPart(part, catalogue).print?.motifs ?? []).map((motif) => motif.motif))];
  const at = { position: part.position, ...(part.place ? { place: part.place } : {}) };
  const incomplete = kind === 'paint' ? what === '' : kind === 'remove print' ? motifs.length === 0 : what.trim() === '';
  const choose = (next: AlterationKind): void => {
    setKind(next);
    setWhat('');
  };
  const add = (): void => {
    edits.apply([{ action: 'alter', alteration: kind, what: what.trim(), note: note.trim(), ...at }], `${KIND_WORDS[kind]}: ${mould.name}`);
    setWhat('');
    setNote('');
  };
  return (
    <Sheet title={`Alter ${mould.name}`} open={open} onOpenChange={setOpen} trigger={<Button className="!px-2 !py-0.5">Alter…</Button>}>
      {(part.alterations?.length ?? 0) > 0 && (
        <ul aria-label="Alterations of this piece" className="mt-3 space-y-1">
          {part.alterations?.map((alteration, index) => (
            <li key={index} className="flex items-center gap-2">
              <span className="flex-1">
                {alterationWords(alteration)}
                {alteration.note && <span className="text-pencil"> ({alteration.note})</span>}
              </span>
              <Button
                className="!py-0.5"
                onClick={() => edits.apply([{ action: 'drop alteration', index, ...at }], `Leave ${mould.name} unaltered`)}
              >
                Leave it
              </Button>
            </li>
          ))}
        </ul>
      )}
      <div className="mt-3 space-y-2.5">
        <Label text="What is done to it">
          <Choice value={kind} options={ALTERATION_KINDS.map((value) => ({ value, label: KIND_WORDS[value] }))} onChoose={choose} />
        </Label>
        {kind === 'remove print' ? (
          <Label text={motifs.length > 0 ? 'Which print' : 'It has no print'}>
            <Choice
              value={what}
              disabled={motifs.length === 0}
              options={[{ value: '', label: 'all of it' }, ...motifs.map((value) => ({ value, label: catalogue.motifName(value) }))]}
              onChoose={setWhat}
            />
          </Label>
        ) : kind === 'paint' ? (
          <Label text="In which colour">
            <Choice
              value={what}
              options={[
                { value: '', label: 'choose…' },
                ...catalogue.data.colours.map((colour) => ({ value: colour.id, label: colour.name })),
              ]}
              onChoose={setWhat}
            />
          </Label>
        ) : (
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
    </Sheet>
  );
}
