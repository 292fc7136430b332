import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { Catalogue, CatalogueData } from '@outfit/core';
import { dayNumber, isoDay, simulatedMarket, type Market, type MarketNews } from '@outfit/market';
import { DataSource, type EntityManager } from 'typeorm';
import { CatalogueService, EntriesService } from '../catalogue/index.js';
import { Problem } from '../common/problem.js';
import type { AdvancedDto, ClockDto } from './market.dto.js';
import { DiscountCodeEntity, MarketClockEntity, MarketNewsEntity, OfferEntity, RateEntity, SellerEntity } from './market.entities.js';
import { MarketService } from './market.service.js';
import { PriceRecord } from './priceRecord.js';
import { WatchesService } from './watches.service.js';

const CHUNK = 500;
/** Prices recorded before the market opened, so that there is a history to look at: one day a week. */
const WEEKS_BEFORE = 14;
const MOST_NEWS = 100;

/** Moves the simulated market on: prices walk, stock sells and returns, parts come out and go out of print. */
@Injectable()
export class AdvanceService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly entries: EntriesService,
    private readonly market: MarketService,
    private readonly watches: WatchesService,
  ) {}

  async clock(): Promise<ClockDto> {
    const { manager } = this.database;
    const clock = await manager.findOneBy(MarketClockEntity, { id: 1 });
    const news = await manager.find(MarketNewsEntity, { order: { id: 'DESC' }, take: MOST_NEWS });
    return { day: await this.market.today(), isSimulated: clock !== null, news: news.map(({ id, day, text }) => ({ id, day, text })) };
  }

  /** Opens a simulated market in an empty workspace, with its past weeks recorded. Within the caller's transaction. */
  async open(manager: EntityManager, data: CatalogueData, seed: number, today: string): Promise<void> {
    const market = simulatedMarket(data, seed, today);
    await manager.insert(MarketClockEntity, { id: 1, day: today, openedOn: today, seed });
    await manager.insert(
      SellerEntity,
      market.sellers.map(
        ({
          id,
          name,
          kind,
          country,
          currency,
          days,
          trusted,
          thirdParty,
          minimumMinor,
          handlingMinor,
          postage,
          freePostageFromMinor,
          duty,
          reliability,
        }) => ({
          ...{ id, name, kind, country, currency, days, trusted, thirdParty },
          ...{ minimumMinor, handlingMinor, postage, freePostageFromMinor, duty, reliability },
        }),
      ),
    );
    for (let week = WEEKS_BEFORE; week >= 0; week -= 1) {
      const day = isoDay(dayNumber(today) - 7 * week);
      await this.setDay(manager, market, day, { recordOnly: week > 0 });
    }
  }

  /**
   * Goes on by so many days, one at a time: each is recorded, and each is looked at by the watches. Everything happens in one
   * transaction, save that new parts enter the catalogue as entries of their own, before it.
   */
  async advance(days: number): Promise<AdvancedDto> {
    const clock = await this.database.manager.findOneBy(MarketClockEntity, { id: 1 });
    if (!clock) throw new Problem(409, 'This workspace has no simulated market. Prices come from the files you import.');
    const after = clock.day;
    const until = isoDay(dayNumber(after) + days);
    const news = simulatedMarket((await this.catalogue.catalogue()).data, clock.seed, clock.openedOn).newsBetween(after, until);
    for (const item of news) if (item.kind === 'new variant') await this.entries.save('variants', item.variant);
    const catalogue = await this.catalogue.catalogue();
    const market = simulatedMarket(catalogue.data, clock.seed, clock.openedOn);
    const told: string[] = [];
    await this.database.transaction(async (manager) => {
      for (let number = dayNumber(after) + 1; number <= dayNumber(until); number += 1) {
        const day = isoDay(number);
        await manager.update(MarketClockEntity, { id: 1 }, { day });
        const view = await this.setDay(manager, market, day, { recordOnly: false, isLast: day === until });
        for (const item of news) if (item.day === day) await manager.insert(MarketNewsEntity, { day, text: sentenceOf(item, catalogue) });
        told.push(...(await this.watches.lookRound(manager, day, view)));
      }
    });
    return { ...(await this.clock()), told };
  }

  /** Sets offers, rates and codes as they are on a day, and records its prices. */
  private async setDay(
    manager: EntityManager,
    market: Market,
    day: string,
    { recordOnly, isLast = true }: { readonly recordOnly: boolean; readonly isLast?: boolean },
  ) {
    const rates = market.ratesOn(day).map((rate) => ({ ...rate, origin: 'simulated' as const }));
    await manager.upsert(RateEntity, rates, ['currency', 'day']);
    const codes = market
      .codesOn(day)
      .map(({ seller, code, percent, from, until }) => ({ seller, code, percent, fromDay: from, untilDay: until }));
    if (codes.length > 0) await manager.upsert(DiscountCodeEntity, codes, ['seller', 'code', 'fromDay']);
    const offers = market.offersOn(day).map(({ id, seller, item, priceMinor, stock, multiple, condition, seenOn }): OfferEntity => ({
      id,
      seller,
      kind: item.kind,
      item: item.id,
      priceMinor,
      stock,
      multiple,
      condition,
      seenOn,
      origin: 'simulated',
    }));
    if (!recordOnly && isLast) {
      await manager.delete(OfferEntity, { origin: 'simulated' });
      for (let start = 0; start < offers.length; start += CHUNK) await manager.insert(OfferEntity, offers.slice(start, start + CHUNK));
    }
    const view = await this.market.viewOf(manager, offers, day);
    new PriceRecord(this.catalogue.connection).write(day, view.offers);
    return view;
  }
}

function sentenceOf(news: MarketNews, catalogue: Catalogue): string {
  if (news.kind === 'out of print') {
    const source = catalogue.data.sources.find((row) => row.id === news.source);
    return `${source?.name ?? news.source} (${news.source}) goes out of print.`;
  }
  return `${catalogue.nameOf(catalogue.variant(news.variant.id))} (${news.variant.id}) is made now.`;
}
