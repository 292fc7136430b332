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
