import { Link } from 'react-router';
import { useListDeadlinesQuery } from '@/api';
import { longDay, plural } from '@/ui';

/** So many are named; the rest wait until these are ordered. */
const MOST_NAMED = 4;

/** Figures with a day to be there by that lack something: the last day to order it, by the days its sellers take. */
export function Deadlines() {
  const { data = [] } = useListDeadlinesQuery();
  if (data.length === 0) return null;
  return (
    <section
      aria-label="Last days to order"
      className="border-rule bg-sheet flex flex-wrap items-baseline gap-x-5 gap-y-0.5 border-b px-5 py-1.5 text-[0.93rem]"
    >
      <h2 className="text-[1rem]">Order by</h2>
      {data.slice(0, MOST_NAMED).map((row) => (
        <span key={row.figure} title={`To be there on ${longDay(row.dueOn)}`}>
          <b className={row.isPast ? 'text-madder' : ''}>{longDay(row.latestOn)}</b>{' '}
          <Link to={`/figures/${row.figure}/errand`} className="text-lagoon underline">
            {row.name}
          </Link>
          <span className="text-pencil">, {plural(row.toBuy, 'piece')} to buy</span>
        </span>
      ))}
      {data.length > MOST_NAMED && <span className="text-pencil">and {data.length - MOST_NAMED} more</span>}
    </section>
  );
}
