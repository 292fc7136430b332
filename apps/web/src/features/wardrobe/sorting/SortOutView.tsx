import { useState } from 'react';
import { Link } from 'react-router';
import { type LoanDto, type PieceDto, useListConsumablesQuery, useReadSortOutQuery } from '@/api';
import { PartPicture } from '@/parts';
import { Button, Chips, Empty, longDay, plural, useAddress } from '@/ui';
import { useNames, useWorkspace } from '@/workspace';
import { useDeeds } from '../deeds';
import { ClashRow } from './ClashRow';
import { Consumables } from './Consumables';
import { LeastCopies } from './LeastCopies';

const HEAPS = ['clashes', 'orphans', 'unsure', 'loans', 'copies', 'low'] as const;
type Heap = (typeof HEAPS)[number];

/** What in the wardrobe waits for a decision: a piece wanted twice, one that nobody wants, one that is only thought to be there. */
export function SortOutView() {
  const { data } = useReadSortOutQuery();
  const { data: consumables = [] } = useListConsumablesQuery();
  const [params, changeAddress] = useAddress();
  const heap = HEAPS.find((name) => name === params.get('heap')) ?? 'clashes';
  if (!data) return <p className="text-pencil p-6">Looking…</p>;
  const loans = data.lent.length + data.borrowed.length;
  const low = consumables.filter((row) => row.isLow).length;
  return (
    <div className="min-h-0 flex-1 overflow-auto px-5 py-3">
      <Chips<Heap>
        label="What to sort out"
        chosen={heap}
        options={[
          ['clashes', `Wanted twice · ${data.clashCount}`],
          ['orphans', `Nobody wants · ${data.orphanCount}`],
          ['unsure', `Think so · ${data.unsureCount}`],
          ['loans', `Lent and borrowed · ${loans}`],
          ['copies', 'Fewest copies'],
          ['low', `Used up · ${low}`],
        ]}
        onChoose={(name) => changeAddress((next) => (name === 'clashes' ? next.delete('heap') : next.set('heap', name)))}
      />
      <div className="mt-3 max-w-5xl">
        {heap === 'clashes' && (
          <>
            {data.clashCount === 0 && (
              <Empty title="Nothing is wanted twice">Every owned piece that is wanted serves whoever wants it.</Empty>
            )}
            <ul>
              {data.clashes.map((clash) => (
                <ClashRow key={clash.variant} clash={clash} />
              ))}
            </ul>
            {data.clashCount > data.clashes.length && <More shown={data.clashes.length} all={data.clashCount} />}
          </>
        )}
        {heap === 'orphans' && <Orphans pieces={data.orphans} all={data.orphanCount} />}
        {heap === 'unsure' && <Unsure pieces={data.unsure} all={data.unsureCount} />}
        {heap === 'loans' && <Loans lent={data.lent} borrowed={data.borrowed} />}
        {heap === 'copies' && <LeastCopies />}
        {heap === 'low' && <Consumables rows={consumables} />}
      </div>
    </div>
  );
}

const More = ({ shown, all }: { readonly shown: number; readonly all: number }) => (
  <p className="text-pencil mt-2">
    The first {shown} of {all} are shown: the rest come up as these are settled.
  </p>
);

function PieceLine({ piece, children }: { readonly piece: PieceDto; readonly children?: React.ReactNode }) {
  const { catalogue } = useWorkspace();
  const variant = catalogue.variant(piece.variant);
  return (
    <li className="border-rule flex items-center gap-3 border-b py-1.5">
      <PartPicture
        variant={variant}
        position={catalogue.mouldOf(variant).fills[0]?.[0] ?? 'beside'}
        catalogue={catalogue}
        size={50}
        tacked={false}
      />
      <span className="min-w-0 flex-1">
        <span className="block truncate">
          {piece.quantity > 1 && <span className="font-mono">{piece.quantity} × </span>}
          {catalogue.nameOf(variant)}
        </span>
        <span className="text-pencil block truncate text-[0.87rem]">{piece.place || 'No place yet'}</span>
      </span>
      {children}
    </li>
  );
}

