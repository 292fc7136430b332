/** So many pieces of a lot that a figure has or gets. */
export interface LotShare {
  readonly figure: string;
  readonly lot: number;
  readonly quantity: number;
}

/** What the pieces of a figure really cost: those whose price is known together, and how many others there are. */
export interface RealCost {
  readonly costMinor: number;
  readonly priced: number;
  readonly unpriced: number;
}

/**
 * What the pieces of figures really cost. The pieces of a lot are dealt out one by one in the order of who gets them, each with its own landed
 * cost, so that nothing is counted twice and a lot that is all dealt out sums to what was paid for it, to the cent.
 *
 * @param costs what each piece of a lot cost, in minor units; a lot that is not there has no known price
 * For example: three pieces at 34, 33, 33 of which one figure gets two gives 67, and 33 is left for the next.
 */
export function realCosts(shares: readonly LotShare[], costs: ReadonlyMap<number, readonly number[]>): ReadonlyMap<string, RealCost> {
  const dealt = new Map<number, number>();
  const figures = new Map<string, RealCost>();
  for (const { figure, lot, quantity } of shares) {
    const own = costs.get(lot) ?? [];
    const from = dealt.get(lot) ?? 0;
    dealt.set(lot, from + quantity);
    const pieces = own.slice(from, from + quantity);
    const before = figures.get(figure) ?? { costMinor: 0, priced: 0, unpriced: 0 };
    figures.set(figure, {
      costMinor: pieces.reduce((all, minor) => all + minor, before.costMinor),
      priced: before.priced + pieces.length,
      unpriced: before.unpriced + quantity - pieces.length,
    });
  }
  return figures;
}
