import type { Prepare } from '../../platform/sqlite/index.js';
import type { Database } from '../../platform/db/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { OfferEntity, SellerEntity } from '../market.entities.js';

/** What deeds by hand change of the market: rows by their ids, and who lies in the bin. Undo goes from one such state to another. */
export interface ByHandState {
  readonly sellers?: readonly SellerEntity[];
  readonly offers?: readonly OfferEntity[];
  readonly binned?: readonly string[];
}

interface BinnedRow {
  readonly id: string;
  readonly name: string;
  readonly seller: string;
  readonly offers: string;
  readonly removedAt: string;
}

const idsOf = (rows: readonly { readonly id: string }[] = []): ReadonlySet<string> => new Set(rows.map((row) => row.id));

/** Sellers and offers as a person writes them down, puts them away and takes that back. Units of work are the caller's. */
export class ByHandStore {
  private readonly prepare: Prepare;

  /** `isPart`: is there a part of that id in the catalogue? */
  constructor(
    private readonly database: Database,
    private readonly isPart: (variant: string) => boolean,
  ) {
    this.prepare = (sql) => database.prepare(sql);
  }

  seller(id: string): SellerEntity {
    const seller = this.database.table(SellerEntity).first({ id });
    if (!seller) throw notFound('seller', id);
    return seller;
  }

  /** Goes from one state to another; returns the parts whose prices that touches. */
  restore(to: ByHandState, from: ByHandState, now: string): ReadonlySet<string> {
    const touched = new Set<string>();
    const touch = (offers: readonly OfferEntity[] = []): void =>
      offers.forEach((offer) => offer.kind === 'variant' && touched.add(offer.item));
    for (const id of from.binned ?? []) if (!(to.binned ?? []).includes(id)) touch(this.takeOut(id));
    const [sellers, offers] = [idsOf(to.sellers), idsOf(to.offers)];
    for (const offer of from.offers ?? []) if (!offers.has(offer.id)) this.database.table(OfferEntity).delete({ id: offer.id });
    for (const { id, name } of from.sellers ?? []) {
      if (sellers.has(id)) continue;
      if (this.database.table(OfferEntity).has({ seller: id }))
        throw new Problem(409, `${name} offers something by now. Take its offers away first, or put it in the bin.`);
      this.database.table(SellerEntity).delete({ id });
    }
    for (const seller of to.sellers ?? []) {
      this.database.table(SellerEntity).upsert(seller);
      touch(this.database.table(OfferEntity).find({ where: { seller: seller.id, kind: 'variant' } }));
    }
    if (to.offers?.length) this.database.table(OfferEntity).upsert(...to.offers);
    for (const id of to.binned ?? []) if (!(from.binned ?? []).includes(id)) touch(this.putAway(id, now));
    touch(to.offers);
    touch(from.offers);
    return touched;
  }

  /** Moves a seller and all it offers into the bin. Returns what it offered. */
  putAway(id: string, now: string): readonly OfferEntity[] {
    const seller = this.seller(id);
    const offers = this.database.table(OfferEntity).find({ where: { seller: id } });
    if (offers.some((offer) => offer.origin === 'simulated'))
      throw new Problem(
        409,
        `${seller.name} belongs to the simulated market, which would list its offers again. Leave it out of an errand instead.`,
      );
    this.prepare(`DELETE FROM discount_code WHERE seller = ?`).run(id);
    this.database.table(OfferEntity).delete({ seller: id });
    this.database.table(SellerEntity).delete({ id });
    this.prepare(`INSERT INTO binned_seller (id, name, seller, offers, removedAt) VALUES (?, ?, ?, ?, ?)`).run(
      id,
      seller.name,
      JSON.stringify(seller),
      JSON.stringify(offers),
      now,
    );
    return offers;
  }

  /** Brings a seller back out of the bin with what it offered. */
  takeOut(id: string): readonly OfferEntity[] {
    const row = this.prepare(`SELECT * FROM binned_seller WHERE id = ?`).get(id) as BinnedRow | undefined;
    if (!row) throw notFound('seller in the bin', id);
    // What was offered of parts that have gone since does not come back with it.
    const offers = (JSON.parse(row.offers) as OfferEntity[]).filter((offer) => offer.kind !== 'variant' || this.isPart(offer.item));
    this.database.table(SellerEntity).insert(JSON.parse(row.seller) as SellerEntity);
    if (offers.length > 0) this.database.table(OfferEntity).insertAll(offers);
    this.throwAway(id);
    return offers;
  }

  throwAway(id: string): void {
    this.prepare(`DELETE FROM binned_seller WHERE id = ?`).run(id);
  }

  binned(): readonly Pick<BinnedRow, 'id' | 'name' | 'removedAt'>[] {
    return this.prepare(`SELECT id, name, removedAt FROM binned_seller`).all() as BinnedRow[];
  }

  isBinned(id: string): boolean {
    return this.prepare(`SELECT 1 FROM binned_seller WHERE id = ?`).get(id) !== undefined;
  }
}
