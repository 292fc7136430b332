import { Injectable } from '@nestjs/common';
import {
  type Catalogue,
  holdersOf,
  lookFor,
  type Watch,
  type WatchedItem,
  watchInWords,
  type WatchView,
  type Way,
  money,
  quote,
} from '@outfit/core';
import { CatalogueService } from '../../catalogue/index.js';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import { SettingsService } from '../../settings/index.js';
import type { WatchDto, WatchesDto } from '../market.dto.js';
import { MarketService } from '../market.service.js';
import { MarketStore } from '../market.store.js';
import type { WatchEntity } from '../market.entities.js';
import { type MarketView, type PricedOffer } from '../stores/index.js';
import { WatchesStore } from './watches.store.js';

const MOST_WATCHES = 500;

/** "Tell me when …": watches look at the market after every change and leave a notice when something is news. */
@Injectable()
export class WatchesService {
  constructor(
    private readonly database: Database,
    private readonly store: WatchesStore,
    private readonly sellers: MarketStore,
    private readonly catalogue: CatalogueService,
    private readonly market: MarketService,
    private readonly live: LiveService,
    private readonly clock: Clock,
    settings: SettingsService,
  ) {
    settings.registerAmounts({ name: 'watches for a price', areKept: () => store.open().some(({ watch }) => 'priceMinor' in watch) });
  }

  list(): WatchesDto {
    const view = this.viewOver(this.market.viewOf([]));
    return {
      watches: this.store
        .open()
        .reverse()
        .map((row): WatchDto => ({ id: row.id, watch: row.watch, words: watchInWords(row.watch, view), createdAt: row.createdAt })),
      notices: this.store.openNotices().map(({ id, watch, day, text }) => ({ id, watch, day, text })),
    };
  }

  /** Begins to watch. What is true already is told at once. */
  async add(watch: Watch): Promise<WatchesDto> {
    await this.database.write(() => {
      this.refuseUnknown(watch);
      const open = this.store.open();
      if (open.length >= MOST_WATCHES) throw new Problem(409, `There are ${MOST_WATCHES} watches already. End some first.`);
      if (open.some((row) => JSON.stringify(row.watch) === JSON.stringify(watch))) throw new Problem(409, 'You watch for that already.');
      const id = this.store.add(watch, this.clock.now().toISOString());
      this.look(
        this.store.open().filter((row) => row.id === id),
        this.market.today(),
      );
      this.live.tellAfterwards('watches');
    });
    return this.list();
  }

  /** Ends a watch; its notices stay until they are put away. */
  async end(id: number): Promise<WatchesDto> {
    await this.database.write(() => {
      if (!this.store.end(id, this.clock.now().toISOString())) throw notFound('watch', String(id));
      this.live.tellAfterwards('watches');
    });
    return this.list();
  }

  async putAway(id: number): Promise<WatchesDto> {
    await this.database.write(() => {
      if (!this.store.putAway(id, this.clock.now().toISOString())) throw notFound('notice', String(id));
      this.live.tellAfterwards('watches');
    });
    return this.list();
  }

  /** Lets every watch look at the market as it stands on a day; returns what was told. Within the caller's unit of work. */
  lookRound(day: string): string[] {
    return this.look(this.store.open(), day);
  }

  /** Lets some watches look, at the offers of what they watch and of what holds it. */
  private look(watches: readonly WatchEntity[], day: string): string[] {
    if (watches.length === 0) return [];
    const catalogue = this.catalogue.now();
    const items = watches.flatMap(({ watch }) => (watch.kind === 'exists' ? [] : [watch.item, ...waysTo(watch.item, catalogue)]));
    const view = this.viewOver(this.market.viewOf(uniqueItems(items)));
    const told: string[] = [];
    for (const row of watches) {
      const { seen, tell } = lookFor(row.watch, view, row.seen);
      if (seen !== row.seen) this.store.note(row.id, seen);
      if (tell === null) continue;
      this.store.tell(row.id, day, tell);
      told.push(tell);
    }
    if (told.length > 0) this.live.tellAfterwards('watches');
    return told;
  }

