import { entryAt } from '../kernel/index.js';
import { type Condition, CONDITIONS } from '../catalogue/index.js';

/** What a price summary needs of an offer. Money in minor units of one currency. */
export interface SummedOffer {
  readonly seller: string;
  readonly priceMinor: number;
  readonly stock: number;
  readonly condition: Condition;
}

/** Prices of one item in one condition as they stand. Money in minor units. */
export interface PriceSummary {
  readonly offers: number;
  readonly sellers: number;
  readonly stock: number;
  readonly leastMinor: number;
  readonly lowerQuartileMinor: number;
  readonly medianMinor: number;
  readonly upperQuartileMinor: number;
  /** Mean weighted by what is in stock. */
  readonly meanMinor: number;
}

/**
 * A quantile of numbers in rising order, between neighbours by straight line (Hyndman and Fan, *Sample quantiles in
 * statistical packages*, 1996, type 7). `share` from 0 to 1. NaN of nothing.
 */
export function quantile(sorted: readonly number[], share: number): number {
  const at = (sorted.length - 1) * share;
  const below = sorted[Math.floor(at)] ?? NaN;
  const above = sorted[Math.ceil(at)] ?? below;
  return below + (above - below) * (at - Math.floor(at));
}

/** Sums up offers that have stock: lowest, quartiles over offers and mean weighted by stock, in minor units; null when there are none. */
export function summarise(offers: readonly SummedOffer[]): PriceSummary | null {
  const open = offers.filter((offer) => offer.stock > 0);
  if (open.length === 0) return null;
  const prices = open.map((offer) => offer.priceMinor).sort((a, b) => a - b);
  const stock = open.reduce((all, offer) => all + offer.stock, 0);
  return {
    offers: open.length,
    sellers: new Set(open.map((offer) => offer.seller)).size,
    stock,
    leastMinor: entryAt(prices, 0),
    lowerQuartileMinor: Math.round(quantile(prices, 0.25)),
    medianMinor: Math.round(quantile(prices, 0.5)),
    upperQuartileMinor: Math.round(quantile(prices, 0.75)),
    meanMinor: Math.round(open.reduce((all, offer) => all + offer.priceMinor * offer.stock, 0) / stock),
  };
}

/** One summary a condition, best first; conditions nobody offers are left out. */
export function summariseByCondition(
  offers: readonly SummedOffer[],
): readonly { readonly condition: Condition; readonly summary: PriceSummary }[] {
  return CONDITIONS.flatMap((condition) => {
    const summary = summarise(offers.filter((offer) => offer.condition === condition));
    return summary ? [{ condition, summary }] : [];
  });
}
