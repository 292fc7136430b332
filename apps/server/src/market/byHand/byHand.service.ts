import { Injectable } from '@nestjs/common';
import { CatalogueService } from '../../catalogue/index.js';
import { BinService } from '../../platform/bin/index.js';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { HistoryService, type Restoring } from '../../platform/history/index.js';
import type { Document, Slice } from '../../platform/log/index.js';
import { notFound, Problem, refuseStale } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import type { OfferDto } from '../market.dto.js';
import { OfferEntity, SellerEntity } from '../market.entities.js';
import { MarketService } from '../market.service.js';
import { MarketStore } from '../market.store.js';
import { LowestStore, PriceStore, Pricing } from '../stores/index.js';
import { WatchesService } from '../watches/index.js';
import { type ByHandState, ByHandStore } from './byHand.store.js';
import { type OfferByHandDto, type SellerByHandDto, sellerFault } from './byHand.dto.js';

/** All that is written down by hand in the market is one line of history: what an offer rests on is undone after it. */
const ALL = 'all';

/** Sellers and offers that are written down by hand, one at a time; the prices follow at once, and each deed can be taken back. */
@Injectable()
export class ByHandService {
  private readonly hand: ByHandStore;

  constructor(
    private readonly database: Database,
    private readonly store: MarketStore,
    private readonly market: MarketService,
    private readonly catalogue: CatalogueService,
    private readonly watches: WatchesService,
    private readonly live: LiveService,
    private readonly history: HistoryService,
    private readonly clock: Clock,
    bin: BinService,
  ) {
    this.hand = new ByHandStore(database, (variant) => catalogue.now().has(variant));
    history.register('market', {
      restore: (things) => this.follow(this.hand.restore(this.stateOf(things, 'to'), this.stateOf(things, 'from'), this.now())),
      // Offers rest on their seller and its terms: each is put back whole.
      touched: () => 'all',
    });
    bin.register('seller', {
      list: () => this.hand.binnedSellers().map(({ id, name, removedAt }) => ({ id, name, stoodIn: 'the market', at: removedAt })),
      bringBack: (id) => this.bringBack(id),
      throwAway: (id) => this.hand.throwAway(id),
    });
  }

  /** A new seller, under a short name made from its name. */
  add(seller: SellerByHandDto): Promise<{ id: string }> {
    return this.database.write<{ id: string }>(() => {
      refuseFault(seller);
      const twin = this.store.sellers().find((row) => row.name.trim().toLowerCase() === seller.name.trim().toLowerCase());
      if (twin) throw new Problem(409, `There is a seller “${twin.name}” already. Change that one, or give this one another name.`);
      const id = this.freeId(seller.name);
      const row = { ...rowOf(seller), id, duty: null, reliability: 1, version: 1 };
      this.do(`Added ${seller.name}`, {}, { sellers: [row] });
      return { id };
    });
  }

  /** Gives a seller the terms that were written down; what it offers is reckoned anew with them. */
  change(id: string, seller: SellerByHandDto, seen: number): Promise<{ id: string }> {
    return this.database.write<{ id: string }>(() => {
      const before = this.hand.seller(id);
      refuseStale(`What ${before.name} asks`, seen, before.version, () => this.market.sellers().find((row) => row.id === id));
      refuseFault(seller);
      this.do(
        `Changed the terms of ${before.name}`,
        { sellers: [before] },
        { sellers: [{ ...before, ...rowOf(seller), kind: before.kind }] },
      );
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
      const row: OfferEntity = { id, seller, kind: 'variant', item, priceMinor, stock, multiple, condition, seenOn, origin: 'imported' };
      const before = this.database.table(OfferEntity).first({ id });
      const { name } = this.hand.seller(seller);
      const part = this.catalogue.now().nameOf(this.catalogue.now().variant(item));
      this.do(`${name} offers ${part}`, { offers: before ? [before] : [] }, { offers: [row] });
      return this.market.offers({ kind: 'variant', item });
    });
  }

  /** Takes an offer away that was written down or imported; what the simulated market offers is its own. */
  drop(id: string): Promise<OfferDto[]> {
    return this.database.write<OfferDto[]>(() => {
      const offer = this.database.table(OfferEntity).first({ id });
      if (!offer) throw notFound('offer', id);
      if (offer.origin === 'simulated') throw new Problem(409, 'The simulated market makes this offer, and takes it away when it is sold.');
      this.do(`Took an offer of ${this.hand.seller(offer.seller).name} away`, { offers: [offer] }, {});
      return this.market.offers({ kind: offer.kind, item: offer.item });
    });
  }

