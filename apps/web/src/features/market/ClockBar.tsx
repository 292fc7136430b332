import { useState } from 'react';
import { useAdvanceMarketMutation, useReadMarketClockQuery } from '@/api';
import { attempt, Button, longDay, plural, Sheet, tell } from '@/ui';

/** The day the simulated market has reached, and the way on: by a day, or by a month. */
export function ClockBar() {
  const { data: clock } = useReadMarketClockQuery();
  const [advance, { isLoading }] = useAdvanceMarketMutation();
  const [open, setOpen] = useState(false);
  if (!clock) return null;
  const go = async (days: number): Promise<void> => {
    const gone = await attempt(advance({ advanceDto: { days } }).unwrap());
    if (!gone) return;
    const { day, told } = gone;
    tell.success(
      `It is ${longDay(day)} in the market.${told.length > 0 ? ` ${plural(told.length, 'watch', 'watches')} told something.` : ''}`,
    );
  };
  return (
    <div className="flex items-center gap-2" role="group" aria-label="Day of the market">
      <span className="text-pencil">
        as of <span data-testid="market-day">{longDay(clock.day)}</span>
      </span>
      {clock.isSimulated && (
        <>
          <Button disabled={isLoading} onClick={() => void go(1)}>
            On by a day
          </Button>
          <Button disabled={isLoading} onClick={() => void go(30)}>
            On by a month
          </Button>
          {isLoading && (
            <span role="status" className="text-pencil">
              The days go by…
            </span>
          )}
        </>
      )}
      {clock.news.length > 0 && (
        <Sheet title="News of the market" open={open} onOpenChange={setOpen} trigger={<Button tone="quiet">News</Button>}>
          <ul className="mt-3 space-y-1.5">
            {clock.news.map((item) => (
              <li key={item.id}>
                <span className="text-pencil">{longDay(item.day)}:</span> {item.text}
              </li>
            ))}
          </ul>
        </Sheet>
      )}
    </div>
  );
}
