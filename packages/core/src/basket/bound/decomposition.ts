import type { MarketIndex } from '../reduce/index.js';
import { type Counts, countsAt, parcelAt } from './counts.js';
import { NeedChoice } from './needChoice.js';
import { ParcelChoice } from './parcelChoice.js';
import { creditPooled } from './pooled.js';

/** What the bound would rise by at the least if something were taken: what no plan below it plus that can hold. */
export interface Losses {
  readonly boundMinor: number;
  /** If anything were bought from a seller. */
  readonly sellers: Float64Array;
  /** If a need took so many units from a shelf. */
  readonly counts: Float64Array;
  /** If something of a pooled offer were of use; Infinity for offers whose units are counted. */
  readonly offers: Float64Array;
}

/** Sellers of whom it is decided that a parcel comes from them, or none. */
export type Decided = ReadonlyMap<number, 'open' | 'closed'>;

/**
 * Lagrangian decomposition (Guignard and Kim, 1987): needs and sellers each choose by themselves how many units go from which shelf to
 * which need, and multipliers, one for each count, are what has them agree. Needs are then knapsacks over the units they want, sellers
 * knapsacks over what a parcel holds, both in whole units: closer to the truth than one price per variant, which either side may follow in
 * part. Units that cannot be counted are priced by variant as before. So many parcels
 * at most is priced too; other rules of the whole trip are left out, which only lowers the bound.
 */
export class Decomposition {
  private readonly needs: readonly NeedChoice[];
  private readonly sellers: readonly ParcelChoice[];
  /** How many multipliers there are: one for each variant, one for a parcel, then one for each count. */
  readonly size: number;

  constructor(
    readonly index: MarketIndex,
    readonly counts: Counts,
  ) {
    this.needs = index.needOptions.map((_, need) => new NeedChoice(index, need, counts));
    this.sellers = index.market.sellers.map((_, seller) => new ParcelChoice(index, seller, counts));
    this.size = countsAt(index) + counts.units.length;
  }

  /** Multipliers that price every count by its units, at so much a unit of each variant. */
  priceAt(worth: Float64Array): Float64Array {
    const { index, counts } = this;
    const priced = new Float64Array(this.size);
    priced.set(worth);
    counts.units.forEach((units, count) => {
      priced[countsAt(index) + count] = units * (worth[index.shelfVariant[counts.shelf[count] ?? 0] ?? 0] ?? 0);
    });
    return priced;
  }

  /**
   * The bound at some multipliers. `slope` receives how it changes with each; `opened`, where it is given, 1 for each seller who sends a
   * parcel, else 0.
   */
  evaluate(multipliers: Float64Array, slope: Float64Array, opened?: Float64Array, decided?: Decided): number {
    slope.fill(0);
    let cost = 0;
    for (const need of this.needs) cost += need.fill(multipliers, slope);
    cost += creditPooled(this.index, multipliers, slope);
    const { maxParcels } = this.index.market.problem.rules;
    const parcel = parcelAt(this.index);
    if (maxParcels !== null) cost -= maxParcels * (multipliers[parcel] ?? 0);
    for (let s = 0; s < this.sellers.length; s += 1) {
      const own = decided?.get(s);
      if (opened) opened[s] = 0;
      if (own === 'closed') continue;
      const contribution = this.sellers[s]?.contribution(multipliers, slope, own === 'open') ?? 0;
      cost -= contribution;
      if (opened && (contribution > 0 || own === 'open')) opened[s] = 1;
    }
    slope[parcel] = maxParcels === null ? 0 : (slope[parcel] ?? 0) - maxParcels;
    return cost;
  }

  losses(multipliers: Float64Array): Losses {
    const counts = new Float64Array(this.counts.units.length);
    const offers = new Float64Array(this.index.offerSeller.length).fill(Infinity);
    for (const need of this.needs) need.losses(multipliers, counts);
    const sellers = Float64Array.from(this.sellers, (seller) => seller.losses(multipliers, counts, offers));
    return { boundMinor: this.evaluate(multipliers, new Float64Array(this.size)), sellers, counts, offers };
  }
}
