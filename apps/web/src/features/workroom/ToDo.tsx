import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { type ToDoDto, useReadToDoQuery } from '@/api';
import { plural } from '@/ui';

/** Of each kind, so many are named; the rest are counted. */
const MOST_NAMED = 3;

/** What waits for somebody's hands: on the bench, ready to build, late, here and not put away, to confirm. Nothing when nothing does. */
export function ToDo() {
  const { data } = useReadToDoQuery();
  const rows = data ? rowsOf(data) : [];
  if (rows.length === 0) return null;
  return (
    <section aria-label="To do now" className="border-rule bg-sheet mt-3 flex flex-wrap items-baseline gap-x-6 gap-y-1 border px-4 py-2">
      <h2 className="text-[1rem]">To do now</h2>
      <dl className="contents text-[0.93rem]">
        {rows.map(({ what, links, to }) => (
          <div key={what} className="min-w-0">
            <dt className="text-pencil text-[0.87rem]">
              <Link to={to} className="hover:text-lagoon">
                {what}
              </Link>
            </dt>
            <dd className="flex flex-wrap gap-x-3">{links}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

interface ToDoRow {
  readonly what: string;
  readonly to: string;
  readonly links: ReactNode;
}

function rowsOf({ onBench, ready, late, toPutAway, toConfirm }: ToDoDto): readonly ToDoRow[] {
  const named = (rows: readonly { readonly id: string; readonly name: string; readonly to: string }[], rest: string): ReactNode => (
    <>
      {rows.slice(0, MOST_NAMED).map((row) => (
        <Link key={row.id} to={row.to} className="text-lagoon underline">
          {row.name}
        </Link>
      ))}
      {rows.length > MOST_NAMED && <Link to={rest}>and {rows.length - MOST_NAMED} more</Link>}
    </>
  );
  const parcels = (rows: ToDoDto['late']): ReactNode =>
    named(
      rows.map(({ id, name }) => ({ id, name, to: `/parcels?parcel=${id}` })),
      '/parcels',
    );
  const all: readonly (ToDoRow & { readonly isThere: boolean })[] = [
    {
      ...{ what: 'Late', to: '/parcels', isThere: late.length > 0, links: parcels(late) },
    },
    {
      ...{ what: 'Here, to put away', to: '/parcels', isThere: toPutAway.length > 0, links: parcels(toPutAway) },
    },
    {
      ...{ what: 'On the bench', to: '/bench', isThere: onBench.length > 0 },
      links: named(
        onBench.map(({ id, title, figures, done, steps }) => ({
          id,
          name: `${title}, step ${Math.min(done + 1, steps)} of ${steps}`,
          to: `/figures/${figures[0]?.figure ?? ''}/bench/${id}`,
        })),
        '/bench',
      ),
    },
    {
      ...{ what: 'Ready to build', to: '/bench', isThere: ready.length > 0 },
      links: named(
        ready.map(({ figure, name, copies, canBuild }) => ({
          id: figure,
          name: copies > 1 ? `${canBuild} × ${name}` : name,
          to: `/figures/${figure}/bench`,
        })),
        '/bench',
      ),
    },
    {
      ...{ what: 'To confirm', to: '/wardrobe?show=sort-out', isThere: toConfirm > 0 },
      links: (
        <Link to="/wardrobe?show=sort-out" className="text-lagoon underline">
          {plural(toConfirm, 'run')} of pieces only thought to be there
        </Link>
      ),
    },
  ];
  return all.filter((row) => row.isThere);
}
