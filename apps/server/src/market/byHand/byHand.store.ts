import type { Database } from '../../platform/db/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { BinnedSellerEntity, DiscountCodeEntity, OfferEntity, SellerEntity } from '../market.entities.js';

/** What deeds by hand change of the market: rows by their ids, and who lies in the bin. Undo goes from one such state to another. */
export interface ByHandState {
  readonly sellers?: readonly (Partial<SellerEntity> & Pick<SellerEntity, 'id' | 'name'>)[];
  readonly offers?: readonly (Partial<OfferEntity> & Pick<OfferEntity, 'id' | 'kind' | 'item'>)[];
  readonly binned?: readonly string[];
}

const idsOf = (rows: readonly { readonly id: string }[] = []): ReadonlySet<string> => new Set(rows.map((row) => row.id));

/** Sellers and offers as a person writes them down, puts them away and takes that back. Units of work are the caller's. */
export class ByHandStore {
  /** `isPart`: is there a part of that id in the catalogue? */
  constructor(
    private readonly database: Database,
    private readonly isPart: (variant: string) => boolean,
  ) {}

  seller(id: string): SellerEntity {
    const seller = this.database.table(SellerEntity).first({ id });
    if (!seller) throw notFound('seller', id);
    return seller;
  }

  /** Goes from one state to another; returns the parts whose prices that touches. */
  restore(to: ByHandState, from: ByHandState, now: string): ReadonlySet<string> {
    const touched = new Set<string>();
    const touch = (offers: ByHandState['offers'] = []): void =>
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
      const table = this.database.table(SellerEntity);
      table.upsert({ ...seller, version: (table.first({ id: seller.id })?.version ?? 0) + 1 });
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
    this.database.table(DiscountCodeEntity).delete({ seller: id });
    this.database.table(OfferEntity).delete({ seller: id });
    this.database.table(SellerEntity).delete({ id });
    this.database
      .table(BinnedSellerEntity)
      .insert({ id, name: seller.name, seller: { ...seller }, offers: offers.map((offer) => ({ ...offer })), removedAt: now });
    return offers;
  }

  /** Brings a seller back out of the bin with what it offered. */
  takeOut(id: string): readonly OfferEntity[] {
    const row = this.database.table(BinnedSellerEntity).first({ id });
    if (!row) throw notFound('seller in the bin', id);
    const [sellers, offers] = [this.database.table(SellerEntity), this.database.table(OfferEntity)];
    sellers.insert(sellers.rowOf(row.seller));
    // What was offered of parts that have gone since does not come back with it.
    const ids = row.offers.map((offer) => String(offer['id']));
    offers.insertAll(
      row.offers.filter(({ kind, item }) => kind !== 'variant' || this.isPart(String(item))).map((offer) => offers.rowOf(offer)),
    );
    this.throwAway(id);
    return offers.find({ where: { id: ids } });
  }

  throwAway(id: string): void {
    this.database.table(BinnedSellerEntity).delete({ id });
  }

  binnedSellers(): readonly Pick<BinnedSellerEntity, 'id' | 'name' | 'removedAt'>[] {
    return this.database.table(BinnedSellerEntity).find();
  }

  isBinned(id: string): boolean {
    return this.database.table(BinnedSellerEntity).has({ id });
  }
}
