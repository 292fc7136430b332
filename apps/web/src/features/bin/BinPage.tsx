import { type BinnedDto, useBringBackMutation, useEmptyBinMutation, useListBinQuery, useThrowAwayMutation } from '@/api';
import { useState } from 'react';
import { attempt, Button, Chips, Empty, longMoment, plural, Sheet, tell } from '@/ui';

const KIND_WORDS: Readonly<Record<BinnedDto['kind'], readonly [one: string, many: string]>> = {
  'line-up': ['line-up', 'Line-ups'],
  figure: ['figure', 'Figures'],
  look: ['look', 'Looks'],
  picture: ['picture', 'Pictures'],
  errand: ['errand', 'Errands'],
  entry: ['catalogue entry', 'Catalogue entries'],
  idea: ['idea', 'ideas'],
  owed: ['promise', 'promises'],
  seller: ['seller', 'Sellers'],
};

/** What was put away, what it was, when; everything comes back whole until the bin is emptied by hand. */
export function BinPage() {
  const { data: rows } = useListBinQuery();
  const [kind, setKind] = useState<BinnedDto['kind'] | null>(null);
  if (!rows) return null;
  const kinds = [...new Set(rows.map((row) => row.kind))];
  const shown = rows.filter((row) => kind === null || row.kind === kind);
  return (
    <div className="mx-auto flex h-full max-w-4xl flex-col px-6 py-4">
      <div className="flex items-baseline gap-4">
        <h1 className="text-2xl">Bin</h1>
        <p className="text-pencil">{rows.length === 0 ? 'empty' : `${plural(rows.length, 'thing')}, the last first`}</p>
        {rows.some((row) => row.throwable) && <EmptyBin count={rows.filter((row) => row.throwable).length} />}
      </div>
      {rows.length === 0 && (
        <Empty title="Nothing lies in the bin">
          <p>Line-ups, figures, looks, pictures, errands and catalogue entries that you put away come here, and come back whole.</p>
        </Empty>
      )}
      {kinds.length > 1 && (
        <div className="mt-3">
          <Chips
            label="Which"
            chosen={kind}
            options={[[null, 'All'], ...kinds.map((value): [BinnedDto['kind'], string] => [value, KIND_WORDS[value][1]])]}
            onChoose={setKind}
          />
        </div>
      )}
      <ul aria-label="In the bin" className="mt-3 min-h-0 flex-1 overflow-auto">
        {shown.map((row) => (
          <Binned key={`${row.kind} ${row.id}`} row={row} />
        ))}
      </ul>
    </div>
  );
}

function Binned({ row }: { readonly row: BinnedDto }) {
  const [bringBack, { isLoading: isComing }] = useBringBackMutation();
  const [throwAway, { isLoading: isGoing }] = useThrowAwayMutation();
  const [isAsked, setAsked] = useState(false);
  const of = { kind: row.kind, id: row.id };
  return (
    <li className="border-rule bg-sheet flex items-center gap-4 border-b px-4 py-2">
      <span className="min-w-0 flex-1">
        <span className="block truncate font-medium">{row.name}</span>
        <span className="text-pencil block truncate text-[0.87rem]">
          {KIND_WORDS[row.kind][0]}
          {row.stoodIn !== '' && `, of ${row.stoodIn}`}, put away {longMoment(row.at)}
        </span>
      </span>
      {row.throwable &&
        (isAsked ? (
          <Button className="!text-madder" disabled={isGoing} onClick={() => void attempt(throwAway(of).unwrap())}>
            Throw it away for good
          </Button>
        ) : (
          <Button tone="quiet" onClick={() => setAsked(true)}>
            Throw away…
          </Button>
        ))}
      <Button
        disabled={isComing}
        onClick={() => void attempt(bringBack(of).unwrap()).then((done) => done && tell.success(`“${row.name}” is back.`))}
      >
        Bring it back
      </Button>
    </li>
  );
}

/** What cannot be taken back is asked about first. */
function EmptyBin({ count }: { readonly count: number }) {
  const [isOpen, setOpen] = useState(false);
  const [empty, { isLoading }] = useEmptyBinMutation();
  return (
    <Sheet
      title="Empty the bin?"
      about={`${plural(count, 'thing')} would be gone for good. This cannot be undone.`}
      open={isOpen}
      onOpenChange={setOpen}
      trigger={<Button className="ml-auto">Empty the bin…</Button>}
    >
      <Button
        className="!text-madder mt-3 self-start"
        disabled={isLoading}
        onClick={() => void attempt(empty().unwrap()).then(() => setOpen(false))}
      >
        Throw all of it away
      </Button>
    </Sheet>
  );
}
