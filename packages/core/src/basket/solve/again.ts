import type { Decision } from '../decision/index.js';
import type { BasketPlan, Fill } from '../problem/index.js';
import type { ReducedMarket, UsableOffer } from '../reduce/index.js';

/**
 * As much of a plan as a market still allows: each offer as far as its stock goes, each need filled with what is still wanted and
 * there. What comes of it is a start; whether it is sound is for the pricing to say.
 */
export function decisionOf({ parcels, fills }: Pick<BasketPlan, 'parcels' | 'fills'>, market: ReducedMarket): Decision {
  const usable = new Map(market.offers.map((row) => [row.offer.id, row]));
  const bought = new Map<UsableOffer, number>();
  const left = new Map<string, number>([...market.owned].map(([variant, { quantity }]) => [keyOf(null, variant), quantity]));
  for (const { lines } of parcels)
    for (const { offer, quantity } of lines) {
      const row = usable.get(offer);
      if (!row) continue;
      const most = Math.min(row.most, Math.floor(quantity / row.offer.multiple) * row.offer.multiple);
      if (most <= 0) continue;
      bought.set(row, most);
      for (const { variant, quantity: each } of row.item.yields) {
        const key = keyOf(row.seller.id, variant);
        left.set(key, (left.get(key) ?? 0) + each * most);
      }
    }
  const wanted = new Map(market.needs.map((need) => [need.id, need.quantity]));
  const options = new Map(market.needs.map((need) => [need.id, new Set(need.options.map((option) => option.variant))]));
  const kept: Fill[] = [];
  for (const fill of fills) {
    if (!options.get(fill.need)?.has(fill.variant)) continue;
    const key = keyOf(fill.seller, fill.variant);
    const quantity = Math.min(fill.quantity, wanted.get(fill.need) ?? 0, left.get(key) ?? 0);
    if (quantity <= 0) continue;
    wanted.set(fill.need, (wanted.get(fill.need) ?? 0) - quantity);
    left.set(key, (left.get(key) ?? 0) - quantity);
    kept.push({ ...fill, quantity });
  }
  return { bought, fills: kept };
}

const keyOf = (seller: string | null, variant: string): string => JSON.stringify([seller, variant]);