  private refuseUnknown(watch: Watch): void {
    const catalogue = this.catalogue.now();
    const refuse = (path: string, sentence: string): never => {
      throw new Problem(422, sentence, [{ path, sentence }]);
    };
    if (watch.kind === 'exists') {
      if (!catalogue.hasMould(watch.mould)) refuse('/mould', `There is no mould ${quote(watch.mould)}.`);
      if (!catalogue.hasColour(watch.colour)) refuse('/colour', `There is no colour ${quote(watch.colour)}.`);
      return;
    }
    if (!isItem(catalogue, watch.item)) refuse('/item', `There is no ${watch.item.kind} ${quote(watch.item.id)}.`);
    if (watch.kind === 'in stock' && !this.sellers.hasSeller(watch.seller)) refuse('/seller', `There is no seller ${quote(watch.seller)}.`);
    if (watch.kind === 'cheapest way' && watch.item.kind !== 'variant') refuse('/item', 'Only a single part has several ways to it.');
  }

  private viewOver(market: MarketView): WatchView {
    const names = this.market.sellerNames();
    return watchView(market.offers, this.catalogue.now(), (id) => names.get(id) ?? id, this.market.currency());
  }
}

export function isItem(catalogue: Catalogue, { kind, id }: WatchedItem): boolean {
  const { data } = catalogue;
  const rows = { source: data.sources, figure: data.officialFigures, bundle: data.bundles, variant: [] }[kind];
  return kind === 'variant' ? catalogue.has(id) : rows.some((row: { readonly id: string }) => row.id === id);
}

export function nameOfItem(catalogue: Catalogue, { kind, id }: WatchedItem): string {
  if (kind === 'variant') return catalogue.has(id) ? catalogue.nameOf(catalogue.variant(id)) : id;
  const { sources, officialFigures, bundles } = catalogue.data;
  const name = { source: sources, figure: officialFigures, bundle: bundles }[kind].find((row) => row.id === id)?.name ?? id;
  return kind === 'figure' ? `${name}, whole figure` : name;
}

function watchView(offers: readonly PricedOffer[], catalogue: Catalogue, sellerName: (id: string) => string, currency: string): WatchView {
  const byItem = new Map<string, PricedOffer[]>();
  for (const offer of offers) {
    if (offer.stock === 0) continue;
    const key = `${offer.kind} ${offer.item}`;
    const own = byItem.get(key);
    if (own) own.push(offer);
    else byItem.set(key, [offer]);
  }
  const of = ({ kind, id }: WatchedItem): readonly PricedOffer[] => byItem.get(`${kind} ${id}`) ?? [];
  const cheapest = (rows: readonly PricedOffer[]): PricedOffer | undefined =>
    rows.reduce<PricedOffer | undefined>((best, row) => (!best || row.priceMinor < best.priceMinor ? row : best), undefined);
  return {
    cheapest: (item) => cheapest(of(item)) ?? null,
    stockAt: (seller, item) => of(item).reduce((all, offer) => all + (offer.seller === seller ? offer.stock : 0), 0),
    made: (mould, colour) =>
      catalogue.variantsOf(mould).find((variant) => variant.made !== undefined && variant.colours[0] === colour)?.id ?? null,
    cheapestWay: (variant) => cheapestWay(variant, of, catalogue),
    nameOf: (item) => nameOfItem(catalogue, item),
    sellerName,
    colourName: (id) => (catalogue.hasColour(id) ? catalogue.colour(id).name : id),
    mouldName: (number) => (catalogue.hasMould(number) ? catalogue.mould(number).name : number),
    money: (minor) => money(minor, currency),
  };
}

/** What holds an item for certain: the other ways to it. */
const waysTo = ({ kind, id }: WatchedItem, catalogue: Catalogue): readonly WatchedItem[] =>
  kind === 'variant' ? holdersOf(id, catalogue).filter((holder) => holder.isSure) : [];

const uniqueItems = (items: readonly WatchedItem[]): readonly WatchedItem[] => [
  ...new Map(items.map((item) => [`${item.kind} ${item.id}`, item])).values(),
];

/** The cheapest way to one of a variant: loose, or in something whole that holds it for certain. */
function cheapestWay(variant: string, of: (item: WatchedItem) => readonly PricedOffer[], catalogue: Catalogue): Way | null {
  const item: WatchedItem = { kind: 'variant', id: variant };
  let best: PricedOffer | null = null;
  for (const way of [item, ...waysTo(item, catalogue)])
    for (const offer of of(way)) if (!best || offer.landedMinor < best.landedMinor) best = offer;
  return best && { kind: best.kind, id: best.item, seller: best.seller, priceMinor: best.landedMinor };
}
