import type { BasketPlan } from '../basket/index.js';

/** A plan against buying each part at its cheapest: money saved, or parts that way would leave unfilled. */
export type AgainstEach = { readonly kind: 'saves'; readonly minor: number } | { readonly kind: 'fills more'; readonly parts: number };

/**
 * What a plan gains on buying each part at its cheapest, in money that would be paid. Null when nothing can be had that way, and where the plan
 * keeps rules that that way does not and gets less for it, or pays as much: nothing is saved then.
 */
export function againstEach({ paidMinor, compared }: Pick<BasketPlan, 'paidMinor' | 'compared'>): AgainstEach | null {
  const { cheapestEachMinor: each, cheapestEachLacks: parts } = compared;
  if (parts !== null && parts > 0) return { kind: 'fills more', parts };
  return each !== null && each > paidMinor ? { kind: 'saves', minor: each - paidMinor } : null;
}