/** Pieces no look wants and no whole figure misses, with what could be made of them. */
function Orphans({ pieces, all }: { readonly pieces: readonly PieceDto[]; readonly all: number }) {
  const { catalogue } = useWorkspace();
  const [lineUp] = useNames();
  if (all === 0) return <Empty title="Every piece has somebody">No piece lies about that no look wants and no whole figure misses.</Empty>;
  return (
    <>
      <p className="text-pencil mb-1">No look wants them, and no whole figure misses them.</p>
      <ul aria-label="Nobody wants">
        {pieces.map((piece) => {
          const worn = catalogue.data.officialFigures.filter((figure) => figure.parts.some((part) => part.variant === piece.variant));
          return (
            <PieceLine key={piece.id} piece={piece}>
              <span className="text-[0.93rem]">
                {worn.length > 0 && (
                  <span className="text-pencil block">
                    made for {worn[0]?.name}
                    {worn.length > 1 && ` and ${worn.length - 1} more`}
                  </span>
                )}
                {lineUp && (
                  <Link
                    to={`/line-ups/${lineUp.id}?new=part&part=${encodeURIComponent(piece.variant)}`}
                    className="text-lagoon mr-3 underline"
                  >
                    Start a figure from it
                  </Link>
                )}
                <Link to={`/wardrobe?words=${encodeURIComponent(piece.variant)}`} className="text-lagoon underline">
                  Sell or give it
                </Link>
              </span>
            </PieceLine>
          );
        })}
      </ul>
      {all > pieces.length && <More shown={pieces.length} all={all} />}
    </>
  );
}

/** What is only thought to be there, confirmed one by one or all of it. */
function Unsure({ pieces, all }: { readonly pieces: readonly PieceDto[]; readonly all: number }) {
  const act = useDeeds();
  if (all === 0) return <Empty title="Nothing is doubtful">Every piece that is written down was seen.</Empty>;
  return (
    <>
      <p className="mb-1 flex items-center gap-3">
        <span className="text-pencil">Written down by hearsay. Look, and say that it is right.</span>
        <Button onClick={() => void act({ deed: 'confirm' }, pieces)}>All {pieces.length} are right</Button>
      </p>
      <ul aria-label="Think so">
        {pieces.map((piece) => (
          <PieceLine key={piece.id} piece={piece}>
            <Button className="!px-2 !py-0.5" onClick={() => void act({ deed: 'confirm' }, [piece])}>
              It is right
            </Button>
            <Button tone="quiet" className="!px-2 !py-0.5" onClick={() => void act({ deed: 'lose' }, [piece])}>
              It is not there
            </Button>
          </PieceLine>
        ))}
      </ul>
      {all > pieces.length && <More shown={pieces.length} all={all} />}
    </>
  );
}

function Loans({ lent, borrowed }: { readonly lent: readonly LoanDto[]; readonly borrowed: readonly LoanDto[] }) {
  const act = useDeeds();
  const [busy, setBusy] = useState(false);
  if (lent.length + borrowed.length === 0)
    return <Empty title="Nothing is lent or borrowed">What you lend stands here until it is back.</Empty>;
  const section = (title: string, loans: readonly LoanDto[], isMine: boolean) =>
    loans.length > 0 && (
      <section aria-label={title} className="mb-4">
        {loans.map((loan) => (
          <div key={`${loan.person} ${loan.dueOn ?? ''}`} className="mb-2">
            <h2 className="text-[1rem]">
              {isMine ? `${loan.person} has` : `From ${loan.person}`}
              {loan.dueOn !== null && (
                <span className={`ml-2 text-[0.87rem] font-normal ${loan.isLate ? 'text-madder' : 'text-pencil'}`}>
                  {loan.isLate ? 'was due back' : 'due back'} {longDay(loan.dueOn)}
                </span>
              )}
            </h2>
            <ul>
              {loan.pieces.map((piece) => (
                <PieceLine key={piece.id} piece={piece}>
                  {isMine ? (
                    <Link to={`/wardrobe?place=${piece.placeId}`} className="text-lagoon text-[0.93rem] underline">
                      It came back…
                    </Link>
                  ) : (
                    <Button
                      className="!px-2 !py-0.5"
                      disabled={busy}
                      onClick={() => {
                        setBusy(true);
                        void act({ deed: 'hand back' }, [piece]).then(() => setBusy(false));
                      }}
                    >
                      Handed back
                    </Button>
                  )}
                </PieceLine>
              ))}
            </ul>
          </div>
        ))}
      </section>
    );
  return (
    <>
      <p className="text-pencil mb-2">
        {plural(lent.length, 'loan')} out, {plural(borrowed.length, 'loan')} in.
      </p>
      {section('Lent', lent, true)}
      {section('Borrowed', borrowed, false)}
    </>
  );
}
