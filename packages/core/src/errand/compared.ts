import { SHORT_COST_MINOR } from '../basket/fromLook.js';
import type { BasketPlan } from '../basket/plan.js';

/** A plan against buying each part at its cheapest: money saved, or parts that way would leave unfilled. */
export type AgainstEach = { readonly kind: 'saves'; readonly minor: number } | { readonly kind: 'fills more'; readonly parts: number };

/** Null when nothing can be had by buying each part at its cheapest. What is left short costs the same in both. */
export function againstEach({ costMinor, compared }: BasketPlan): AgainstEach | null {
  if (compared.cheapestEachMinor === null) return null;
  const minor = compared.cheapestEachMinor - costMinor;
  const parts = Math.round(minor / SHORT_COST_MINOR);
  return parts > 0 ? { kind: 'fills more', parts } : { kind: 'saves', minor };
}
