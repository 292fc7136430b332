import { ShoppingBasket } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { type DonorDto, useListDonorsQuery } from '@/api';
import { Empty, plural, useAddress } from '@/ui';
import { DonorPanel } from './DonorPanel';
import { DonorPicture } from './DonorPicture';
import { WholeAgain } from './WholeAgain';
import { useDonorPrices } from './useDonorPrices';

const NONE: readonly DonorDto[] = [];
const PX_PER_MM = 2.6;

/** Owned whole figures standing where they stand, each with what is on it and what lacks. */
export function FiguresView() {
  const { data: donors = NONE, isLoading } = useListDonorsQuery();
  const [params, changeAddress] = useAddress();
  const open = donors.find((donor) => donor.id === params.get('figure')) ?? null;
  const prices = useDonorPrices(donors);
  const shelves = useMemo(() => byPlace(donors), [donors]);
  const holed = donors.filter((donor) => donor.holes.length > 0);
  const all = prices.holes({ holes: holed.flatMap((donor) => donor.holes) });
  const choose = (id: string | null): void => changeAddress((next) => (id === null ? next.delete('figure') : next.set('figure', id)));
  /** The figure is gone; another that was opened meanwhile stays open. */
  const putAway = (id: string): void => changeAddress((next) => next.get('figure') === id && next.delete('figure'));
  return (
    <div
      className={`grid min-h-0 flex-1 max-sm:flex max-sm:flex-col ${open ? 'grid-cols-[minmax(0,1fr)_21rem]' : 'grid-cols-[minmax(0,1fr)]'}`}
    >
      <div className="dotted min-h-0 overflow-auto px-5 py-3">
        {!isLoading && donors.length === 0 && (
          <Empty title="No whole figures">
            <p>Add a set, and its figures stand here with what is on them. Parts that come off leave a hole that has its price.</p>
          </Empty>
        )}
        {holed.length > 0 && (
          <p className="mb-2 flex flex-wrap items-baseline gap-x-4 gap-y-1">
            <span>
              {plural(holed.length, 'figure')} with holes. To make all whole:{' '}
              <b data-testid="all-whole">
                <WholeAgain aboutMinor={all.minor} />
              </b>
            </span>
            <Link to="/wardrobe/errand" className="text-lagoon inline-flex items-center gap-1 underline">
              <ShoppingBasket size={16} strokeWidth={1.75} /> Plan one errand for all of it
            </Link>
          </p>
        )}
        {shelves.map(([place, standing]) => (
          <section key={place} aria-label={place || 'No place yet'} className="mb-4">
            <h2 className="text-[1rem]">
              {place || 'No place yet'} <span className="text-pencil font-mono text-[0.87rem] font-normal">{standing.length}</span>
            </h2>
            <ul className="border-ink/60 flex flex-wrap items-end gap-x-1 border-b-2">
              {standing.map((donor) => (
                <li key={donor.id}>
                  <button
                    type="button"
                    aria-pressed={donor.id === open?.id}
                    onClick={() => choose(donor.id === open?.id ? null : donor.id)}
                    className={`flex w-27 flex-col items-center px-1 pt-1 text-center ${donor.id === open?.id ? 'bg-lagoon/10 outline-lagoon outline-1' : 'hover:bg-sheet'}`}
                  >
                    <span className="w-full truncate text-[0.87rem]">{donor.name}</span>
                    <span className={`text-[0.8rem] ${donor.holes.length > 0 ? 'text-saffron' : 'text-pencil'}`}>
                      {donor.keepWhole ? 'kept whole' : donor.holes.length === 0 ? 'whole' : plural(donor.holes.length, 'hole')}
                    </span>
                    <DonorPicture donor={donor} pxPerMm={PX_PER_MM} />
                  </button>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
      {open && <DonorPanel key={open.id} donor={open} donors={donors} prices={prices} onGone={() => putAway(open.id)} />}
    </div>
  );
}

function byPlace(donors: readonly DonorDto[]): readonly (readonly [string, readonly DonorDto[]])[] {
  const places = new Map<string, DonorDto[]>();
  for (const donor of donors) places.set(donor.place, [...(places.get(donor.place) ?? []), donor]);
  return [...places];
}
