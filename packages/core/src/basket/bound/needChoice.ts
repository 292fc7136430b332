import type { MarketIndex } from '../reduce/index.js';
import { type Counts, countsAt } from './counts.js';

/**
 * The least a need can be filled for when every number of units from a shelf has a price of its own, and pooled units one by variant:
 * a knapsack over the units it wants, exact. Multipliers stand for variants first, then for a parcel, then for counts.
 */
export class NeedChoice {
  private readonly quantity: number;
  private readonly short: number;
  /** Pooled variants that may fill it. */
  private readonly pools: readonly { readonly variant: number; readonly penalty: number }[];
  /** Counted shelves that may fill it: their counts from and to, and the penalty of a unit. */
  private readonly from: Int32Array;
  private readonly to: Int32Array;
  private readonly penalty: Float64Array;
  private readonly best: Float64Array;
  private readonly chosen: Int32Array;
  private readonly start: number;

  constructor(
    index: MarketIndex,
    need: number,
    private readonly counts: Counts,
  ) {
    this.quantity = index.needQuantity[need] ?? 0;
    this.short = index.needShort[need] ?? Infinity;
    this.start = countsAt(index);
    const options = index.needOptions[need] ?? [];
    const isPooled = (variant: number): boolean =>
      (index.ownedQuantity[variant] ?? 0) > 0 || (index.variantShelves[variant] ?? []).some((shelf) => counts.isCounted[shelf] === 0);
    this.pools = options.filter(({ variant }) => isPooled(variant));
    const shelves = options.flatMap(({ variant, penalty }) => (index.variantShelves[variant] ?? []).map((shelf) => ({ shelf, penalty })));
    const counted = shelves.filter(({ shelf }) => (counts.first[shelf] ?? 0) < (counts.first[shelf + 1] ?? 0));
    this.from = Int32Array.from(counted, ({ shelf }) => counts.first[shelf] ?? 0);
    this.to = Int32Array.from(counted, ({ shelf }) => counts.first[shelf + 1] ?? 0);
    this.penalty = Float64Array.from(counted, ({ penalty }) => penalty);
    this.best = new Float64Array(this.quantity + 1);
    this.chosen = new Int32Array(counted.length * (this.quantity + 1));
  }

  /** The least cost; adds the units that reach it to `slope`. */
  fill(multipliers: Float64Array, slope: Float64Array): number {
    const { quantity, from, to, penalty, best, chosen, start } = this;
    const { units } = this.counts;
    const rest = this.restPrice(multipliers);
    best[0] = 0;
    for (let wanted = 1; wanted <= quantity; wanted += 1) best[wanted] = wanted * rest.price;
    for (let i = 0; i < from.length; i += 1) {
      const row = i * (quantity + 1);
      const last = to[i] ?? 0;
      const each = penalty[i] ?? 0;
      for (let wanted = quantity; wanted > 0; wanted -= 1) {
        let least = best[wanted] ?? 0;
        let which = -1;
        for (let count = from[i] ?? 0; count < last; count += 1) {
          const some = units[count] ?? 0;
          if (some > wanted) break;
          const cost = (best[wanted - some] ?? 0) + (multipliers[start + count] ?? 0) + some * each;
          if (cost < least - TIE) {
            least = cost;
            which = count;
          }
        }
        best[wanted] = least;
        chosen[row + wanted] = which;
      }
    }
    let wanted = quantity;
    for (let i = from.length - 1; i >= 0 && wanted > 0; i -= 1) {
      const count = chosen[i * (quantity + 1) + wanted] ?? -1;
      if (count < 0) continue;
      slope[start + count] = (slope[start + count] ?? 0) + 1;
      wanted -= units[count] ?? 0;
    }
    if (wanted > 0 && rest.variant >= 0) slope[rest.variant] = (slope[rest.variant] ?? 0) + wanted;
    return best[quantity] ?? 0;
  }

  /**
   * Adds, for each count of its shelves, what filling the need costs more than the least where so many units must come from that shelf: from
   * the least for some units of the shelves before it, and for the rest of those after it.
   */
  losses(multipliers: Float64Array, losses: Float64Array): void {
    const { quantity, from, to } = this;
    const { units } = this.counts;
    const { price } = this.restPrice(multipliers);
    const ofRest = Float64Array.from({ length: quantity + 1 }, (_, wanted) => (wanted === 0 ? 0 : wanted * price));
    const before = [ofRest];
    for (let i = 0; i < from.length; i += 1) before.push(this.withShelf(i, before[i] ?? ofRest, multipliers));
    // Units of the rest are reckoned with the shelves before.
    let after = Float64Array.from({ length: quantity + 1 }, (_, wanted) => (wanted === 0 ? 0 : Infinity));
    const least = before[from.length]?.[quantity] ?? 0;
    for (let i = from.length - 1; i >= 0; i -= 1) {
      for (let count = from[i] ?? 0; count < (to[i] ?? 0); count += 1) {
        const left = quantity - (units[count] ?? 0);
        let others = Infinity;
        for (let wanted = 0; wanted <= left; wanted += 1)
          others = Math.min(others, (before[i]?.[wanted] ?? 0) + (after[left - wanted] ?? 0));
        losses[count] = (losses[count] ?? 0) + others + this.priceOf(i, count, multipliers) - least;
      }
      after = this.withShelf(i, after, multipliers);
    }
  }

  /** The least that so many units cost, when those of one more shelf may be among them. */
  private withShelf(i: number, least: Float64Array, multipliers: Float64Array): Float64Array<ArrayBuffer> {
    const { units } = this.counts;
    return Float64Array.from(least, (without, wanted) => {
      let best = without;
      for (let count = this.from[i] ?? 0; count < (this.to[i] ?? 0) && (units[count] ?? 0) <= wanted; count += 1)
        best = Math.min(best, (least[wanted - (units[count] ?? 0)] ?? 0) + this.priceOf(i, count, multipliers));
      return best;
    });
  }

  private priceOf(i: number, count: number, multipliers: Float64Array): number {
    return (multipliers[this.start + count] ?? 0) + (this.counts.units[count] ?? 0) * (this.penalty[i] ?? 0);
  }

  /** The cheapest unit that comes from no counted shelf: pooled, or left unfilled. */
  private restPrice(multipliers: Float64Array): { readonly price: number; readonly variant: number } {
    let price = this.short;
    let variant = -1;
    for (const pool of this.pools) {
      const own = pool.penalty + (multipliers[pool.variant] ?? 0);
      if (own >= price) continue;
      price = own;
      variant = pool.variant;
    }
    return { price, variant };
  }
}

/** Differences that are only rounding choose nothing. */
const TIE = 1e-12;
