import { type MarketIndex, MICROGRAMS } from '../reduce/index.js';
import { type Cells, cellsOf, type Choices, fillChoices } from './choices.js';
import { type Counts, countsAt, parcelAt } from './counts.js';
import { gainInPart } from './inPart.js';
import { type Mode, modesOf } from './modes.js';

/**
 * The most one seller can contribute when every count of a shelf and every pooled unit is paid its multiplier: what the parcel is worth
 * less prices, postage, handling and duty, in whole units. Never below the true maximum: where goods are limited, counts may be taken in
 * part. Each counted shelf is a row of options, and so is each pile of 1, 2, 4 … lots of a pooled offer.
 */
export class ParcelChoice implements Choices {
  readonly rowFrom: Int32Array;
  private readonly modes: readonly (Mode & { readonly cells: Cells })[];
  private readonly goods: Float64Array;
  private readonly weight: Float64Array;
  /** What an option supplies: multipliers from `suppliesFrom[option]`, and units of each. */
  private readonly suppliesFrom: Int32Array;
  private readonly supplies: Int32Array;
  private readonly suppliedUnits: Float64Array;
  /** The pooled offer an option is of; −1 for a count. */
  private readonly offer: Int32Array;
  private readonly gains: Float64Array;
  private readonly picked: Float64Array;
  private readonly trial: Float64Array;
  private readonly allGoods: number;
  private readonly parcel: number;
  private readonly start: number;
  private readonly leastFixed: number;
  // What `weigh` found: the best of every row together, and the share of duty it was weighed with.
  private anyGain = 0;
  private anyGoods = 0;
  private anyWeight = 0;
  private weighedShare = 0;

  constructor(index: MarketIndex, seller: number, counts: Counts) {
    this.parcel = parcelAt(index);
    this.start = countsAt(index);
    const rowFrom = [0];
    const options: Option[] = [];
    for (const shelf of index.sellerShelves[seller] ?? []) {
      for (let count = counts.first[shelf] ?? 0; count < (counts.first[shelf + 1] ?? 0); count += 1)
        options.push({
          goods: counts.goods[count] ?? 0,
          weight: counts.weight[count] ?? 0,
          offer: -1,
          supplies: [[this.start + count, 1]],
        });
      if (options.length > (rowFrom.at(-1) ?? 0)) rowFrom.push(options.length);
    }
    for (const offer of index.sellerOffers[seller] ?? []) {
      const yields = index.offerYields[offer] ?? [];
      if (yields.every(({ shelf }) => counts.isCounted[shelf] === 1)) continue;
      let left = index.offerUseful[offer] ?? 0;
      const lot = index.offerLot[offer] ?? 1;
      for (let lots = 1; left > 0; lots *= 2) {
        const units = Math.min(left, lots * lot);
        left -= units;
        options.push({
          goods: units * (index.offerPrice[offer] ?? 0),
          weight: units * (index.offerWeight[offer] ?? 0),
          offer,
          supplies: yields.map((row) => [row.variant, row.units * units]),
        });
        rowFrom.push(options.length);
      }
    }
    this.rowFrom = Int32Array.from(rowFrom);
    this.goods = Float64Array.from(options, (option) => option.goods);
    this.weight = Float64Array.from(options, (option) => option.weight);
    this.offer = Int32Array.from(options, (option) => option.offer);
    const from = [0];
    for (const { supplies } of options) from.push((from.at(-1) ?? 0) + supplies.length);
    this.suppliesFrom = Int32Array.from(from);
    this.supplies = Int32Array.from(options.flatMap((option) => option.supplies.map(([at]) => at)));
    this.suppliedUnits = Float64Array.from(options.flatMap((option) => option.supplies.map(([, units]) => units)));
    this.gains = new Float64Array(options.length);
    this.picked = new Float64Array(options.length);
    this.trial = new Float64Array(options.length);
    this.allGoods = (index.sellerOffers[seller] ?? []).reduce(
      (all, offer) => all + (index.offerPrice[offer] ?? 0) * (index.offerMost[offer] ?? 0),
      0,
    );
    const terms = index.market.sellers[seller];
    this.modes = (terms ? modesOf(terms) : []).map((mode) => ({
      ...mode,
      weightMost: Math.round(mode.weightMost * MICROGRAMS),
      cells: cellsOf(Math.round(mode.weightMost * MICROGRAMS), this.weight),
    }));
    this.leastFixed = this.modes[0]?.fixed ?? Infinity;
  }

  /** The most this seller contributes, at least 0 unless something must come from him. Takes what would be sent off `slope`, by multiplier. */
  contribution(multipliers: Float64Array, slope: Float64Array, isOpen = false): number {
    const charge = multipliers[this.parcel] ?? 0;
    const best = this.best(multipliers, isOpen ? -Infinity : charge);
    if (best <= charge && !isOpen) return 0;
    slope[this.parcel] = (slope[this.parcel] ?? 0) + 1;
    for (let option = 0; option < this.picked.length; option += 1) {
      const part = this.picked[option] ?? 0;
      if (part === 0) continue;
      for (let i = this.suppliesFrom[option] ?? 0; i < (this.suppliesFrom[option + 1] ?? 0); i += 1) {
        const at = this.supplies[i] ?? 0;
        slope[at] = (slope[at] ?? 0) - part * (this.suppliedUnits[i] ?? 0);
      }
    }
    return best - charge;
  }

