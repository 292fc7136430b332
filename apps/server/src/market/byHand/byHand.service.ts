import { Injectable } from '@nestjs/common';
import { CatalogueService } from '../../catalogue/index.js';
import { Database } from '../../platform/db/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import type { OfferDto } from '../market.dto.js';
import { OfferEntity, SellerEntity } from '../market.entities.js';
import { MarketService } from '../market.service.js';
import { MarketStore } from '../market.store.js';
import { LowestRecord, PriceRecord, Pricing } from '../records/index.js';
import { WatchesService } from '../watches/index.js';
import { type OfferByHandDto, type SellerByHandDto, sellerFault } from './byHand.dto.js';

/** Sellers and offers that are written down by hand, one at a time; the prices follow at once. */
@Injectable()
export class ByHandService {
  constructor(
    private readonly database: Database,
    private readonly store: MarketStore,
    private readonly market: MarketService,
    private readonly catalogue: CatalogueService,
    private readonly watches: WatchesService,
    private readonly live: LiveService,
  ) {}

  /** A new seller, under a short name made from its name. */
  add(seller: SellerByHandDto): Promise<{ id: string }> {
    return this.database.write<{ id: string }>(() => {
      refuseFault(seller);
      const twin = this.store.sellers().find((row) => row.name.trim().toLowerCase() === seller.name.trim().toLowerCase());
      if (twin) throw new Problem(409, `There is a seller “${twin.name}” already. Change that one, or give this one another name.`);
      const id = this.freeId(seller.name);
      this.database.table(SellerEntity).insert({ ...rowOf(seller), id, duty: null, reliability: 1 });
      this.live.changed('market');
      return { id };
    });
  }

  /** Gives a seller the terms that were written down; what it offers is reckoned anew with them. */
  change(id: string, seller: SellerByHandDto): Promise<{ id: string }> {
    return this.database.write<{ id: string }>(() => {
      this.seller(id);
      refuseFault(seller);
      const { kind: _, ...terms } = rowOf(seller);
      this.database.table(SellerEntity).update({ id }, terms);
      const items = [...this.store.itemsOfSeller(id)].filter((item) => item.kind === 'variant').map((item) => item.id);
      this.follow(new Set(items));
      return { id };
    });
  }

  /** A part that a seller offers; one that it offers in the same condition and lots already has its price and stock changed. */
  offer(seller: string, offer: OfferByHandDto): Promise<OfferDto[]> {
    return this.database.write<OfferDto[]>(() => {
      this.seller(seller);
      if (!this.catalogue.now().has(offer.item)) throw notFound('part', offer.item);
      const { priceMinor, stock, multiple, condition } = offer;
      const item = this.catalogue.now().resolve(offer.item);
      const seenOn = this.market.today();
      const id = `${seller}/${item}/hand-${condition}-${multiple}`;
      this.database
        .table(OfferEntity)
        .upsert({ id, seller, kind: 'variant', item, priceMinor, stock, multiple, condition, seenOn, origin: 'imported' });
      this.follow([item]);
      return this.market.offers({ kind: 'variant', item });
    });
  }

  /** Takes an offer away that was written down or imported; what the simulated market offers is its own. */
  drop(id: string): Promise<OfferDto[]> {
    return this.database.write<OfferDto[]>(() => {
      const offer = this.database.table(OfferEntity).first({ id });
      if (!offer) throw notFound('offer', id);
      if (offer.origin === 'simulated') throw new Problem(409, 'The simulated market makes this offer, and takes it away when it is sold.');
      this.database.table(OfferEntity).delete({ id });
      this.follow([offer.item]);
      return this.market.offers({ kind: offer.kind, item: offer.item });
    });
  }

  /** Has the lowest prices, the record of the day and the watches follow what is offered of some parts now. */
  private follow(items: Iterable<string>): void {
    const today = this.market.today();
    const prepare = (sql: string) => this.database.prepare(sql);
    const all = [...items];
    new LowestRecord(prepare).refresh(all, today);
    const offers = this.store.offersOf(all.map((id) => ({ kind: 'variant', id })));
    const pricing = new Pricing(this.store.terms(), today);
    for (const write of new PriceRecord(prepare).changesOn(today, offers, pricing)) write();
    this.watches.lookRound(today);
    this.live.changed('market');
  }

  private seller(id: string): void {
    if (!this.store.hasSeller(id)) throw notFound('seller', id);
  }

  private freeId(name: string): string {
    const plain = name
      .normalize('NFKD')
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 50);
    const base = plain === '' ? 'seller' : plain;
    for (let n = 1; ; n += 1) {
      const id = n === 1 ? base : `${base}-${n}`;
      if (!this.store.hasSeller(id)) return id;
    }
  }
}

function refuseFault(seller: SellerByHandDto): void {
  const fault = sellerFault(seller);
  if (fault) throw new Problem(422, fault.sentence, [fault]);
}

const rowOf = (seller: SellerByHandDto): Omit<SellerEntity, 'id' | 'duty' | 'reliability'> => ({
  ...seller,
  postage: seller.postage.map(({ upToG, costMinor }) => ({ upToG, costMinor })),
  kind: seller.thirdParty ? 'workshop' : 'shop',
});
