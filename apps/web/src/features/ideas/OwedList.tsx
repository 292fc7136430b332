import { useState } from 'react';
import { Link } from 'react-router';
import { type NewOwedDto, type OwedDto, useAddOwedMutation, useChangeOwedMutation, usePutOwedAwayMutation } from '@/api';
import { attempt, Button, Choice, Empty, Input, Label, longDay, Sheet, TextArea } from '@/ui';
import { useNames, useWorkspace } from '@/workspace';

const plain = ({ who, what, agreed, dueOn, figures, doneOn }: OwedDto): NewOwedDto => ({
  who,
  what,
  agreed,
  dueOn,
  figures: [...figures],
  doneOn,
});
const BLANK: NewOwedDto = { who: '', what: '', agreed: '', dueOn: null, figures: [], doneOn: null };

/** Figures promised to people: what was agreed, by when, what stands in the way. Late ones first. */
export function OwedList({ owed }: { readonly owed: readonly OwedDto[] }) {
  const [edited, setEdited] = useState<OwedDto | 'new' | null>(null);
  return (
    <div className="mx-auto max-w-4xl px-5 py-4">
      <Button tone="act" onClick={() => setEdited('new')}>
        Promise something…
      </Button>
      {owed.length === 0 && (
        <Empty title="Nothing is owed to anybody">
          <p>A figure that was promised stands here with what was agreed, until it is given.</p>
        </Empty>
      )}
      <ul className="mt-3">
        {owed.map((row) => (
          <Owed key={row.id} row={row} onEdit={() => setEdited(row)} />
        ))}
      </ul>
      {edited !== null && <OwedSheet row={edited === 'new' ? null : edited} onClose={() => setEdited(null)} />}
    </div>
  );
}

function Owed({ row, onEdit }: { readonly row: OwedDto; readonly onEdit: () => void }) {
  const { today } = useWorkspace();
  const [change] = useChangeOwedMutation();
  const [putAway] = usePutOwedAwayMutation();
  const isDone = row.doneOn !== null;
  const give = (doneOn: string | null): void =>
    void attempt(change({ id: row.id, version: row.version, newOwedDto: { ...plain(row), doneOn } }).unwrap());
  return (
    <li className={`border-rule flex items-start gap-4 border-b py-2 ${isDone ? 'text-pencil' : ''}`}>
      <span className={`w-52 shrink-0 text-[0.93rem] ${row.standing === 'late' ? 'text-madder font-semibold' : 'text-pencil'}`}>
        {isDone
          ? `given ${longDay(row.doneOn ?? '')}`
          : row.dueOn === null
            ? 'no day was said'
            : `${row.standing === 'late' ? 'late since' : 'by'} ${longDay(row.dueOn)}`}
      </span>
      <span className="min-w-0 flex-1">
        <button type="button" className="hover:text-lagoon text-left font-medium" onClick={onEdit}>
          {row.what}, for {row.who}
        </button>
        {row.agreed !== '' && <span className="block text-[0.93rem] whitespace-pre-line">{row.agreed}</span>}
        {!isDone && (
          <ul className="text-[0.93rem]">
            {row.obstacles.map(({ figure, name, waits, isDone: isBuilt }) => (
              <li key={figure}>
                <Link className="hover:text-lagoon underline" to={`/figures/${figure}/fitting`}>
                  {name}
                </Link>
                : <span className={isBuilt ? 'text-moss' : waits.includes('to buy') ? 'text-madder' : ''}>{waits}</span>
              </li>
            ))}
            {row.obstacles.length === 0 && <li className="text-pencil">No figure is planned for it yet.</li>}
          </ul>
        )}
      </span>
      <span className="flex shrink-0 flex-col items-end gap-1">
        {isDone ? (
          <Button className="!py-0.5" onClick={() => give(null)}>
            Not given after all
          </Button>
        ) : (
          <Button className="!py-0.5" onClick={() => give(today)}>
            It is given
          </Button>
        )}
        <button
          type="button"
          className="text-pencil hover:text-ink text-[0.87rem]"
          aria-label={`Put what is owed to ${row.who} in the bin`}
          onClick={() => void attempt(putAway({ id: row.id, awayDto: { isAway: true } }).unwrap())}
        >
          put in the bin
        </button>
      </span>
    </li>
  );
}

function OwedSheet({ row, onClose }: { readonly row: OwedDto | null; readonly onClose: () => void }) {
  const names = useNames();
  const [draft, setDraft] = useState<NewOwedDto>(row ? plain(row) : BLANK);
  const [add] = useAddOwedMutation();
  const [change] = useChangeOwedMutation();
  const set = (part: Partial<NewOwedDto>): void => setDraft((before) => ({ ...before, ...part }));
  const figures = names.flatMap((lineUp) => lineUp.figures.map(({ id, name }) => ({ value: id, label: `${name}, ${lineUp.name}` })));
  const keep = async (): Promise<void> => {
    const done = await attempt(
      row ? change({ id: row.id, version: row.version, newOwedDto: draft }).unwrap() : add({ newOwedDto: draft }).unwrap(),
    );
    if (done) onClose();
  };
  return (
    <Sheet
      title="Owed"
      about="Who was promised what, by when, and for which figures of yours."
      wide
      open
      onOpenChange={(isOpen) => !isOpen && onClose()}
    >
      <form
        className="mt-3 space-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          void keep();
        }}
      >
        <div className="grid grid-cols-2 gap-3">
          <Label text="To whom">
            <Input value={draft.who} maxLength={80} onChange={(event) => set({ who: event.target.value })} />
          </Label>
          <Label text="By when">
            <Input type="date" value={draft.dueOn ?? ''} onChange={(event) => set({ dueOn: event.target.value || null })} />
          </Label>
        </div>
        <Label text="What">
          <Input value={draft.what} maxLength={200} onChange={(event) => set({ what: event.target.value })} />
        </Label>
        <Label text="What was agreed">
          <TextArea rows={3} maxLength={1000} value={draft.agreed} onChange={(event) => set({ agreed: event.target.value })} />
        </Label>
        <div>
          <span className="text-pencil mb-0.5 block text-[0.87rem]">Figures of yours it is about</span>
          <ul>
            {draft.figures.map((id) => (
              <li key={id} className="flex items-center gap-2">
                {figures.find(({ value }) => value === id)?.label ?? id}
                <button
                  type="button"
                  className="text-pencil hover:text-ink text-[0.87rem]"
                  onClick={() => set({ figures: draft.figures.filter((own) => own !== id) })}
                >
                  away
                </button>
              </li>
            ))}
          </ul>
          <Choice
            aria-label="Add a figure"
            className="!w-72"
            value=""
            options={[{ value: '', label: 'Add a figure…' }, ...figures.filter(({ value }) => !draft.figures.includes(value))]}
            onChoose={(id) => id !== '' && set({ figures: [...draft.figures, id] })}
          />
        </div>
        <Button type="submit" tone="act" disabled={draft.who.trim() === '' || draft.what.trim() === ''}>
          Keep it
        </Button>
      </form>
    </Sheet>
  );
}
