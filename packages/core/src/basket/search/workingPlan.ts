import { type Decision, Terms } from '../decision/index.js';
import type { Fill, Rules } from '../problem/index.js';
import type { MarketIndex, UsableOffer } from '../reduce/index.js';

/** What a must that stays open is taken to cost, and each broken rule of the whole trip: dearer than any sound plan. */
const BROKEN = 1e7;
const OVER_BUDGET_PER_MINOR = 1e3;

/** Where units of a need come from: a shelf by its number, or pieces owned of a variant as `ownedSource(variant)`. */
type FillSource = number;
const ownedSource = (variant: number): FillSource => -1 - variant;

/**
 * A plan under construction, in numbers. Every change is a delta that keeps the cost up to date and can be taken back
 * to a mark, so that a search tries thousands of changes a second. Rules may be broken on the way, at a price.
 */
export class WorkingPlan {
  readonly bought: Int32Array;
  readonly missing: Int32Array;
  /** Bought units on a shelf that fill nothing yet. */
  readonly spare: Int32Array;
  readonly goods: Float64Array;
  readonly weight: Float64Array;
  /** Units bought from a seller; 0 means no parcel. */
  readonly units: Int32Array;
  readonly ownedLeft: Int32Array;
  readonly terms: readonly Terms[];
  private readonly fills: Map<FillSource, number>[];
  private readonly parcelCost: Float64Array;
  private readonly leftover: Int32Array;
  private readonly rules: Rules;
  /** The log of changes, four numbers each: 0 for an offer or 1 for a need, which, its source, the delta. */
  private readonly log: number[] = [];
  /** 1 for each seller whose parcel as it stands more goods could make cheaper, and how many there are. */
  private readonly discounts: Uint8Array;
  private discountCount = 0;
  /** Bought units that fill nothing yet, of all shelves. */
  private spareCount = 0;
  private parcelsCost = 0;
  private otherCost = 0;
  private openMusts = 0;
  parcelCount = 0;

  constructor(readonly index: MarketIndex) {
    const { market } = index;
    this.rules = market.problem.rules;
    this.terms = market.sellers.map((seller) => new Terms(seller));
    this.bought = new Int32Array(index.offerSeller.length);
    this.missing = Int32Array.from(index.needQuantity);
    this.spare = new Int32Array(index.shelfSeller.length);
    this.goods = new Float64Array(market.sellers.length);
    this.weight = new Float64Array(market.sellers.length);
    this.units = new Int32Array(market.sellers.length);
    this.parcelCost = new Float64Array(market.sellers.length);
    this.ownedLeft = Int32Array.from(index.ownedQuantity);
    this.leftover = new Int32Array(index.variants.length);
    this.discounts = new Uint8Array(market.sellers.length);
    this.fills = market.needs.map(() => new Map<FillSource, number>());
    index.needShort.forEach((short, n) => this.addMissing(n, index.needQuantity[n] ?? 0, short));
  }

  /** Cost with every broken rule priced in. Below `BROKEN` the plan breaks none, save minimum orders still to be filled up. */
  get cost(): number {
    const { maxParcels, budgetMinor } = this.rules;
    let cost = this.parcelsCost + this.otherCost + this.openMusts * BROKEN;
    if (maxParcels !== null && this.parcelCount > maxParcels) cost += (this.parcelCount - maxParcels) * BROKEN;
    if (budgetMinor !== null && this.parcelsCost > budgetMinor) cost += BROKEN + (this.parcelsCost - budgetMinor) * OVER_BUDGET_PER_MINOR;
    return cost;
  }

  private addMissing(need: number, delta: number, short = this.index.needShort[need] ?? 0): void {
    if (short === Infinity) this.openMusts += delta;
    else this.otherCost += delta * short;
  }

