import { Link } from 'react-router';
import { useListNoticesQuery, usePutAwayNoticeMutation } from '@/api';
import { Button, longDay } from '@/ui';

/** What the planner of a figure is told: an imagined part exists by now. Stays until it is put away. */
export function Notices({ figure }: { readonly figure: string }) {
  const { data: notices = [] } = useListNoticesQuery();
  const [putAway] = usePutAwayNoticeMutation();
  const own = notices.filter((notice) => notice.figure === figure);
  if (own.length === 0) return null;
  return (
    <ul aria-label="Notices" className="mt-2 space-y-2">
      {own.map((notice) => (
        <li key={notice.id} className="border-moss bg-paper border-l-[3px] px-2.5 py-1.5 text-[0.93rem]">
          <p>{notice.text}</p>
          <p className="text-pencil flex items-center gap-2 text-[0.87rem]">
            {longDay(notice.at)}
            <Link to={`/catalogue/variants/${encodeURIComponent(notice.variant)}`} className="text-lagoon underline">
              See the part
            </Link>
            <Button tone="quiet" className="ml-auto !px-1 !py-0" onClick={() => void putAway({ id: notice.id })}>
              Put away
            </Button>
          </p>
        </li>
      ))}
    </ul>
  );
}
