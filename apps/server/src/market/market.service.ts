import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { landedShares, lowestLanded, rateFor, type BasketPlan, type YieldKind } from '@outfit/core';
import { DataSource, In, type EntityManager, type FindOptionsWhere } from 'typeorm';
import { CatalogueService } from '../catalogue/index.js';
import { Clock } from '../common/clock.js';
import type { OfferDto, PricesDto, SellerDto } from './market.dto.js';
import { DiscountCodeEntity, LandedShareEntity, MarketClockEntity, OfferEntity, RateEntity, SellerEntity } from './market.entities.js';
import { CURRENCY, MarketView, termsIn, type PricedOffer } from './marketView.js';

const MOST_OFFERS = 2000;
const CHUNK = 500;

/** The market as it stands: who sells, what they ask, in the workspace's currency. */
@Injectable()
export class MarketService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly clock: Clock,
  ) {}

  /** The day prices are judged by: the simulated market's, when that is ahead of the calendar. */
  async today(): Promise<string> {
    const market = await this.database.manager.findOneBy(MarketClockEntity, { id: 1 });
    const today = this.clock.today();
    return market && market.day > today ? market.day : today;
  }

  async sellers(): Promise<SellerDto[]> {
    const { manager } = this.database;
    const [rows, rates, codes, today] = await Promise.all([
      manager.find(SellerEntity, { order: { name: 'ASC' } }),
      manager.find(RateEntity),
      manager.find(DiscountCodeEntity),
      this.today(),
    ]);
    const counts = await manager
      .createQueryBuilder(OfferEntity, 'offer')
      .select('offer.seller', 'seller')
      .addSelect('COUNT(*)', 'count')
      .groupBy('offer.seller')
      .getRawMany<{ seller: string; count: number }>();
    return rows.map((row) => {
      const rate = rateFor(rates, row.currency, CURRENCY, today);
      const code = codes.find((candidate) => candidate.seller === row.id && candidate.fromDay <= today && today <= candidate.untilDay);
      return {
        ...termsIn(row, rate?.perUnit ?? 1),
        name: row.name,
        kind: row.kind,
        currency: row.currency,
        reliability: row.reliability,
        code: code ? { code: code.code, percent: code.percent, untilDay: code.untilDay } : null,
        rate: row.currency === CURRENCY || !rate ? null : { perUnit: rate.perUnit, day: rate.day },
        isWithoutRate: rate === null,
        offerCount: counts.find((count) => count.seller === row.id)?.count ?? 0,
      };
    });
  }

  /** Offers, cheapest first, of a seller or of an item. */
  async offers(filter: { kind?: YieldKind | undefined; item?: string | undefined; seller?: string | undefined }): Promise<OfferDto[]> {
    const where: FindOptionsWhere<OfferEntity> = {
      ...(filter.kind === undefined ? {} : { kind: filter.kind }),
      ...(filter.item === undefined ? {} : { item: In(await this.namesOf(filter.item)) }),
      ...(filter.seller === undefined ? {} : { seller: filter.seller }),
    };
    const { offers } = await this.view(where);
    return [...offers].sort((a, b) => a.priceMinor - b.priceMinor || a.id.localeCompare(b.id)).slice(0, MOST_OFFERS);
  }

  /** A variant and the doubles that were merged into it. */
  private async namesOf(variant: string): Promise<string[]> {
    const catalogue = await this.catalogue.catalogue();
    return [
      variant,
      ...catalogue.data.variants
        .filter((row) => row.mergedInto !== undefined && catalogue.resolve(row.id) === variant)
        .map((row) => row.id),
    ];
  }

  /** The market, or the offers of it that are asked for, each under the number its part is known by now. */
  async view(where: FindOptionsWhere<OfferEntity> = {}, manager: EntityManager = this.database.manager): Promise<MarketView> {
    return this.viewOf(manager, await manager.find(OfferEntity, { where }), await this.today());
  }

  /** Some offers as they look on a day, whether they are stored or not. */
  async viewOf(manager: EntityManager, offers: readonly OfferEntity[], day: string): Promise<MarketView> {
    const catalogue = await this.catalogue.catalogue();
    const sellers = await manager.find(SellerEntity, { order: { id: 'ASC' } });
    const rates = await manager.find(RateEntity);
    const codes = await manager.find(DiscountCodeEntity);
    const shares = await manager.find(LandedShareEntity);
    const known = offers.map((offer) => {
      const item = offer.kind === 'variant' ? catalogue.resolve(offer.item) : offer.item;
      return item === offer.item ? offer : { ...offer, item };
    });
    return new MarketView(sellers, known, { rates, codes, shares }, day);
  }

  /** Remembers what units carried of their parcels' charges in a plan: until then every offer carries a fifth of its postage. */
  async rememberLanded(plan: BasketPlan): Promise<void> {
    const day = await this.today();
    const rows = [...landedShares(plan)].map(([offer, shareMinor]) => ({ offer, shareMinor, day }));
    // Two errands may end at once and have bought of the same offer: the later share stands.
    await this.database.transaction(async (manager) => {
      for (let start = 0; start < rows.length; start += CHUNK)
        await manager.upsert(LandedShareEntity, rows.slice(start, start + CHUNK), ['offer']);
    });
  }

  async prices(): Promise<PricesDto> {
    const { offers } = await this.view({ kind: 'variant' });
    const lowest = lowestLanded(offers.map((offer: PricedOffer) => ({ ...offer, variant: offer.item })));
    return { currency: CURRENCY, today: await this.today(), lowest: [...lowest.values()] };
  }
}