  /**
   * What the bound would rise by were this seller bought from, were each of his counts taken, and were each of his pooled offers: never more
   * than it would. Returns the first; adds the others to `counts` and writes them to `offers`.
   */
  losses(multipliers: Float64Array, counts: Float64Array, offers: Float64Array): number {
    const charge = multipliers[this.parcel] ?? 0;
    const open = this.best(multipliers, -Infinity) - charge;
    const idle = Math.max(0, open);
    this.weigh(multipliers, 0);
    const whole = this.anyGain;
    for (let row = 0; row + 1 < this.rowFrom.length; row += 1) {
      const from = this.rowFrom[row] ?? 0;
      const to = this.rowFrom[row + 1] ?? 0;
      let own = 0;
      for (let option = from; option < to; option += 1) own = Math.max(own, this.gains[option] ?? 0);
      for (let option = from; option < to; option += 1) {
        const taken = Math.min(open, whole - own + (this.gains[option] ?? 0) - this.leastFixed - charge);
        const loss = idle - taken;
        const offer = this.offer[option] ?? -1;
        const count = (this.supplies[this.suppliesFrom[option] ?? 0] ?? 0) - this.start;
        if (offer < 0) counts[count] = (counts[count] ?? 0) + loss;
        else offers[offer] = Math.min(offers[offer] ?? Infinity, loss);
      }
    }
    return idle - open;
  }

  /** The most a parcel contributes above `floor`, else the floor; what it holds in `picked`. */
  private best(multipliers: Float64Array, floor: number): number {
    this.weigh(multipliers, 0);
    const any = this.anyGain;
    let best = floor;
    for (const mode of this.modes) {
      // Modes come in order of their fixed charge: none that follows can do better than everything worth sending.
      if (any - mode.fixed <= best) break;
      if (mode.share !== this.weighedShare) this.weigh(multipliers, mode.share);
      const found = this.bestUnder(mode) - mode.fixed;
      if (found <= best) continue;
      best = found;
      this.picked.set(this.trial);
    }
    return best;
  }

  /** What every option gains with so much duty on its goods, and what the best of every row come to together. */
  private weigh(multipliers: Float64Array, share: number): void {
    const { rowFrom, goods, weight, gains, suppliesFrom, supplies, suppliedUnits } = this;
    const paid = 1 + share;
    let anyGain = 0;
    let anyGoods = 0;
    let anyWeight = 0;
    let from = 0;
    for (let row = 1; row < rowFrom.length; row += 1) {
      const to = rowFrom[row] ?? 0;
      let most = 0;
      let which = -1;
      for (let option = from; option < to; option += 1) {
        let gain = -(goods[option] ?? 0) * paid;
        const last = suppliesFrom[option + 1] ?? 0;
        for (let i = suppliesFrom[option] ?? 0; i < last; i += 1) gain += (suppliedUnits[i] ?? 0) * (multipliers[supplies[i] ?? 0] ?? 0);
        gains[option] = gain;
        if (gain > most) {
          most = gain;
          which = option;
        }
      }
      from = to;
      if (which < 0) continue;
      anyGain += most;
      anyGoods += goods[which] ?? 0;
      anyWeight += weight[which] ?? 0;
    }
    this.anyGain = anyGain;
    this.anyGoods = anyGoods;
    this.anyWeight = anyWeight;
    this.weighedShare = share;
  }

  /** The most goods can be worth above their prices under one mode; the options in `trial`. */
  private bestUnder({ share, weightMost, goodsLeast, goodsMost, cells }: ParcelChoice['modes'][number]): number {
    if (this.anyWeight > weightMost) return fillChoices(this, cells, this.gains, this.trial);
    if (this.anyGoods < goodsLeast || this.anyGoods > goodsMost)
      return gainInPart(
        this,
        this.goods,
        this.gains,
        { least: goodsLeast, most: goodsMost, all: this.allGoods, surplusCost: 1 + share },
        this.trial,
      );
    this.pickBest();
    return this.anyGain;
  }

  /** The best option of every row, in `trial`. */
  private pickBest(): void {
    const { rowFrom, gains, trial } = this;
    trial.fill(0);
    for (let row = 0; row + 1 < rowFrom.length; row += 1) {
      let which = -1;
      for (let option = rowFrom[row] ?? 0; option < (rowFrom[row + 1] ?? 0); option += 1)
        if ((gains[option] ?? 0) > (which < 0 ? 0 : (gains[which] ?? 0))) which = option;
      if (which >= 0) trial[which] = 1;
    }
  }
}

interface Option {
  readonly goods: number;
  readonly weight: number;
  readonly offer: number;
  readonly supplies: readonly (readonly [at: number, units: number])[];
}
