import { ALTERATION_KINDS, type AlterationKind, amountOf, cautionFor, CONDITIONS, isIrreversible } from '@outfit/core';
import { DEFECTS } from '@outfit/core/wardrobe';
import { useMemo, useState } from 'react';
import type { DeedDto, PieceDto, PlaceDto } from '@/api';
import { AmountInput, Button, Choice, Input, Label, Picker, plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import { useDeeds } from './useDeeds';

/** What a deed still has to be told. */
type Asked = 'place' | 'person' | 'person, if known' | 'due day' | 'amount' | 'defect' | 'condition' | 'alteration' | 'note';
interface ShownDeed {
  readonly word: string;
  /** The key that opens it; empty for none. */
  readonly key: string;
  readonly asks: readonly Asked[];
  /** It is offered where pieces are chosen; otherwise a page of its own offers it. */
  readonly isOffered: boolean;
}

/** How each deed is called and what it asks; null for one that is done by a button of its own. */
const DEEDS = {
  move: { word: 'Move', key: 'm', asks: ['place'], isOffered: true },
  split: { word: 'Split', key: '', asks: ['note'], isOffered: true },
  defect: { word: 'Mark a defect', key: 'd', asks: ['defect', 'note'], isOffered: true },
  condition: { word: 'Condition', key: 'c', asks: ['condition'], isOffered: true },
  alter: { word: 'Alter', key: 'a', asks: ['alteration', 'note'], isOffered: true },
  lend: { word: 'Lend', key: 'l', asks: ['person', 'due day'], isOffered: true },
  sell: { word: 'Sold', key: 's', asks: ['person, if known', 'amount'], isOffered: true },
  give: { word: 'Given away', key: 'g', asks: ['person, if known'], isOffered: true },
  lose: { word: 'Lost', key: '', asks: [], isOffered: true },
  break: { word: 'Thrown away', key: '', asks: [], isOffered: true },
  return: { word: 'Bring back', key: '', asks: ['place'], isOffered: false },
  'hand back': null,
  confirm: null,
} as const satisfies Readonly<Record<DeedDto['deed'], ShownDeed | null>>;
type Shown = { [D in keyof typeof DEEDS]: (typeof DEEDS)[D] extends null ? never : D }[keyof typeof DEEDS];
export type OpenDeed = Shown;
const SHOWN: Readonly<Record<Shown, ShownDeed>> = DEEDS;

/** Deeds that are offered where pieces are chosen, in their order, with word and key. */
export const DEED_WORDS = (Object.keys(SHOWN) as Shown[]).flatMap((deed) => {
  const own = (DEEDS as Readonly<Record<string, ShownDeed | null>>)[deed];
  return own?.isOffered ? [[deed, own.word, own.key] as const] : [];
});

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
  const { word, asks } = SHOWN[deed];
  const broughtMinor = asks.includes('amount') ? amountOf(brought, currency) : 'nothing';
  const goesSomewhere = asks.includes('place');
  const asksPerson = asks.includes('person') || asks.includes('person, if known');
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
    (!asks.includes('person') || person.trim() !== '') &&
    broughtMinor !== 'unreadable';
  const submit = async (): Promise<void> => {
    const done = await act(
      {
        deed,
        ...(goesSomewhere && to !== null ? { to } : {}),
        ...(asksPerson && person.trim() !== '' ? { person: person.trim() } : {}),
        ...(asks.includes('due day') && dueOn !== '' ? { dueOn } : {}),
        ...(asks.includes('defect') ? { defect } : {}),
        ...(asks.includes('condition') ? { condition } : {}),
        ...(asks.includes('alteration') ? { alteration, what: what.trim() } : {}),
        ...(asks.includes('note') ? { note } : {}),
        ...(typeof broughtMinor === 'number' ? { broughtMinor } : {}),
      },
      pieces,
      count,
    );
    if (done) onDone();
  };
  return (
    <form
      aria-label={word}
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
      {asksPerson && (
        <Label text={asks.includes('person') ? 'To whom' : 'To whom, if you like'}>
          <Input value={person} maxLength={80} onChange={(event) => setPerson(event.target.value)} />
        </Label>
      )}
      {asks.includes('amount') && (
        <Label text={`What it brought in all, in ${currency}`}>
          <AmountInput currency={currency} className="!w-28" value={brought} onType={setBrought} />
        </Label>
      )}
      {asks.includes('due day') && (
        <Label text="Due back on">
          <Input type="date" value={dueOn} onChange={(event) => setDueOn(event.target.value)} />
        </Label>
      )}
      {asks.includes('defect') && (
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
      {asks.includes('alteration') && (
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
      {asks.includes('condition') && (
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
