import type { MarketIndex } from '../reduce/index.js';

/** The credit for leftovers is rounded once, half up: it may be half a minor unit more than it says. */
export const ROUNDING = 0.5;

/**
 * What owned pieces and resale take off the cost when every pooled unit of a variant has its multiplier: owned pieces are supplied where
 * they are worth more than the hole they leave, leftovers sold where they fetch more than they are worth. Corrects `slope`.
 *
 * @returns a cost, at most 0
 */
export function creditPooled(index: MarketIndex, multipliers: Float64Array, slope: Float64Array): number {
  let cost = 0;
  let rounding = 0;
  for (let v = 0; v < index.variants.length; v += 1) {
    const price = multipliers[v] ?? 0;
    const owned = index.ownedQuantity[v] ?? 0;
    const gain = price - (index.ownedCost[v] ?? 0);
    if (owned > 0 && gain > 0) {
      cost -= owned * gain;
      slope[v] = (slope[v] ?? 0) - owned;
    }
    const credit = (index.resaleCredit[v] ?? 0) - price;
    const upTo = index.resaleUpTo[v] ?? 0;
    if (upTo > 0) rounding = ROUNDING;
    if (upTo > 0 && credit > 0) {
      cost -= upTo * credit;
      slope[v] = (slope[v] ?? 0) + upTo;
    }
  }
  return cost - rounding;
}
