import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { Explosion, sighting, watchInWords, type Catalogue, type Watch, type WatchedItem, type WatchView, type Way } from '@outfit/core';
import { DataSource, IsNull, type EntityManager } from 'typeorm';
import { CatalogueService } from '../catalogue/index.js';
import { Clock } from '../common/clock.js';
import { notFound, Problem } from '../common/problem.js';
import type { WatchDto, WatchesDto } from './market.dto.js';
import { SellerEntity, WatchEntity, WatchNoticeEntity } from './market.entities.js';
import { MarketService } from './market.service.js';
import { CURRENCY, type MarketView, type PricedOffer } from './marketView.js';

const MOST_WATCHES = 500;
const MOST_NOTICES = 200;

/** "Tell me when …": watches look at the market after every change and leave a notice when something is news. */
@Injectable()
export class WatchesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly market: MarketService,
    private readonly clock: Clock,
  ) {}

  async list(): Promise<WatchesDto> {
    const { manager } = this.database;
    const rows = await manager.find(WatchEntity, { where: { removedAt: IsNull() }, order: { id: 'DESC' } });
    const notices = await manager.find(WatchNoticeEntity, { where: { dismissedAt: IsNull() }, order: { id: 'DESC' }, take: MOST_NOTICES });
    const view = await this.viewOver(manager, await this.market.view({ id: '' }));
    return {
      watches: rows.map((row): WatchDto => ({
        id: row.id,
        watch: row.watch,
        words: watchInWords(row.watch, view),
        createdAt: row.createdAt,
      })),
      notices: notices.map(({ id, watch, day, text }) => ({ id, watch, day, text })),
    };
  }

  /** Begins to watch. What is true already is told at once. */
  async add(watch: Watch): Promise<WatchesDto> {
    await this.refuseUnknown(watch);
    await this.database.transaction(async (manager) => {
      const count = await manager.countBy(WatchEntity, { removedAt: IsNull() });
      if (count >= MOST_WATCHES) throw new Problem(409, `There are ${MOST_WATCHES} watches already. End some first.`);
      const same = await manager.find(WatchEntity, { where: { removedAt: IsNull() } });
      if (same.some((row) => JSON.stringify(row.watch) === JSON.stringify(watch))) throw new Problem(409, 'You watch for that already.');
      await manager.insert(WatchEntity, { watch, seen: null, createdAt: this.clock.now().toISOString(), removedAt: null });
      await this.lookRound(manager, await this.market.today(), await this.market.view({}, manager));
    });
    return this.list();
  }

  /** Ends a watch; its notices stay until they are put away. */
  async end(id: number): Promise<WatchesDto> {
    const { affected } = await this.database.manager.update(WatchEntity, { id }, { removedAt: this.clock.now().toISOString() });
    if (!affected) throw notFound('watch', String(id));
    return this.list();
  }

  async putAway(id: number): Promise<WatchesDto> {
    const { affected } = await this.database.manager.update(WatchNoticeEntity, { id }, { dismissedAt: this.clock.now().toISOString() });
    if (!affected) throw notFound('notice', String(id));
    return this.list();
  }

  /** Lets every watch look at the market as it stands on a day; returns what was told. Within the caller's transaction. */
  async lookRound(manager: EntityManager, day: string, market: MarketView): Promise<string[]> {
    const watches = await manager.find(WatchEntity, { where: { removedAt: IsNull() }, order: { id: 'ASC' } });
    if (watches.length === 0) return [];
    const view = await this.viewOver(manager, market);
    const told: string[] = [];
    for (const row of watches) {
      const { seen, tell } = sighting(row.watch, view, row.seen);
      if (seen !== row.seen) await manager.update(WatchEntity, { id: row.id }, { seen });
      if (tell === null) continue;
      await manager.insert(WatchNoticeEntity, { watch: row.id, day, text: tell, dismissedAt: null });
      told.push(tell);
    }
    return told;
  }

  private async refuseUnknown(watch: Watch): Promise<void> {
    const catalogue = await this.catalogue.catalogue();
    const refuse = (path: string, sentence: string): never => {
      throw new Problem(422, sentence, [{ path, sentence }]);
    };
    if (watch.kind === 'exists') {
      if (!catalogue.hasMould(watch.mould)) refuse('/mould', `There is no mould ${watch.mould}.`);
      if (!catalogue.hasColour(watch.colour)) refuse('/colour', `There is no colour ${watch.colour}.`);
      return;
    }
    if (!isItem(catalogue, watch.item)) refuse('/item', `There is no ${watch.item.kind} ${watch.item.id}.`);
    if (watch.kind === 'in stock' && !(await this.database.manager.existsBy(SellerEntity, { id: watch.seller })))
      refuse('/seller', `There is no seller ${watch.seller}.`);
    if (watch.kind === 'cheapest way' && watch.item.kind !== 'variant') refuse('/item', 'Only a single part has several ways to it.');
  }

  private async viewOver(manager: EntityManager, market: MarketView): Promise<WatchView> {
    const catalogue = await this.catalogue.catalogue();
    const sellers = new Map((await manager.find(SellerEntity)).map((seller) => [seller.id, seller.name]));
    return watchView(market.offers, catalogue, (id) => sellers.get(id) ?? id);
  }
}

