import type { Seller } from '../problem/index.js';
import { MICROGRAMS } from '../reduce/index.js';

/** A seller's terms with weights in millionths of a gram, read once so that pricing a parcel is a handful of comparisons. */
export class Terms {
  readonly minimum: number;
  readonly handling: number;
  readonly freeFrom: number;
  readonly tierUpTo: Float64Array;
  readonly tierCost: Float64Array;
  readonly dutyAbove: number;
  readonly dutyShare: number;
  readonly dutyFee: number;
  /** The least any parcel is charged besides its goods. */
  readonly least: number;
  /** Does some heavier tier cost less than a lighter one? */
  readonly hasFallingTiers: boolean;

  constructor(seller: Seller) {
    this.minimum = seller.minimumMinor;
    this.handling = seller.handlingMinor;
    this.freeFrom = seller.freePostageFromMinor ?? Infinity;
    this.tierUpTo = Float64Array.from(seller.postage, (tier) => Math.round(tier.upToG * MICROGRAMS));
    this.tierCost = Float64Array.from(seller.postage, (tier) => tier.costMinor);
    this.dutyAbove = seller.duty?.aboveMinor ?? Infinity;
    this.dutyShare = (seller.duty?.percent ?? 0) / 100;
    this.dutyFee = seller.duty?.feeMinor ?? 0;
    const costs = seller.postage.map((tier) => tier.costMinor);
    this.least = this.handling + (this.freeFrom === Infinity ? Math.min(...costs) : 0);
    this.hasFallingTiers = costs.some((cost, k) => costs.slice(0, k).some((lighter) => lighter > cost));
  }

  /** What a parcel costs besides its goods, where it may be sent at all: postage, handling and duty. */
  chargesOn(goods: number, weight: number): number {
    let charges = this.handling;
    if (goods < this.freeFrom) {
      let k = 0;
      while (k < this.tierUpTo.length && weight > (this.tierUpTo[k] ?? 0)) k += 1;
      charges += this.tierCost[Math.min(k, this.tierCost.length - 1)] ?? 0;
    }
    if (goods > this.dutyAbove) charges += Math.floor(goods * this.dutyShare + 0.5) + this.dutyFee;
    return charges;
  }

  /** The most a parcel may weigh to be sent for less than so heavy a one is; null when none is. */
  cheaperBelow(weight: number): number | null {
    let k = 0;
    while (k < this.tierUpTo.length && weight > (this.tierUpTo[k] ?? 0)) k += 1;
    const cost = this.tierCost[Math.min(k, this.tierCost.length - 1)] ?? 0;
    for (let lighter = k - 1; lighter >= 0; lighter -= 1) if ((this.tierCost[lighter] ?? 0) < cost) return this.tierUpTo[lighter] ?? 0;
    return null;
  }

  /**
   * Goods, charges and what breaking a limit is taken to cost: a minimum not reached is paid up in goods nobody wants,
   * a parcel too heavy is priced out of any plan.
   */
  softCost(goods: number, weight: number): number {
    const over = weight - (this.tierUpTo[this.tierUpTo.length - 1] ?? 0);
    const filled = Math.max(goods, this.minimum);
    return filled + this.chargesOn(filled, weight) + (over > 0 ? TOO_HEAVY + (over / MICROGRAMS) * TOO_HEAVY_PER_G : 0);
  }
}

const TOO_HEAVY = 1e6;
const TOO_HEAVY_PER_G = 1e4;
