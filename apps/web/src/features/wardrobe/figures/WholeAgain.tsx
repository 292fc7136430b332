import { money } from '@outfit/core';
import { useReadWholeAgainQuery } from '@/api';
import { plural } from '@/ui';
import { useWorkspace } from '@/workspace';

/**
 * What it costs to make a whole figure whole, or all of them: what the errand for just these holes would pay. Where there are too many holes
 * for one errand, about what their parts cost one by one.
 */
export function WholeAgain({ figure, aboutMinor }: { readonly figure?: string; readonly aboutMinor: number }) {
  const { currency } = useWorkspace();
  const { currentData } = useReadWholeAgainQuery(figure === undefined ? {} : { figure });
  if (!currentData) return <>…</>;
  const [answer] = currentData;
  if (!answer) return <>about {money(aboutMinor, currency)}</>;
  const { paidMinor, buys, free, unsold, isProven } = answer;
  return (
    <>
      {!isProven && 'about '}
      {money(paidMinor, currency)}
      {buys > 0 && ` for ${plural(buys, 'part')}`}
      {free > 0 && `, ${plural(free, 'part')} lying free`}
      {unsold > 0 && `, ${plural(unsold, 'part')} not sold`}
    </>
  );
}
