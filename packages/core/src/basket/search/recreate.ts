import type { MarketIndex } from '../reduce/index.js';
import type { WorkingPlan } from './workingPlan.js';

/** How missing units are filled: what a variant is worth to others, whom not to buy from, whose opening is already paid. */
export interface RecreateOptions {
  /** What another unit of a variant is worth, in minor units: a bundle is credited with it for its other pieces. */
  readonly worth: Float64Array;
  /** The least price of a unit on each shelf, with that worth (`shelfPrices`). */
  readonly shelfPrice: Float64Array;
  /** 1 for each seller nothing may be bought from. */
  readonly shunned: Uint8Array;
  /** A seller whose units cost their goods alone, so that none of them carries the postage they all share; -1 for none. */
  readonly invited: number;
  /** Leave postage and fees out of sight and look at prices alone. */
  readonly byPriceAlone?: boolean;
}

interface Choice {
  readonly kind: 'owned' | 'spare' | 'offer';
  /** Variant, shelf or offer. */
  readonly which: number;
  readonly shelf: number;
  readonly quantity: number;
  readonly unitCost: number;
}

/** Fills what the needs given still miss, one after another, each time at the least cost per unit as the plan stands. */
export function recreate(plan: WorkingPlan, needs: Iterable<number>, options: RecreateOptions): void {
  const { index } = plan;
  for (const need of needs) {
    for (let guard = 0; (plan.missing[need] ?? 0) > 0 && guard < 64; guard += 1) {
      const choice = cheapest(plan, index, need, options);
      const short = index.needShort[need] ?? Infinity;
      if (!choice || choice.unitCost > short) break;
      if (choice.kind === 'owned') plan.fillFromOwned(need, choice.which, choice.quantity);
      else {
        if (choice.kind === 'offer') plan.buy(choice.which, lotsFor(index, choice.which, choice.shelf, choice.quantity));
        plan.fill(need, choice.shelf, Math.min(choice.quantity, plan.spare[choice.shelf] ?? 0));
      }
    }
  }
}

/** Units of an offer, in whole lots, that put at least so many on a shelf. */
function lotsFor(index: MarketIndex, offer: number, shelf: number, units: number): number {
  const lot = index.offerLot[offer] ?? 1;
  const each = index.offerYields[offer]?.find((row) => row.shelf === shelf)?.units ?? 1;
  return Math.ceil(units / (each * lot)) * lot;
}

function cheapest(plan: WorkingPlan, index: MarketIndex, need: number, options: RecreateOptions): Choice | null {
  const missing = plan.missing[need] ?? 0;
  const oneSeller = index.market.needs[need]?.sameSeller ?? false;
  const bound = oneSeller ? plan.boundSeller(need) : null;
  const mayEnd = index.isPlain && plan.isNothingCheaper;
  let best: Choice | null = null;
  for (const { variant, penalty } of index.needOptions[need] ?? []) {
    const owned = Math.min(missing, plan.ownedLeft[variant] ?? 0);
    const ownedCost = penalty + (index.ownedCost[variant] ?? 0);
    if (owned > 0 && (!best || ownedCost < best.unitCost))
      best = { kind: 'owned', which: variant, shelf: -1, quantity: owned, unitCost: ownedCost };
    for (const shelf of index.variantShelves[variant] ?? []) {
      // Shelves come cheapest first: where no unit costs less than its price, none that follows is better.
      if (best && mayEnd && best.unitCost <= penalty + (options.shelfPrice[shelf] ?? 0)) break;
      const seller = index.shelfSeller[shelf] ?? 0;
      if (options.shunned[seller] === 1 || (bound !== null && bound !== seller)) continue;
      if (oneSeller && bound === null && !canSupply(plan, index, need, seller, missing)) continue;
      const spare = Math.min(missing, plan.spare[shelf] ?? 0);
      if (spare > 0 && (!best || penalty < best.unitCost))
        best = { kind: 'spare', which: shelf, shelf, quantity: spare, unitCost: penalty };
      if (best && best.unitCost <= penalty + leastUnitCost(plan, shelf, seller, missing, options)) continue;
      for (const offer of index.shelfOffers[shelf] ?? []) {
        const lot = index.offerLot[offer] ?? 1;
        if ((plan.bought[offer] ?? 0) + lot > (index.offerMost[offer] ?? 0)) continue;
        const choice = offerChoice(plan, index, offer, shelf, missing, penalty, options);
        if (!best || choice.unitCost < best.unitCost) best = choice;
        // Offers come cheapest unit first: behind one that is sold piece by piece none is better, whatever its lots.
        if (lot === 1 && index.offerYields[offer]?.length === 1) break;
      }
    }
  }
  return best;
}

/** A unit from a shelf costs no less than this, so that most shelves need no closer look. */
function leastUnitCost(plan: WorkingPlan, shelf: number, seller: number, missing: number, options: RecreateOptions): number {
  if (options.byPriceAlone || seller === options.invited) return options.shelfPrice[shelf] ?? 0;
  if (plan.mayDiscount(seller)) return -Infinity;
  const opening = plan.units[seller] === 0 ? (plan.terms[seller]?.least ?? 0) / missing : 0;
  return (options.shelfPrice[shelf] ?? 0) + opening;
}

function offerChoice(
  plan: WorkingPlan,
  index: MarketIndex,
  offer: number,
  shelf: number,
  missing: number,
  penalty: number,
  { worth, invited, byPriceAlone }: RecreateOptions,
): Choice {
  const seller = index.offerSeller[offer] ?? 0;
  const each = index.offerYields[offer]?.find((row) => row.shelf === shelf)?.units ?? 1;
  const lot = index.offerLot[offer] ?? 1;
  const room = Math.floor(((index.offerMost[offer] ?? 0) - (plan.bought[offer] ?? 0)) / lot) * lot;
  const quantity = Math.min(room, lotsFor(index, offer, shelf, missing));
  const units = Math.min(missing, quantity * each);
  const price = index.offerPrice[offer] ?? 0;
  // An invited seller is priced by goods alone: what the tiers add is paid when it comes to that.
  let cost =
    byPriceAlone || seller === invited
      ? price * quantity
      : plan.marginal(seller, price * quantity, (index.offerWeight[offer] ?? 0) * quantity);
  for (const other of index.offerYields[offer] ?? []) {
    if (other.shelf === shelf) continue;
    let wanted = 0;
    for (const need of index.variantNeeds[other.variant] ?? []) wanted += plan.missing[need] ?? 0;
    cost -= Math.min(wanted, other.units * quantity) * (worth[other.variant] ?? 0);
  }
  return { kind: 'offer', which: offer, shelf, quantity: units, unitCost: cost / units + penalty };
}

/** Could one seller supply all that a need misses, from what is spare and what is in stock? */
function canSupply(plan: WorkingPlan, index: MarketIndex, need: number, seller: number, missing: number): boolean {
  let supply = 0;
  for (const { variant } of index.needOptions[need] ?? [])
    for (const shelf of index.variantShelves[variant] ?? []) {
      if (index.shelfSeller[shelf] !== seller) continue;
      supply += plan.spare[shelf] ?? 0;
      for (const offer of index.shelfOffers[shelf] ?? []) {
        const each = index.offerYields[offer]?.find((row) => row.shelf === shelf)?.units ?? 1;
        supply += each * ((index.offerMost[offer] ?? 0) - (plan.bought[offer] ?? 0));
      }
    }
  return supply >= missing;
}
