import { Bell, X } from 'lucide-react';
import { useEndWatchMutation, useListWatchesQuery, usePutAwayWatchNoticeMutation } from '@/api';
import { longDay } from '@/ui';
import { NewColourWatch } from './NewColourWatch';

/** What was told, newest first, and what is watched for. */
export function WatchPanel() {
  const { data } = useListWatchesQuery();
  const [putAway] = usePutAwayWatchNoticeMutation();
  const [end] = useEndWatchMutation();
  return (
    <aside aria-label="Watches" className="border-rule bg-sheet min-h-0 overflow-auto border p-3 max-lg:hidden">
      <h2 className="flex items-center gap-1.5 text-[1.07rem]">
        <Bell size={16} strokeWidth={1.75} aria-hidden="true" /> Watches
      </h2>
      {data && data.notices.length > 0 && (
        <ul aria-label="Told" className="mt-2 space-y-2">
          {data.notices.map((notice) => (
            <li key={notice.id} className="border-saffron bg-paper flex gap-2 border-l-[3px] px-2 py-1.5">
              <span className="flex-1 text-[0.93rem]">
                {notice.text} <span className="text-pencil block text-[0.8rem]">{longDay(notice.day)}</span>
              </span>
              <button type="button" aria-label={`Put away: ${notice.text}`} onClick={() => void putAway({ id: notice.id })}>
                <X size={16} strokeWidth={1.75} />
              </button>
            </li>
          ))}
        </ul>
      )}
      <p className="text-pencil mt-3 text-[0.87rem]">Tell me</p>
      <ul aria-label="Watched for" className="mt-1 divide-y">
        {data?.watches.map((watch) => (
          <li key={watch.id} className="border-rule flex gap-2 py-1.5 text-[0.93rem]">
            <span className="flex-1">{watch.words}</span>
            <button type="button" aria-label={`End the watch ${watch.words}`} onClick={() => void end({ id: watch.id })}>
              <X size={16} strokeWidth={1.75} />
            </button>
          </li>
        ))}
      </ul>
      {data?.watches.length === 0 && (
        <p className="text-pencil text-[0.87rem]">
          Nothing yet. Open an item’s prices to be told when it is cheap, in stock, or better had another way.
        </p>
      )}
      <NewColourWatch />
    </aside>
  );
}
