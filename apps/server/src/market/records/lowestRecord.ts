import { type LandedPrice, lowestLanded } from '@outfit/core';
import type { Prepare } from '../../platform/sqlite/index.js';
import type { OfferEntity } from '../market.entities.js';
import { type PricedOffer, Pricing } from './pricing.js';
import { TermsRecord } from './termsRecord.js';

const OFFER = 'SELECT id, seller, kind, item, priceMinor, stock, multiple, condition, seenOn, origin FROM offer';
const IS_SOLD = `kind = 'variant' AND stock > 0`;

/**
 * The lowest landed price of every variant that is sold, kept in a table so that nobody reads a whole market for it. Under the
 * ids offers are made under: doubles are put together by who reads it. True of the day it was last refreshed for.
 */
export class LowestRecord {
  constructor(private readonly prepare: Prepare) {}

  /** The day it is true of; null before it was ever worked out. */
  day(): string | null {
    return (this.prepare('SELECT day FROM lowest_price_day WHERE id = 1').pluck().get() as string | undefined) ?? null;
  }

  all(): LandedPrice[] {
    return this.prepare('SELECT variant, landedMinor, priceMinor, seller, seenOn FROM lowest_price').all() as LandedPrice[];
  }

  /** The next prices in the order of variants' ids, for whoever reads them some at a time. */
  after(variant: string, most: number): LandedPrice[] {
    return this.prepare(
      'SELECT variant, landedMinor, priceMinor, seller, seenOn FROM lowest_price WHERE variant > ? ORDER BY variant LIMIT ?',
    ).all(variant, most) as LandedPrice[];
  }

  /**
   * Works every price out for a day, while nothing is locked; the answer writes those that changed, within the caller's
   * transaction.
   */
  changesOn(day: string): () => void {
    return this.changesTo(day, lowestLanded(this.priced(new Pricing(new TermsRecord(this.prepare).read(), day))));
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
      for (const price of changed) this.put(price);
      for (const variant of gone) this.drop(variant);
      this.prepare('INSERT INTO lowest_price_day (id, day) VALUES (1, ?) ON CONFLICT (id) DO UPDATE SET day = excluded.day').run(day);
    };
  }

  /** All offers of parts with their prices, in the order they lie in: by an index every one of them would be looked up apart. */
  private *priced(pricing: Pricing): Iterable<PricedOffer & { readonly variant: string }> {
    for (const offer of this.prepare(`${OFFER} NOT INDEXED WHERE ${IS_SOLD}`).iterate() as IterableIterator<OfferEntity>) {
      const price = pricing.price(offer);
      if (price) yield Object.assign(price, { variant: offer.item });
    }
  }

  /** What they are reckoned with has changed: from now on they are of no day, until they are worked out anew. Within the caller's transaction. */
  forget(): void {
    this.prepare(`UPDATE lowest_price_day SET day = ''`).run();
  }

  /** Works the prices of some variants out anew. Within the caller's transaction. */
  refresh(variants: Iterable<string>, day: string): void {
    const pricing = new Pricing(new TermsRecord(this.prepare).read(), day);
    const offers = this.prepare(`${OFFER} WHERE ${IS_SOLD} AND item = ?`);
    for (const variant of variants) {
      const price = lowestOf(pricing.all(offers.all(variant) as OfferEntity[]));
      if (price) this.put(price);
      else this.drop(variant);
    }
  }

  private put({ variant, landedMinor, priceMinor, seller, seenOn }: LandedPrice): void {
    this.prepare(
      `INSERT INTO lowest_price (variant, landedMinor, priceMinor, seller, seenOn) VALUES (?, ?, ?, ?, ?)
         ON CONFLICT (variant) DO UPDATE SET landedMinor = excluded.landedMinor, priceMinor = excluded.priceMinor,
           seller = excluded.seller, seenOn = excluded.seenOn`,
    ).run(variant, landedMinor, priceMinor, seller, seenOn);
  }

  private drop(variant: string): void {
    this.prepare('DELETE FROM lowest_price WHERE variant = ?').run(variant);
  }
}

/** The lowest of one item's offers; null where it is no part, or nobody has it. */
export function lowestOf(priced: readonly PricedOffer[]): LandedPrice | null {
  const sold = priced.filter((offer) => offer.kind === 'variant').map((offer) => Object.assign(offer, { variant: offer.item }));
  return [...lowestLanded(sold).values()][0] ?? null;
}

const isSame = (a: LandedPrice, b: LandedPrice): boolean =>
  a.landedMinor === b.landedMinor && a.priceMinor === b.priceMinor && a.seller === b.seller && a.seenOn === b.seenOn;
