import { Injectable } from '@nestjs/common';
import type { LandedPrice } from '@outfit/core';
import { Database } from '../platform/db/index.js';
import { LandedShareEntity, MarketClockEntity, MarketNewsEntity, OfferEntity, SellerEntity } from './market.entities.js';
import { LowestStore, type Terms, TermsStore } from './stores/index.js';

const MOST_NEWS = 100;

/** Which offers are asked for. A list means any of it. */
export interface OfferFilter {
  readonly id?: string;
  readonly kind?: OfferEntity['kind'];
  readonly item?: string | readonly string[];
  readonly seller?: string;
}

/** What is offered: a variant, or something whole. */
export interface Item {
  readonly kind: OfferEntity['kind'];
  readonly id: string;
}

/** What an offer has and asks, in its seller's own money: all that is told of it where there are tens of thousands. */
export type OfferedLot = readonly [item: string, seller: string, askedMinor: number, stock: number, multiple: number];

/** Sellers, offers, rates, codes and the market's clock in their tables. */
@Injectable()
export class MarketStore {
  private readonly termsStore: TermsStore;
  private readonly lowestPrices: LowestStore;

  constructor(private readonly database: Database) {
    this.termsStore = new TermsStore(database);
    this.lowestPrices = new LowestStore(database);
  }

  clock(): MarketClockEntity | null {
    return this.database.table(MarketClockEntity).first({ id: 1 });
  }

  news(): MarketNewsEntity[] {
    return this.database.table(MarketNewsEntity).find({ order: { id: 'DESC' }, take: MOST_NEWS });
  }

  sellers(): SellerEntity[] {
    return this.termsStore.sellers();
  }

  hasSeller(id: string): boolean {
    return this.database.table(SellerEntity).has({ id });
  }

  offers(filter: OfferFilter = {}): OfferEntity[] {
    return this.database.table(OfferEntity).find({ where: filter });
  }

  /** The offers of some items, found by their index: what else is offered is not looked at. */
  offersOf(items: readonly Item[]): OfferEntity[] {
    return this.database
      .table(OfferEntity)
      .select(
        `JOIN json_each(?) AS asked ON offer.kind = json_extract(asked.value, '$[0]') AND offer.item = json_extract(asked.value, '$[1]')`,
        JSON.stringify(items.map(({ kind, id }) => [kind, id])),
      );
  }

  /** What is left of some parts, by the same index: what is asked for leads, whatever the planner would guess of it. */
  lotsOf(variants: readonly string[]): readonly OfferedLot[] {
    return this.database
      .prepare<OfferedLot>(
        `SELECT offer.item, seller, priceMinor, stock, multiple FROM json_each(?) AS asked
           CROSS JOIN offer ON offer.kind = 'variant' AND offer.item = asked.value WHERE stock > 0`,
      )
      .raw()
      .all(JSON.stringify(variants));
  }

  /** A page of what a seller offers, the cheapest first. */
  offersOfSeller(seller: string, offset: number, limit: number): OfferEntity[] {
    return this.database.table(OfferEntity).select('WHERE seller = ? ORDER BY priceMinor, id LIMIT ? OFFSET ?', seller, limit, offset);
  }

  countOfSeller(seller: string): number {
    return this.database.table(OfferEntity).count({ seller });
  }

  /** What a seller offers, in the order of its pages: where each lies, and what it is of. */
  *itemsOfSeller(seller: string): Iterable<Item & { readonly place: number }> {
    yield* this.database
      .prepare<Item & { place: number }>(
        'SELECT rowid AS place, kind, item AS id FROM offer WHERE seller = ? ORDER BY priceMinor, offer.id',
      )
      .all(seller);
  }

  /** The offers that lie in some places, in the order these are given. */
  offersAt(places: readonly number[]): OfferEntity[] {
    return this.database
      .table(OfferEntity)
      .select('JOIN json_each(?) AS asked ON offer.rowid = asked.value ORDER BY asked.key', JSON.stringify(places));
  }

  hasOffers(): boolean {
    return this.database.table(OfferEntity).has({});
  }

  hasOffer(id: string): boolean {
    return this.database.table(OfferEntity).has({ id });
  }

  /** So many fewer of an offer are left, and none at least. */
  takeStock(offer: string, quantity: number): void {
    this.database.assertWriting();
    this.database.prepare('UPDATE offer SET stock = MAX(0, stock - ?) WHERE id = ?').run(quantity, offer);
  }

  /** How many offers each seller has. */
  offerCounts(): ReadonlyMap<string, number> {
    const rows = this.database
      .prepare<{ seller: string; offers: number }>('SELECT seller, COUNT(*) AS offers FROM offer GROUP BY seller')
      .all();
    return new Map(rows.map(({ seller, offers }) => [seller, offers]));
  }

  /** Sellers, rates, discount codes and what units carried of their parcels' charges: what prices are reckoned with. */
  terms(): Terms {
    return this.termsStore.read();
  }

  lowestAfter(variant: string, most: number): readonly LandedPrice[] {
    return this.lowestPrices.after(variant, most);
  }

  /** The day the lowest prices are true of. */
  lowestDay(): string | null {
    return this.lowestPrices.day();
  }

  openClock(day: string, seed: number): void {
    this.database.table(MarketClockEntity).insert({ id: 1, day, openedOn: day, seed });
  }

  addNews(day: string, text: string): void {
    this.database.table(MarketNewsEntity).insert({ day, text });
  }

  addSellers(sellers: readonly SellerEntity[]): void {
    this.database.table(SellerEntity).insertAll(sellers);
  }

  /** Remembers what units carried, and has the prices of the parts concerned follow. */
  rememberShares(shares: readonly LandedShareEntity[], today: string): void {
    this.database.assertWriting();
    this.database.table(LandedShareEntity).upsert(...shares);
    const offers = this.database.table(OfferEntity).find({ where: { id: shares.map((share) => share.offer), kind: 'variant' } });
    this.lowestPrices.refresh(new Set(offers.map((offer) => offer.item)), today);
  }
}