  /** What a seller's parcel would cost more with so much more goods and weight; rules of the whole trip included. */
  marginal(seller: number, goods: number, weight: number): number {
    const isNew = this.units[seller] === 0;
    const before = this.parcelCost[seller] ?? 0;
    const after = this.terms[seller]?.softCost((this.goods[seller] ?? 0) + goods, (this.weight[seller] ?? 0) + weight) ?? 0;
    let cost = after - before;
    const { maxParcels, budgetMinor } = this.rules;
    if (isNew && maxParcels !== null && this.parcelCount >= maxParcels) cost += BROKEN;
    if (budgetMinor !== null) {
      const paid = this.parcelsCost + after - before;
      if (paid > budgetMinor) cost += (this.parcelsCost <= budgetMinor ? BROKEN : 0) + (paid - budgetMinor) * OVER_BUDGET_PER_MINOR;
    }
    return cost;
  }

  /** Could more goods make a seller's parcel cheaper as it stands: a minimum to reach, postage to save? */
  mayDiscount(seller: number): boolean {
    const terms = this.terms[seller];
    if (!terms) return false;
    const goods = this.goods[seller] ?? 0;
    return goods < terms.minimum || (terms.freeFrom !== Infinity && goods < terms.freeFrom) || terms.hasFallingTiers;
  }

  /** Does every unit cost at least its price as the plan stands, with nothing bought that is still to be had for nothing? */
  get isNothingCheaper(): boolean {
    return this.discountCount === 0 && this.spareCount === 0;
  }

  /** Buys units of an offer (whole lots), or gives them back when negative. */
  buy(offer: number, quantity: number): void {
    this.log.push(0, offer, 0, quantity);
    this.changeBought(offer, quantity);
  }

  /** Fills a need from a shelf or from owned pieces; negative takes the units out again. */
  fill(need: number, source: FillSource, quantity: number): void {
    this.log.push(1, need, source, quantity);
    this.changeFill(need, source, quantity);
  }

  fillFromOwned(need: number, variant: number, quantity: number): void {
    this.fill(need, ownedSource(variant), quantity);
  }

  get mark(): number {
    return this.log.length;
  }

  /** Takes back every change since the mark. */
  undoTo(mark: number): void {
    while (this.log.length > mark) {
      const delta = this.log.pop() ?? 0;
      const source = this.log.pop() ?? 0;
      const which = this.log.pop() ?? 0;
      const kind = this.log.pop() ?? 0;
      if (kind === 0) this.changeBought(which, -delta);
      else this.changeFill(which, source, -delta);
    }
  }

  /** Forgets how the plan came about: what is, stays. */
  settle(): void {
    this.log.length = 0;
  }

  /** Sources of a need as they are now. */
  sourcesOf(need: number): readonly (readonly [source: FillSource, quantity: number])[] {
    return [...(this.fills[need] ?? [])];
  }

  /** The seller a need is already bought from, or null. */
  boundSeller(need: number): number | null {
    for (const source of this.fills[need]?.keys() ?? []) if (source >= 0) return this.index.shelfSeller[source] ?? null;
    return null;
  }

  /** Is some unit of a need missing, or from a dearer place than so much a unit? */
  isDearerThan(need: number, cost: number, shelfPrice: Float64Array): boolean {
    if ((this.missing[need] ?? 0) > 0) return true;
    for (const source of this.fills[need]?.keys() ?? []) {
      const variant = source < 0 ? -1 - source : (this.index.shelfVariant[source] ?? 0);
      const penalty = this.index.needOptions[need]?.find((option) => option.variant === variant)?.penalty ?? 0;
      const price = source < 0 ? (this.index.ownedCost[variant] ?? 0) : (shelfPrice[source] ?? 0);
      if (price + penalty > cost) return true;
    }
    return false;
  }

  private changeBought(offer: number, quantity: number): void {
    const { index } = this;
    const seller = index.offerSeller[offer] ?? 0;
    this.bought[offer] = (this.bought[offer] ?? 0) + quantity;
    this.goods[seller] = (this.goods[seller] ?? 0) + quantity * (index.offerPrice[offer] ?? 0);
    this.weight[seller] = (this.weight[seller] ?? 0) + quantity * (index.offerWeight[offer] ?? 0);
    const before = this.units[seller] ?? 0;
    const after = before + quantity;
    this.units[seller] = after;
    if (before === 0 && after > 0) this.parcelCount += 1;
    if (before > 0 && after === 0) this.parcelCount -= 1;
    const cost = after === 0 ? 0 : (this.terms[seller]?.softCost(this.goods[seller] ?? 0, this.weight[seller] ?? 0) ?? 0);
    this.parcelsCost += cost - (this.parcelCost[seller] ?? 0);
    this.parcelCost[seller] = cost;
    const mayDiscount = after > 0 && this.mayDiscount(seller) ? 1 : 0;
    this.discountCount += mayDiscount - (this.discounts[seller] ?? 0);
    this.discounts[seller] = mayDiscount;
    for (const { shelf, variant, units } of index.offerYields[offer] ?? []) {
      this.spare[shelf] = (this.spare[shelf] ?? 0) + units * quantity;
      this.spareCount += units * quantity;
      this.changeLeftover(variant, units * quantity);
    }
  }

