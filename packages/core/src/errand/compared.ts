import type { BasketPlan } from '../basket/index.js';
import { SHORT_COST_MINOR } from './problem.js';

/** A plan against buying each part at its cheapest: money saved, or parts that way would leave unfilled. */
export type AgainstEach = { readonly kind: 'saves'; readonly minor: number } | { readonly kind: 'fills more'; readonly parts: number };

/**
 * What a plan gains on buying each part at its cheapest. Null when nothing can be had that way. What is left short costs the same in
 * both; when that way leaves more short, the gain is told in parts and not in money nobody would pay. Null too where the plan keeps rules
 * that that way does not and gets less for it, or pays as much: nothing is saved then.
 */
export function againstEach({ costMinor, compared }: Pick<BasketPlan, 'costMinor' | 'compared'>): AgainstEach | null {
  if (compared.cheapestEachMinor === null) return null;
  const minor = compared.cheapestEachMinor - costMinor;
  const parts = Math.round(minor / SHORT_COST_MINOR);
  if (parts > 0) return { kind: 'fills more', parts };
  return parts === 0 && minor > 0 ? { kind: 'saves', minor } : null;
}
