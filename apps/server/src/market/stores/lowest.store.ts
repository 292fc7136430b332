import { type LandedPrice, lowestLandedOf } from '@outfit/core';
import type { EntityTable, Tables } from '../../platform/sqlite/index.js';
import { LowestPriceDayEntity, LowestPriceEntity, OfferEntity } from '../market.entities.js';
import { type PricedOffer, Pricing } from './pricing.js';
import { TermsStore } from './terms.store.js';

const IS_SOLD = `kind = 'variant' AND stock > 0`;
/** The row that says which day the prices are of. */
const ONLY = 1;

/**
 * The lowest landed price of every variant that is sold, kept in a table so that nobody reads a whole market for it. Under the
 * ids offers are made under: doubles are put together by who reads it. True of the day it was last refreshed for.
 */
export class LowestStore {
  private readonly prices: EntityTable<LowestPriceEntity>;
  private readonly days: EntityTable<LowestPriceDayEntity>;

  constructor(private readonly tables: Tables) {
    this.prices = tables.table(LowestPriceEntity);
    this.days = tables.table(LowestPriceDayEntity);
  }

  /** The day it is true of; null before it was ever worked out. */
  day(): string | null {
    return this.days.first({ id: ONLY })?.day ?? null;
  }

  all(): LandedPrice[] {
    return this.prices.find();
  }

  /** The next prices in the order of variants' ids, for whoever reads them some at a time. */
  after(variant: string, most: number): LandedPrice[] {
    return this.prices.select('WHERE variant > ? ORDER BY variant LIMIT ?', variant, most);
  }

  /**
   * Works every price out for a day, while nothing is locked; the answer writes those that changed, within the caller's
   * transaction.
   */
  changesOn(day: string): () => void {
    return this.changesTo(day, lowestLandedOf(this.pricedOffers(new Pricing(new TermsStore(this.tables).read(), day))));
  }

  /** What a day's lowest prices change against those that stand, for whoever has worked them out; the answer writes it. */
  changesTo(day: string, lowest: ReadonlyMap<string, LandedPrice>): () => void {
    const before = new Map(this.all().map((row) => [row.variant, row]));
    const changed = [...lowest.values()].filter((price) => {
      const was = before.get(price.variant);
      return !was || !isSame(was, price);
    });
    const gone = [...before.keys()].filter((variant) => !lowest.has(variant));
    return () => {
      this.prices.upsertAll(changed);
      for (const variant of gone) this.prices.delete({ variant });
      this.days.upsert({ id: ONLY, day });
    };
  }

  /** All offers of parts with their prices, in the order they lie in: by an index every one of them would be looked up apart. */
  private *pricedOffers(pricing: Pricing): Iterable<PricedOffer & { readonly variant: string }> {
    for (const offer of this.tables.table(OfferEntity).iterate(`NOT INDEXED WHERE ${IS_SOLD}`)) {
      const price = pricing.price(offer);
      if (price) yield Object.assign(price, { variant: offer.item });
    }
  }

  /** What they are reckoned with has changed: from now on they are of no day, until they are worked out anew. Within the caller's transaction. */
  forget(): void {
    this.days.update({ id: ONLY }, { day: '' });
  }

  /** Works the prices of some variants out anew. Within the caller's transaction. */
  refresh(variants: Iterable<string>, day: string): void {
    const pricing = new Pricing(new TermsStore(this.tables).read(), day);
    const offers = this.tables.table(OfferEntity);
    for (const variant of variants) {
      const price = lowestOf(pricing.all(offers.select(`WHERE ${IS_SOLD} AND item = ?`, variant)));
      if (price) this.prices.upsert(price);
      else this.prices.delete({ variant });
    }
  }
}

/** The lowest of one item's offers; null where it is no part, or nobody has it. */
export function lowestOf(priced: readonly PricedOffer[]): LandedPrice | null {
  const sold = priced.filter((offer) => offer.kind === 'variant').map((offer) => Object.assign(offer, { variant: offer.item }));
  return [...lowestLandedOf(sold).values()][0] ?? null;
}

const isSame = (a: LandedPrice, b: LandedPrice): boolean =>
  a.landedMinor === b.landedMinor &&
  a.priceMinor === b.priceMinor &&
  a.seller === b.seller &&
  a.seenOn === b.seenOn &&
  a.condition === b.condition;
