import { Link } from 'react-router';
import { type PieceDto, type RunPromisesDto, useReadRunPromisesQuery } from '@/api';
import { FigurePicture, toPrices } from '@/parts';
import { Button, plural } from '@/ui';
import { chosenLookOf, priceWords, useFigure, useWorkspace } from '@/workspace';
import { shortFigure, toClaimant, usePins, orderWords, shortWords } from '../sorting';

const MOST_PICTURED = 3;

/** What the pieces of a run are doing: free, promised to whom; who else wants the part, and what would end a clash. */
export function Doing({ piece }: { readonly piece: PieceDto }) {
  const { data } = useReadRunPromisesQuery({ id: piece.id });
  if (!data) return null;
  const { free, given, clash, contenders } = data;
  return (
    <section aria-label="What it is doing" className="space-y-2 text-[0.93rem]">
      <ul>
        {given.map((row) => (
          <li key={row.figure} className="flex items-baseline gap-2">
            <span className="min-w-0 flex-1">
              <span className="font-mono">{row.quantity}</span> for{' '}
              <Link to={toClaimant(row.figure)} className="underline">
                {row.name}
              </Link>
              {row.isPinned && ', kept for it'}
            </span>
            {row.isPinned && <LetGo piece={piece} figure={row.figure} />}
          </li>
        ))}
        {free > 0 && <li className="text-moss">{plural(free, 'piece')} free</li>}
      </ul>
      {clash && <Clash clash={clash} piece={piece} />}
      {contenders.length > 0 && (
        <div>
          <ul className="flex items-end gap-2">
            {contenders.slice(0, MOST_PICTURED).map((row) => (
              <Wanting key={row.figure} figure={row.figure} name={row.name} isServed={row.gets > 0} />
            ))}
          </ul>
          <p className="text-pencil text-[0.87rem]">{contenders.length === 1 ? 'who wants it' : `${contenders.length} figures want it`}</p>
        </div>
      )}
    </section>
  );
}

function LetGo({ piece, figure }: { readonly piece: PieceDto; readonly figure: string }) {
  const pin = usePins();
  return (
    <Button tone="quiet" className="!px-1 !py-0" onClick={() => void pin({ id: piece.id, figure, quantity: 0 })}>
      Let go
    </Button>
  );
}

function Clash({ clash, piece }: { readonly clash: NonNullable<RunPromisesDto['clash']>; readonly piece: PieceDto }) {
  const { prices, currency } = useWorkspace();
  const pin = usePins();
  const price = prices.get(clash.variant);
  const first = shortFigure(clash.contenders);
  return (
    <div className="border-l-madder border-l-[3px] pl-2.5">
      <p className="text-madder font-semibold">{shortWords(clash)}</p>
      <p>
        {orderWords(clash.contenders)} {price ? `One more is ${priceWords(price, currency)}, landed.` : 'Nobody sells another.'}
      </p>
      <p className="mt-1 flex flex-wrap gap-1.5">
        <Link to={toPrices('variant', clash.variant)} className="border-rule rounded-cut hover:border-pencil bg-sheet border px-2 py-0.5">
          Buy one
        </Link>
        {first && (
          <Button className="!px-2 !py-0.5" onClick={() => void pin({ id: piece.id, figure: first.figure, quantity: 1 })}>
            Keep one for {first.name}
          </Button>
        )}
        {first && (
          <Link to={`/figures/${first.figure}/fitting`} className="border-rule rounded-cut hover:border-pencil bg-sheet border px-2 py-0.5">
            Would do…
          </Link>
        )}
      </p>
    </div>
  );
}

/** A figure that wants a part, small; pale where it goes without. */
function Wanting({ figure, name, isServed }: { readonly figure: string; readonly name: string; readonly isServed: boolean }) {
  const { catalogue } = useWorkspace();
  const known = useFigure(figure);
  return (
    <li title={name} className={isServed ? '' : 'opacity-50'}>
      <Link to={toClaimant(figure)} aria-label={name}>
        {known ? (
          <FigurePicture look={chosenLookOf(known)} catalogue={catalogue} pxPerMm={1.9} label="" />
        ) : (
          <span className="bg-paper block h-20 w-12" />
        )}
      </Link>
    </li>
  );
}
