import { priceParcel, type BasketPlan, type Fill, type Parcel } from './plan.js';
import type { ReducedMarket, UsableOffer } from './market.js';

/** What was decided, before it is priced: quantities per offer and who fills what. */
export interface Decision {
  readonly bought: ReadonlyMap<UsableOffer, number>;
  readonly fills: readonly Fill[];
}

/** A priced decision. `faults` counts rules it breaks; a decision with none is a plan. */
export interface PricedDecision {
  readonly costMinor: number;
  readonly paidMinor: number;
  readonly parcels: readonly Parcel[];
  readonly fills: readonly Fill[];
  readonly short: BasketPlan['short'];
  readonly leftovers: BasketPlan['leftovers'];
  readonly faults: number;
}

/** Prices a decision with whole minor units and counts the rules it breaks. */
export function priceDecision(market: ReducedMarket, { bought, fills: units }: Decision): PricedDecision {
  const { problem } = market;
  const fills = mergedFills(units);
  let faults = 0;
  const parcels: Parcel[] = [];
  for (const seller of market.sellers) {
    const lines = [...bought]
      .filter(([usable, quantity]) => usable.seller.id === seller.id && quantity > 0)
      .map(([usable, quantity]) => ({ offer: usable.offer, quantity, weightG: usable.item.weightG }));
    if (lines.length === 0) continue;
    const parcel = priceParcel(seller, lines);
    if (parcel) parcels.push(parcel);
    else faults += 1;
  }
  const filled = new Map<string, number>();
  for (const fill of fills) filled.set(fill.need, (filled.get(fill.need) ?? 0) + fill.quantity);
  let extraMinor = 0;
  const short: { need: string; quantity: number }[] = [];
  for (const need of problem.needs) {
    const missing = need.quantity - (filled.get(need.id) ?? 0);
    if (missing <= 0) continue;
    short.push({ need: need.id, quantity: missing });
    if (need.shortCostMinor === null) faults += missing;
    else extraMinor += missing * need.shortCostMinor;
  }
  const needs = new Map(problem.needs.map((need) => [need.id, need]));
  for (const fill of fills) {
    const option = needs.get(fill.need)?.options.find((candidate) => candidate.variant === fill.variant);
    extraMinor +=
      fill.quantity * ((option?.penaltyMinor ?? 0) + (fill.from === 'owned' ? (market.owned.get(fill.variant)?.costMinor ?? 0) : 0));
  }
  const paidMinor = parcels.reduce(
    (all, parcel) => all + parcel.goodsMinor + parcel.postageMinor + parcel.handlingMinor + parcel.dutyMinor,
    0,
  );
  const { maxParcels, budgetMinor } = problem.rules;
  if (maxParcels !== null) faults += Math.max(0, parcels.length - maxParcels);
  if (budgetMinor !== null && paidMinor > budgetMinor) faults += 1;
  return { costMinor: paidMinor + extraMinor, paidMinor, parcels, fills, short, leftovers: leftoversOf(bought, fills), faults };
}

/** One row per need, variant and seller, however many lots it came in. */
function mergedFills(fills: readonly Fill[]): readonly Fill[] {
  const merged = new Map<string, Fill>();
  for (const fill of fills) {
    const key = JSON.stringify([fill.need, fill.variant, fill.seller]);
    merged.set(key, { ...fill, quantity: fill.quantity + (merged.get(key)?.quantity ?? 0) });
  }
  return [...merged.values()];
}

/** Bought units that fill nothing, by variant. */
function leftoversOf(bought: ReadonlyMap<UsableOffer, number>, fills: readonly Fill[]): BasketPlan['leftovers'] {
  const left = new Map<string, number>();
  for (const [usable, quantity] of bought)
    for (const { variant, quantity: each } of usable.item.yields) left.set(variant, (left.get(variant) ?? 0) + each * quantity);
  for (const fill of fills) if (fill.from === 'bought') left.set(fill.variant, (left.get(fill.variant) ?? 0) - fill.quantity);
  return [...left].filter(([, quantity]) => quantity > 0).map(([variant, quantity]) => ({ variant, quantity }));
}

/** A plan without any purchase, for when nothing can be done. */
export const emptyDecision: Decision = { bought: new Map(), fills: [] };
