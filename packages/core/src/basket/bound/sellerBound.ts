import { type MarketIndex, MICROGRAMS } from '../reduce/index.js';
import { type Mode, modesOf } from './modes.js';

/**
 * The most one seller can contribute when every unit of a variant is paid its multiplier: the value of what he sends less
 * prices, postage, handling and duty. Never below the true maximum, because lots are taken apart and a limit that cuts
 * through a unit may take part of it. `taken` receives units per offer.
 */
export class SellerBound {
  private readonly modes: readonly Mode[];
  private readonly offers: Int32Array;
  private readonly price: Float64Array;
  private readonly weight: Float64Array;
  private readonly most: Float64Array;
  private readonly value: Float64Array;
  private readonly amount: Float64Array;
  private readonly trial: Float64Array;
  /** Goods that can be bought on top of the useful ones, for filling up. */
  private readonly surplusGoods: number;

  constructor(
    private readonly index: MarketIndex,
    seller: number,
  ) {
    const terms = index.market.sellers[seller];
    const own = (index.sellerOffers[seller] ?? []).filter((o) => (index.offerUseful[o] ?? 0) > 0);
    this.offers = Int32Array.from(own);
    this.price = Float64Array.from(own, (o) => index.offerPrice[o] ?? 0);
    this.weight = Float64Array.from(own, (o) => (index.offerWeight[o] ?? 0) / MICROGRAMS);
    this.most = Float64Array.from(own, (o) => index.offerUseful[o] ?? 0);
    this.value = new Float64Array(own.length);
    this.amount = new Float64Array(own.length);
    this.trial = new Float64Array(own.length);
    this.surplusGoods = (index.sellerOffers[seller] ?? []).reduce(
      (all, o) => all + (index.offerPrice[o] ?? 0) * ((index.offerMost[o] ?? 0) - (index.offerUseful[o] ?? 0)),
      0,
    );
    this.modes = terms ? modesOf(terms) : [];
  }

  /** What one unit of each offer is worth; returns the most that all worth buying can gain on their prices. */
  private weigh(multipliers: Float64Array): number {
    const { offers, value, most } = this;
    let any = 0;
    for (let i = 0; i < offers.length; i += 1) {
      let worth = 0;
      for (const row of this.index.offerYields[offers[i] ?? 0] ?? []) worth += row.units * (multipliers[row.variant] ?? 0);
      value[i] = worth;
      const gain = worth - (this.price[i] ?? 0);
      if (gain > 0) any += gain * (most[i] ?? 0);
    }
    return any;
  }

  /** The most this seller contributes, at least 0. Adds what he would send to `supply`, by variant. */
  contribution(multipliers: Float64Array, supply: Float64Array): number {
    const { offers, amount } = this;
    const any = this.weigh(multipliers);
    let best = 0;
    for (const mode of this.modes) {
      // Modes come in order of their fixed charge: none that follows can do better than everything worth sending.
      if (any - mode.fixed <= best) break;
      const found = this.bestUnder(mode) - mode.fixed;
      if (found <= best) continue;
      best = found;
      amount.set(this.trial);
    }
    if (best > 0)
      for (let i = 0; i < offers.length; i += 1) {
        const units = amount[i] ?? 0;
        if (units > 0)
          for (const row of this.index.offerYields[offers[i] ?? 0] ?? [])
            supply[row.variant] = (supply[row.variant] ?? 0) + row.units * units;
      }
    return best;
  }

  /** The most goods can be worth above their prices under one mode; amounts in `trial`. */
  private bestUnder({ share, weightMost, goodsLeast, goodsMost }: Mode): number {
    const { price, weight, most, value, trial } = this;
    let gain = 0;
    let goods = 0;
    let grams = 0;
    for (let i = 0; i < price.length; i += 1) {
      const each = (value[i] ?? 0) - (price[i] ?? 0) * (1 + share);
      const units = each > 0 ? (most[i] ?? 0) : 0;
      trial[i] = units;
      gain += each * units;
      goods += (price[i] ?? 0) * units;
      grams += (weight[i] ?? 0) * units;
    }
    if (grams > weightMost) return this.cutTo(weightMost, weight, share);
    if (goods > goodsMost) return this.cutTo(goodsMost, price, share);
    if (goods < goodsLeast) return gain - this.lossFor(goodsLeast - goods, share);
    return gain;
  }

  /** A fractional knapsack: the units that gain most per unit of what is limited, the last one in part. */
  private cutTo(limit: number, uses: Float64Array, share: number): number {
    const { price, most, value, trial } = this;
    const gainOf = (i: number): number => (value[i] ?? 0) - (price[i] ?? 0) * (1 + share);
    const order = Array.from(trial.keys())
      .filter((i) => (trial[i] ?? 0) > 0)
      .sort((a, b) => gainOf(b) * (uses[a] ?? 0) - gainOf(a) * (uses[b] ?? 0));
    let left = limit;
    let gain = 0;
    for (const i of order) {
      const use = uses[i] ?? 0;
      const units = use > 0 ? Math.min(most[i] ?? 0, Math.max(0, left) / use) : (most[i] ?? 0);
      trial[i] = units;
      left -= units * use;
      gain += units * gainOf(i);
    }
    return gain;
  }

  /** The least that reaching so much more goods loses: units worth nearly their price first, then goods nobody wants. */
  private lossFor(lacking: number, share: number): number {
    const { price, most, value, trial } = this;
    const lossOf = (i: number): number => ((price[i] ?? 0) * (1 + share) - (value[i] ?? 0)) / (price[i] ?? 1);
    const order = Array.from(trial.keys())
      .filter((i) => (trial[i] ?? 0) === 0 && (price[i] ?? 0) > 0)
      .sort((a, b) => lossOf(a) - lossOf(b));
    let left = lacking;
    let loss = 0;
    for (const i of order) {
      if (left <= 0) break;
      const goods = Math.min(left, (price[i] ?? 0) * (most[i] ?? 0));
      trial[i] = goods / (price[i] ?? 1);
      loss += goods * lossOf(i);
      left -= goods;
    }
    if (left <= 0) return loss;
    return left > this.surplusGoods ? Infinity : loss + left * (1 + share);
  }
}
