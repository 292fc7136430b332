/** What a budget buys: so many points of likeness for so much money, and which changes that takes. */
export interface CurvePoint {
  readonly spentMinor: number;
  readonly gained: number;
  readonly figures: readonly string[];
}

interface Priced {
  readonly id: string;
  readonly likenessGain: number;
  readonly costMinor: number | null;
}

/**
 * The curve of what a budget buys over a line-up, one change a figure: those that cost nothing first, then always the one that gains most
 * for its money. At each of its points no other choice of changes gains more for the same money or less (the greedy bound of the knapsack,
 * Dantzig 1957); between them it is a guide. Changes that gain nothing, or that nobody sells, are left out.
 */
export function budgetCurve(fixes: readonly Priced[]): readonly CurvePoint[] {
  const bought = fixes
    .flatMap(({ id, likenessGain, costMinor }) =>
      costMinor === null || likenessGain <= 0 ? [] : [{ id, gain: likenessGain, cost: Math.max(0, costMinor) }],
    )
    .sort((a, b) => b.gain * a.cost - a.gain * b.cost || b.gain - a.gain || (a.id < b.id ? -1 : 1));
  const free = bought.filter(({ cost }) => cost === 0);
  const points: CurvePoint[] = [
    { spentMinor: 0, gained: free.reduce((all, { gain }) => all + gain, 0), figures: free.map(({ id }) => id) },
  ];
  for (const { id, gain, cost } of bought.filter((fix) => fix.cost > 0)) {
    const last = points.at(-1);
    points.push({
      spentMinor: (last?.spentMinor ?? 0) + cost,
      gained: (last?.gained ?? 0) + gain,
      figures: [...(last?.figures ?? []), id],
    });
  }
  return points;
}
