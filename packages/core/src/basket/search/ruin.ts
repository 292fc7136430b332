import type { WorkingPlan } from './workingPlan.js';

/** Takes every fill out of a need, and gives back what is bought and fills nothing any more. */
export function emptyNeed(plan: WorkingPlan, need: number): void {
  for (const [source, quantity] of plan.sourcesOf(need)) {
    plan.fill(need, source, -quantity);
    if (source >= 0) giveBack(plan, source);
  }
}

/** Closes a seller: whatever he filled is missing again. Returns those needs. */
export function closeSeller(plan: WorkingPlan, seller: number): readonly number[] {
  const { index } = plan;
  const touched: number[] = [];
  for (const shelf of index.sellerShelves[seller] ?? [])
    for (const need of index.variantNeeds[index.shelfVariant[shelf] ?? 0] ?? [])
      for (const [source, quantity] of plan.sourcesOf(need)) {
        if (source !== shelf) continue;
        plan.fill(need, source, -quantity);
        touched.push(need);
      }
  for (const offer of index.sellerOffers[seller] ?? []) {
    const quantity = plan.bought[offer] ?? 0;
    if (quantity > 0) plan.buy(offer, -quantity);
  }
  return touched;
}

/**
 * Lightens a parcel until a cheaper tier carries it: the units that are worth least above their price for their weight go first. Whatever
 * they filled is missing again. Returns those needs; none when no lighter tier is cheaper.
 *
 * @param worth what another unit of each variant is worth (see `recreate`)
 */
export function lightenParcel(plan: WorkingPlan, seller: number, worth: Float64Array, shelfPrice: Float64Array): readonly number[] {
  const { index } = plan;
  const limit = plan.terms[seller]?.cheaperBelow(plan.weight[seller] ?? 0) ?? null;
  if (limit === null) return [];
  const lots = (index.sellerShelves[seller] ?? []).flatMap((shelf) => {
    const variant = index.shelfVariant[shelf] ?? 0;
    const weight = index.offerWeight[index.shelfOffers[shelf]?.[0] ?? -1] ?? 0;
    const keeps = ((worth[variant] ?? 0) - (shelfPrice[shelf] ?? 0)) / Math.max(1, weight);
    return (index.variantNeeds[variant] ?? []).flatMap((need) =>
      plan.sourcesOf(need).flatMap(([source, quantity]) => (source === shelf ? [{ need, shelf, quantity, weight, keeps }] : [])),
    );
  });
  const touched: number[] = [];
  for (const { need, shelf, quantity, weight } of lots.sort((a, b) => a.keeps - b.keeps)) {
    const over = (plan.weight[seller] ?? 0) - limit;
    if (over <= 0) break;
    plan.fill(need, shelf, -Math.min(quantity, Math.ceil(over / Math.max(1, weight))));
    giveBack(plan, shelf);
    touched.push(need);
  }
  return touched;
}

/** Gives back lots on a shelf of which no unit is used, dearest first. */
export function giveBack(plan: WorkingPlan, shelf: number): void {
  const { index } = plan;
  const offers = index.shelfOffers[shelf] ?? [];
  for (let i = offers.length - 1; i >= 0; i -= 1) {
    const offer = offers[i] ?? 0;
    const lot = index.offerLot[offer] ?? 1;
    let lots = (plan.bought[offer] ?? 0) / lot;
    if (lots === 0) continue;
    for (const row of index.offerYields[offer] ?? []) {
      if ((index.variantNeeds[row.variant]?.length ?? 0) === 0) continue;
      lots = Math.min(lots, Math.floor((plan.spare[row.shelf] ?? 0) / (row.units * lot)));
    }
    if (lots > 0) plan.buy(offer, -lots * lot);
  }
}
