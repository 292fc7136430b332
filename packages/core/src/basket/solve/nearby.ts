import type { OpeningLosses } from '../bound/index.js';
import type { Found } from '../decision/index.js';
import { type ReducedMarket, withoutSellers } from '../reduce/index.js';

/** Sellers looked at besides those of the best plan: the ones that the bound would soonest open. */
const BESIDE = 30;

/**
 * The market near a plan: its own sellers, and those that may most likely replace one of them. An exact model of it is small enough to be
 * searched well (local branching, Fischetti and Lodi 2003, with the neighbourhood drawn by sellers); it proves nothing of the whole.
 */
export function marketNear(market: ReducedMarket, { priced }: Found, { losses }: OpeningLosses): ReducedMarket {
  const used = new Set(priced.parcels.map((parcel) => parcel.seller));
  const others = [...market.sellers.keys()].filter((s) => !used.has(market.sellers[s]?.id ?? ''));
  const far = others.sort((a, b) => (losses[a] ?? 0) - (losses[b] ?? 0) || a - b).slice(BESIDE);
  return withoutSellers(market, new Set(far));
}
