import { ALTERATION_KINDS, type AlterationKind, amountOf, cautionFor, CONDITIONS, isIrreversible } from '@outfit/core';
import { DEFECTS } from '@outfit/core/wardrobe';
import { useMemo, useState } from 'react';
import type { DeedDto, PieceDto, PlaceDto } from '@/api';
import { AmountInput, Button, Choice, Input, Label, Picker, plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import { useDeeds } from './useDeeds';

/** What can be done with chosen pieces, with the key that opens it. */
export const DEED_WORDS = [
  ['move', 'Move', 'm'],
  ['split', 'Split', ''],
  ['defect', 'Mark a defect', 'd'],
  ['condition', 'Condition', 'c'],
  ['alter', 'Alter', 'a'],
  ['lend', 'Lend', 'l'],
  ['sell', 'Sold', 's'],
  ['give', 'Given away', 'g'],
  ['lose', 'Lost', ''],
  ['break', 'Thrown away', ''],
] as const satisfies readonly (readonly [DeedDto['deed'], string, string])[];
export type OpenDeed = (typeof DEED_WORDS)[number][0] | 'return';

/** Deeds that may bring something in. */
const BRINGS: readonly OpenDeed[] = ['sell', 'give', 'lose', 'break'];
const WANTS_PERSON: readonly OpenDeed[] = ['lend', 'sell', 'give'];

interface DeedFormProps {
  readonly deed: OpenDeed;
  readonly pieces: readonly PieceDto[];
  readonly places: readonly PlaceDto[];
  readonly onDone: () => void;
}

/** What a deed still has to be told: where to, who, until when, what is wrong; and of how many of a run. */
export function DeedForm({ deed, pieces, places, onDone }: DeedFormProps) {
  const act = useDeeds();
  const { currency } = useWorkspace();
  const [only] = pieces.length === 1 ? pieces : [];
  const [quantity, setQuantity] = useState(String(only?.quantity ?? ''));
  const [to, setTo] = useState<string | null>(null);
  const [person, setPerson] = useState('');
  const [dueOn, setDueOn] = useState('');
  const [defect, setDefect] = useState<(typeof DEFECTS)[number]>('misprint');
  const [condition, setCondition] = useState<PieceDto['condition']>(only?.condition ?? 'used');
  const [alteration, setAlteration] = useState<AlterationKind>('cut');
  const [what, setWhat] = useState('');
  const [brought, setBrought] = useState('');
  const [note, setNote] = useState('');
  const broughtMinor = BRINGS.includes(deed) ? amountOf(brought) : 'nothing';
  const goesSomewhere = deed === 'move' || deed === 'return';
  const options = useMemo(
    () =>
      places
        .filter((place) => place.kind !== 'lent' && place.kind !== 'figure' && place.kind !== 'parcel')
        .map((place) => ({ value: place.id, text: place.path || place.name, more: plural(place.pieces, 'piece') })),
    [places],
  );
  const count = only ? Number(quantity) : undefined;
  const isReady =
    (count === undefined || (Number.isInteger(count) && count >= 1 && count <= (only?.quantity ?? 0))) &&
    (!goesSomewhere || to !== null) &&
    (deed !== 'lend' || person.trim() !== '') &&
    broughtMinor !== 'unreadable';
  const submit = async (): Promise<void> => {
    const done = await act(
      {
        deed,
        ...(goesSomewhere && to !== null ? { to } : {}),
        ...(WANTS_PERSON.includes(deed) && person.trim() !== '' ? { person: person.trim() } : {}),
        ...(deed === 'lend' && dueOn !== '' ? { dueOn } : {}),
        ...(deed === 'defect' ? { defect, note } : {}),
        ...(deed === 'split' ? { note } : {}),
        ...(deed === 'condition' ? { condition } : {}),
        ...(deed === 'alter' ? { alteration, what: what.trim(), note } : {}),
        ...(typeof broughtMinor === 'number' ? { broughtMinor } : {}),
      },
      pieces,
      count,
    );
    if (done) onDone();
  };
  return (
    <form
      aria-label={DEED_WORDS.find(([id]) => id === deed)?.[1] ?? 'Bring back'}
      className="border-rule bg-paper space-y-2 border p-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      {only && only.quantity > 1 && (
        <Label text={`How many of the ${only.quantity}`}>
          <Input inputMode="numeric" className="!w-24 font-mono" value={quantity} onChange={(event) => setQuantity(event.target.value)} />
        </Label>
      )}
      {goesSomewhere && <Picker label="Where to" placeholder="Where to…" value={to} options={options} onChoose={setTo} />}
      {WANTS_PERSON.includes(deed) && (
        <Label text={deed === 'lend' ? 'To whom' : 'To whom, if you like'}>
          <Input value={person} maxLength={80} onChange={(event) => setPerson(event.target.value)} />
        </Label>
      )}
      {deed === 'sell' && (
        <Label text={`What it brought in all, in ${currency}`}>
          <AmountInput className="!w-28" value={brought} onType={setBrought} />
        </Label>
      )}
      {deed === 'lend' && (
        <Label text="Due back on">
          <Input type="date" value={dueOn} onChange={(event) => setDueOn(event.target.value)} />
        </Label>
      )}
      {deed === 'defect' && (
        <>
          <Label text="What is wrong">
            <Choice value={defect} options={DEFECTS.map((value) => ({ value, label: value }))} onChoose={setDefect} />
          </Label>
          <Label text="Note">
            <Input value={note} maxLength={300} onChange={(event) => setNote(event.target.value)} />
          </Label>
        </>
      )}
      {deed === 'split' && (
        <Label text="Why, if you like">
          <Input value={note} maxLength={300} onChange={(event) => setNote(event.target.value)} />
        </Label>
      )}
      {deed === 'alter' && (
        <>
          <Label text="What is done">
            <Choice<AlterationKind>
              value={alteration}
              options={ALTERATION_KINDS.map((value) => ({ value, label: value }))}
              onChoose={setAlteration}
            />
          </Label>
          <Label text="To what, or with what">
            <Input value={what} maxLength={100} onChange={(event) => setWhat(event.target.value)} />
          </Label>
          <p className={`text-[0.87rem] ${isIrreversible({ kind: alteration, what, note }) ? 'text-madder' : 'text-pencil'}`}>
            {isIrreversible({ kind: alteration, what, note }) && 'For good. '}
            {cautionFor(alteration)}
          </p>
        </>
      )}
      {deed === 'condition' && (
        <Label text="Condition now">
          <Choice value={condition} options={CONDITIONS.map((value) => ({ value, label: value }))} onChoose={setCondition} />
        </Label>
      )}
      <div className="flex gap-2">
        <Button type="submit" tone="act" disabled={!isReady}>
          {deed === 'return' ? 'It came back' : 'Do it'}
        </Button>
        <Button tone="quiet" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
