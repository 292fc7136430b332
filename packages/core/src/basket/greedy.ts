import type { Decision } from './assemble.js';
import { shortCost, type ReducedMarket, type UsableOffer } from './market.js';
import type { Fill } from './plan.js';
import type { Need } from './problem.js';

/** The book-keeping of one greedy pass over the needs. */
class Pass {
  readonly bought = new Map<UsableOffer, number>();
  readonly fills: Fill[] = [];
  private readonly ownedLeft: Map<string, number>;
  private readonly spare = new Map<string, Map<string, number>>();
  private readonly missing: Map<string, number>;

  constructor(
    private readonly market: ReducedMarket,
    private readonly open: ReadonlySet<string>,
  ) {
    this.ownedLeft = new Map([...market.owned].map(([variant, stock]) => [variant, stock.quantity]));
    this.missing = new Map(market.problem.needs.map((need) => [need.id, need.quantity]));
  }

  missingOf(need: Need): number {
    return this.missing.get(need.id) ?? 0;
  }

  /** Spare units of a variant already bought from a seller for something else. */
  spareOf(variant: string, seller: string): number {
    return this.spare.get(variant)?.get(seller) ?? 0;
  }

  fillFromOwned(need: Need, variant: string): void {
    const quantity = Math.min(this.missingOf(need), this.ownedLeft.get(variant) ?? 0);
    if (quantity <= 0) return;
    this.ownedLeft.set(variant, (this.ownedLeft.get(variant) ?? 0) - quantity);
    this.fill(need, variant, quantity, null);
  }

  fillFromSpare(need: Need, variant: string, onlySeller?: string): void {
    for (const [seller, spare] of this.spare.get(variant) ?? []) {
      const quantity = Math.min(this.missingOf(need), spare);
      if (quantity <= 0 || (onlySeller !== undefined && seller !== onlySeller)) continue;
      this.spare.get(variant)?.set(seller, spare - quantity);
      this.fill(need, variant, quantity, seller);
    }
  }

  private fill(need: Need, variant: string, quantity: number, seller: string | null): void {
    this.fills.push({ need: need.id, variant, quantity, from: seller === null ? 'owned' : 'bought', seller });
    this.missing.set(need.id, this.missingOf(need) - quantity);
  }

  /** Lots that can still be bought of an offer. */
  room(usable: UsableOffer): number {
    return usable.most - (this.bought.get(usable) ?? 0);
  }

  buyLot(usable: UsableOffer): void {
    const lot = usable.offer.multiple;
    this.bought.set(usable, (this.bought.get(usable) ?? 0) + lot);
    for (const [variant, each] of usable.yields) {
      const bySeller = this.spare.get(variant) ?? new Map<string, number>();
      bySeller.set(usable.seller.id, (bySeller.get(usable.seller.id) ?? 0) + each * lot);
      this.spare.set(variant, bySeller);
    }
  }

  /** The best lot for a need: least cost per unit that some need still wants, its penalty included. */
  bestLot(need: Need, onlySeller?: string): { usable: UsableOffer; variant: string; unitMinor: number } | null {
    let best: { usable: UsableOffer; variant: string; unitMinor: number } | null = null;
    for (const { variant, penaltyMinor } of need.options)
      for (const usable of this.market.offersOf.get(variant) ?? []) {
        if (!this.open.has(usable.seller.id) || (onlySeller !== undefined && usable.seller.id !== onlySeller)) continue;
        if (this.room(usable) < usable.offer.multiple) continue;
        const unitMinor = (usable.offer.priceMinor * usable.offer.multiple) / this.usefulUnits(usable) + penaltyMinor;
        if (!best || unitMinor < best.unitMinor) best = { usable, variant, unitMinor };
      }
    return best;
  }

  /** How many units of one lot would fill a need as it stands. At least 1: the caller wants it. */
  private usefulUnits(usable: UsableOffer): number {
    let useful = 0;
    for (const [variant, each] of usable.yields) {
      const wanted = (this.market.needsOf.get(variant) ?? []).reduce((all, need) => all + this.missingOf(need), 0);
      useful += Math.min(each * usable.offer.multiple, wanted);
    }
    return Math.max(1, useful);
  }
}

/**
 * Fills the needs one after another at the least price per useful unit, from the sellers given, own pieces first
 * where they are cheaper. Postage plays no part: this is the assignment step the search over sellers repeats.
 */
export function assignGreedily(market: ReducedMarket, open: ReadonlySet<string>): Decision {
  const pass = new Pass(market, open);
  for (const need of market.problem.needs) {
    for (const { variant, penaltyMinor } of need.options) {
      const ownedCost = (market.owned.get(variant)?.costMinor ?? 0) + penaltyMinor;
      const offer = pass.bestLot(need);
      if (ownedCost <= Math.min(offer?.unitMinor ?? Infinity, shortCost(need))) pass.fillFromOwned(need, variant);
    }
  }
  for (const need of market.problem.needs) {
    const seller = need.sameSeller ? bestSingleSeller(pass, need, market, open) : undefined;
    if (need.sameSeller && seller === undefined) continue;
    for (const { variant } of need.options) pass.fillFromSpare(need, variant, seller);
    while (pass.missingOf(need) > 0) {
      const lot = pass.bestLot(need, seller);
      if (!lot || lot.unitMinor > shortCost(need)) break;
      pass.buyLot(lot.usable);
      pass.fillFromSpare(need, lot.variant, seller ?? lot.usable.seller.id);
    }
    for (const { variant } of need.options) pass.fillFromOwned(need, variant);
  }
  return { bought: pass.bought, fills: pass.fills };
}

/** The seller with the cheapest lot among those who can supply all that is missing; undefined when none can. */
function bestSingleSeller(pass: Pass, need: Need, market: ReducedMarket, open: ReadonlySet<string>): string | undefined {
  let best: { seller: string; unitMinor: number } | undefined;
  for (const seller of open) {
    const supply = need.options.reduce((all, { variant }) => {
      const fresh = (market.offersOf.get(variant) ?? [])
        .filter((usable) => usable.seller.id === seller)
        .reduce((units, usable) => units + (usable.yields.get(variant) ?? 0) * pass.room(usable), 0);
      return all + fresh + pass.spareOf(variant, seller);
    }, 0);
    const lot = pass.bestLot(need, seller);
    if (supply < pass.missingOf(need) || !lot) continue;
    if (!best || lot.unitMinor < best.unitMinor) best = { seller, unitMinor: lot.unitMinor };
  }
  return best?.seller;
}
