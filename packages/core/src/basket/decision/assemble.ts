import {
  type BasketPlan,
  type Fill,
  mostThatStand,
  type Offer,
  type Parcel,
  priceParcel,
  type Seller,
  unitsByName,
  worthOf,
} from '../problem/index.js';
import type { ReducedMarket, UsableOffer } from '../reduce/index.js';

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
  readonly standing: BasketPlan['standing'];
  readonly standingWorth: number;
  readonly leftovers: BasketPlan['leftovers'];
  readonly faults: number;
}

/** A decision and what it comes to. */
export interface Found {
  readonly decision: Decision;
  readonly priced: PricedDecision;
}

/** Prices a decision with whole minor units and counts the rules it breaks. */
export function priceDecision(market: ReducedMarket, { bought, fills: units }: Decision): PricedDecision {
  const { problem } = market;
  const fills = mergedFills(units);
  let faults = 0;
  const parcels: Parcel[] = [];
  for (const [seller, lines] of linesBySeller(bought)) {
    const parcel = priceParcel(seller, lines);
    if (parcel) parcels.push(parcel);
    else faults += 1;
  }
  const filled = new Map<string, number>();
  for (const fill of fills) filled.set(fill.need, (filled.get(fill.need) ?? 0) + fill.quantity);
  let extraMinor = 0;
  const short: { need: string; quantity: number }[] = [];
  for (const need of market.needs) {
    const missing = need.quantity - (filled.get(need.id) ?? 0);
    if (missing <= 0) continue;
    short.push({ need: need.id, quantity: missing });
    if (need.shortCostMinor === null) faults += missing;
    else extraMinor += missing * need.shortCostMinor;
  }
  const needs = new Map(market.needs.map((need) => [need.id, need]));
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
  const leftovers = leftoversOf(bought, fills);
  const standing = mostThatStand(
    problem.wholes,
    unitsByName(market.needs, (need) => filled.get(need.id) ?? 0),
  );
  return {
    costMinor: paidMinor + extraMinor - creditFor(leftovers, market),
    paidMinor,
    parcels,
    fills,
    short,
    standing,
    standingWorth: worthOf(standing, problem.wholes),
    leftovers,
    faults,
  };
}

/** What the leftovers are credited with, in minor units, rounded half up. */
function creditFor(leftovers: BasketPlan['leftovers'], { resale, problem }: ReducedMarket): number {
  let fetched = 0;
  for (const { variant, quantity } of leftovers) {
    const row = resale.get(variant);
    if (row) fetched += Math.min(quantity, row.upTo) * row.valueMinor;
  }
  return Math.floor(problem.rules.resaleShare * fetched + 0.5);
}

/** What is bought from each seller, sellers in order of their ids and lines in order of their offers'. */
function linesBySeller(bought: Decision['bought']) {
  const groups = new Map<Seller, { offer: Offer; quantity: number; weightG: number }[]>();
  const rows = [...bought].filter(([, quantity]) => quantity > 0);
  rows.sort(([a], [b]) => compare(a.seller.id, b.seller.id) || compare(a.offer.id, b.offer.id));
  for (const [usable, quantity] of rows) {
    const line = { offer: usable.offer, quantity, weightG: usable.item.weightG };
    const group = groups.get(usable.seller);
    if (group) group.push(line);
    else groups.set(usable.seller, [line]);
  }
  return groups;
}

const compare = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** One row per need, variant and seller, however many lots it came in; in order of their names. */
function mergedFills(fills: readonly Fill[]): readonly Fill[] {
  const merged = new Map<string, Fill>();
  for (const fill of fills) {
    const key = JSON.stringify([fill.need, fill.variant, fill.seller]);
    merged.set(key, { ...fill, quantity: fill.quantity + (merged.get(key)?.quantity ?? 0) });
  }
  return [...merged].sort(([a], [b]) => compare(a, b)).map(([, fill]) => fill);
}

/** Bought units that fill nothing, by variant. */
function leftoversOf(bought: ReadonlyMap<UsableOffer, number>, fills: readonly Fill[]): BasketPlan['leftovers'] {
  const left = new Map<string, number>();
  for (const [usable, quantity] of bought)
    for (const { variant, quantity: each } of usable.item.yields) left.set(variant, (left.get(variant) ?? 0) + each * quantity);
  for (const fill of fills) if (fill.from === 'bought') left.set(fill.variant, (left.get(fill.variant) ?? 0) - fill.quantity);
  return [...left]
    .filter(([, quantity]) => quantity > 0)
    .map(([variant, quantity]) => ({ variant, quantity }))
    .sort((a, b) => compare(a.variant, b.variant));
}

/** A decision made in a market with other limits, as one of the market whose offers these are, by their ids. */
export function decisionIn(offers: ReadonlyMap<string, UsableOffer>, { bought, fills }: Decision): Decision {
  return { fills, bought: new Map([...bought].map(([usable, quantity]) => [offers.get(usable.offer.id) ?? usable, quantity])) };
}

/** A plan without any purchase, for when nothing can be done. */
export const emptyDecision: Decision = { bought: new Map(), fills: [] };
