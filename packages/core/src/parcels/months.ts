/** A sum for one month and one seller, in minor units. */
export interface MonthSum {
  /** Such as 2026-11. */
  readonly month: string;
  readonly seller: string;
  readonly minor: number;
}

/** What was spent by month and seller, the earliest month first; of a month the dearest seller first. */
export function spentByMonth(
  parcels: readonly { readonly orderedOn: string; readonly seller: string; readonly minor: number }[],
): readonly MonthSum[] {
  const sums = new Map<string, MonthSum>();
  for (const { orderedOn, seller, minor } of parcels) {
    const month = orderedOn.slice(0, 7);
    const key = `${month} ${seller}`;
    sums.set(key, { month, seller, minor: minor + (sums.get(key)?.minor ?? 0) });
  }
  return [...sums.values()].sort((a, b) =>
    a.month < b.month ? -1 : a.month > b.month ? 1 : b.minor - a.minor || (a.seller < b.seller ? -1 : 1),
  );
}