  /** Puts a seller away with all it offers; the bin brings both back. */
  bin(id: string): Promise<{ id: string }> {
    return this.database.write<{ id: string }>(() => {
      const { name } = this.hand.seller(id);
      this.do(`Put ${name} in the bin`, {}, { binned: [id] });
      return { id };
    });
  }

  private bringBack(id: string): void {
    const { name } = this.hand.binnedSellers().find((row) => row.id === id) ?? { name: id };
    this.do(`Brought ${name} back`, { binned: [id] }, {});
  }

  /** Does a deed within a unit of work: from one state to another, written down so that it can be taken back. */
  private do(label: string, before: ByHandState, after: ByHandState): void {
    const [away] = after.binned ?? [];
    const leaving = away === undefined ? [] : this.database.table(OfferEntity).find({ where: { seller: away } });
    this.follow(this.hand.restore(after, before, this.now()));
    const [back] = before.binned ?? [];
    const coming = back === undefined ? [] : this.database.table(OfferEntity).find({ where: { seller: back } });
    this.history.record({ line: 'market', item: ALL, label, slices: slicesOf(before, after, [...leaving, ...coming]) });
  }

  /** The rows that stand on one side of what is put back. */
  private stateOf(things: readonly Restoring[], side: 'to' | 'from'): ByHandState {
    const rows = (kind: string): readonly Document[] =>
      things.flatMap((thing) => (thing.item.startsWith(`${kind} `) && thing[side] ? [thing[side]] : []));
    const [sellers, offers] = [this.database.table(SellerEntity), this.database.table(OfferEntity)];
    return {
      sellers: rows('seller').flatMap((row) => (row['isBinned'] === undefined ? [sellers.rowOf(row, 'id', 'name')] : [])),
      offers: rows('offer').flatMap((row) => (row['isCarried'] === undefined ? [offers.rowOf(row, 'id', 'kind', 'item')] : [])),
      binned: rows('seller').flatMap((row) => (row['isBinned'] === true ? [String(row['id'])] : [])),
    };
  }

  private now(): string {
    return this.clock.now().toISOString();
  }

  /** Has the lowest prices, the record of the day and the watches follow what is offered of some parts now. */
  private follow(items: Iterable<string>): void {
    const today = this.market.today();
    const all = [...items];
    this.live.tellAfterwards('market');
    if (all.length === 0) return;
    new LowestStore(this.database).refresh(all, today);
    const offers = this.store.offersOf(all.map((id) => ({ kind: 'variant', id })));
    const pricing = new Pricing(this.store.terms(), today);
    for (const write of new PriceStore(this.database).changesOn(today, offers, pricing)) write();
    this.watches.lookRound(today);
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
      // The name of one in the bin stays its own: it may come back.
      if (!this.store.hasSeller(id) && !this.hand.isBinned(id)) return id;
    }
  }
}

/**
 * Rows of a deed as slices, offers behind what they rest on: "seller …", "offer …". A seller that goes into the bin takes its offers
 * along, so that no deed of one of them can be turned while they lie there.
 *
 * @param carried the offers of a seller that goes into the bin or comes out of it
 */
function slicesOf(before: ByHandState, after: ByHandState, carried: readonly OfferEntity[]): readonly Slice[] {
  const keyed = ({ sellers = [], offers = [], binned = [] }: ByHandState, other: ByHandState): ReadonlyMap<string, Document> =>
    new Map<string, Document>([
      ...binned.map((id) => [`seller ${id}`, { id, isBinned: true }] as const),
      ...(other.binned ?? []).map((id) => [`seller ${id}`, { id, isBinned: false }] as const),
      ...sellers.map((row) => [`seller ${row.id}`, { ...row }] as const),
      ...offers.map((row) => [`offer ${row.id}`, { ...row }] as const),
    ]);
  const [was, is] = [keyed(before, after), keyed(after, before)];
  const rows = [...new Set([...was.keys(), ...is.keys()])].map((item) => ({
    ...{ subject: 'market' as const, item, before: was.get(item) ?? null, after: is.get(item) ?? null },
  }));
  return [...rows, ...carried.map(({ id }) => ({ subject: 'market' as const, item: `offer ${id}`, before: CARRIED, after: CARRIED }))];
}

const CARRIED = { isCarried: true } as const;

function refuseFault(seller: SellerByHandDto): void {
  const fault = sellerFault(seller);
  if (fault) throw new Problem(422, fault.sentence, [fault]);
}

const rowOf = (seller: SellerByHandDto): Omit<SellerEntity, 'id' | 'duty' | 'reliability' | 'version'> => ({
  ...seller,
  postage: seller.postage.map(({ upToG, costMinor }) => ({ upToG, costMinor })),
  kind: seller.thirdParty ? 'workshop' : 'shop',
});