export function isItem(catalogue: Catalogue, { kind, id }: WatchedItem): boolean {
  const { data } = catalogue;
  const rows = { source: data.sources, figure: data.officialFigures, bundle: data.bundles, variant: [] }[kind];
  return kind === 'variant' ? catalogue.has(id) : rows.some((row: { readonly id: string }) => row.id === id);
}

const inMoney = (minor: number): string => new Intl.NumberFormat('en-GB', { style: 'currency', currency: CURRENCY }).format(minor / 100);

export function nameOfItem(catalogue: Catalogue, { kind, id }: WatchedItem): string {
  if (kind === 'variant') return catalogue.has(id) ? catalogue.nameOf(catalogue.variant(id)) : id;
  const { sources, officialFigures, bundles } = catalogue.data;
  const name = { source: sources, figure: officialFigures, bundle: bundles }[kind].find((row) => row.id === id)?.name ?? id;
  return kind === 'figure' ? `${name}, whole figure` : name;
}

function watchView(offers: readonly PricedOffer[], catalogue: Catalogue, sellerName: (id: string) => string): WatchView {
  const open = offers.filter((offer) => offer.stock > 0);
  const of = (item: WatchedItem): readonly PricedOffer[] => open.filter((offer) => offer.kind === item.kind && offer.item === item.id);
  const cheapest = (rows: readonly PricedOffer[]): PricedOffer | undefined =>
    rows.reduce<PricedOffer | undefined>((best, row) => (!best || row.priceMinor < best.priceMinor ? row : best), undefined);
  return {
    cheapest: (item) => cheapest(of(item)) ?? null,
    stockAt: (seller, item) => of(item).reduce((all, offer) => all + (offer.seller === seller ? offer.stock : 0), 0),
    made: (mould, colour) =>
      catalogue.variantsOf(mould).find((variant) => variant.made !== undefined && variant.colours[0] === colour)?.id ?? null,
    cheapestWay: (variant) => cheapestWay(variant, open, catalogue),
    nameOf: (item) => nameOfItem(catalogue, item),
    sellerName,
    colourName: (id) => (catalogue.hasColour(id) ? catalogue.colour(id).name : id),
    mouldName: (number) => (catalogue.hasMould(number) ? catalogue.mould(number).name : number),
    money: inMoney,
  };
}

/** The cheapest way to one of a variant: loose, or in something whole that holds it for certain. */
function cheapestWay(variant: string, open: readonly PricedOffer[], catalogue: Catalogue): Way | null {
  const explosion = new Explosion(catalogue.data);
  const { sources, officialFigures, bundles } = catalogue.data;
  const holding = new Set([
    ...officialFigures.filter((row) => row.parts.some((part) => part.variant === variant)).map((row) => `figure ${row.id}`),
    ...bundles.filter((row) => row.parts.some((part) => part.variant === variant)).map((row) => `bundle ${row.id}`),
    ...sources
      .filter((row) => explosion.of(row).some((piece) => piece.variant === variant && piece.certainty === 'sure'))
      .map((row) => `source ${row.id}`),
    `variant ${variant}`,
  ]);
  let best: PricedOffer | null = null;
  for (const offer of open) if (holding.has(`${offer.kind} ${offer.item}`) && (!best || offer.landedMinor < best.landedMinor)) best = offer;
  return best && { kind: best.kind, id: best.item, seller: best.seller, priceMinor: best.landedMinor };
}