  private changeFill(need: number, source: FillSource, quantity: number): void {
    const { index } = this;
    const fills = this.fills[need];
    const now = (fills?.get(source) ?? 0) + quantity;
    if (now === 0) fills?.delete(source);
    else fills?.set(source, now);
    this.missing[need] = (this.missing[need] ?? 0) - quantity;
    this.addMissing(need, -quantity);
    const variant = source < 0 ? -1 - source : (index.shelfVariant[source] ?? 0);
    const penalty = index.needOptions[need]?.find((option) => option.variant === variant)?.penalty ?? 0;
    if (source < 0) {
      this.ownedLeft[variant] = (this.ownedLeft[variant] ?? 0) - quantity;
      this.otherCost += quantity * (penalty + (index.ownedCost[variant] ?? 0));
    } else {
      this.spare[source] = (this.spare[source] ?? 0) - quantity;
      this.spareCount -= quantity;
      this.otherCost += quantity * penalty;
      this.changeLeftover(variant, -quantity);
    }
  }

  private changeLeftover(variant: number, delta: number): void {
    const credit = this.index.resaleCredit[variant] ?? 0;
    const upTo = this.index.resaleUpTo[variant] ?? 0;
    const before = this.leftover[variant] ?? 0;
    this.leftover[variant] = before + delta;
    if (upTo > 0) this.otherCost -= credit * (Math.min(upTo, before + delta) - Math.min(upTo, before));
  }

  /** Takes over a decision, into a plan that is still empty. Fills that nothing bought supports are left out. */
  load({ bought, fills }: Decision): void {
    const { index } = this;
    const { market } = index;
    market.offers.forEach((usable, o) => {
      const quantity = bought.get(usable) ?? 0;
      if (quantity > 0) this.buy(o, quantity);
    });
    const needs = new Map(market.needs.map((need, n) => [need.id, n]));
    const variants = new Map(index.variants.map((variant, v) => [variant, v]));
    const sellers = new Map(market.sellers.map((seller, s) => [seller.id, s]));
    for (const { need: id, variant: name, seller, quantity } of fills) {
      const need = needs.get(id);
      const variant = variants.get(name);
      if (need === undefined || variant === undefined) continue;
      if (seller === null) {
        this.fillFromOwned(need, variant, Math.min(quantity, this.ownedLeft[variant] ?? 0));
        continue;
      }
      const shelf = index.variantShelves[variant]?.find((row) => index.shelfSeller[row] === sellers.get(seller));
      if (shelf !== undefined) this.fill(need, shelf, Math.min(quantity, this.spare[shelf] ?? 0));
    }
  }

  /** The plan in names. */
  decision(): Decision {
    const { index } = this;
    const bought = new Map<UsableOffer, number>();
    index.market.offers.forEach((usable, o) => {
      const quantity = this.bought[o] ?? 0;
      if (quantity > 0) bought.set(usable, quantity);
    });
    const fills: Fill[] = [];
    this.fills.forEach((sources, n) => {
      for (const [source, quantity] of sources) {
        const isOwned = source < 0;
        fills.push({
          need: index.market.needs[n]?.id ?? '',
          variant: index.variants[isOwned ? -1 - source : (index.shelfVariant[source] ?? 0)] ?? '',
          quantity,
          from: isOwned ? 'owned' : 'bought',
          seller: isOwned ? null : (index.market.sellers[index.shelfSeller[source] ?? 0]?.id ?? null),
        });
      }
    });
    return { bought, fills };
  }
}
