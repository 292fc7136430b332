import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { lowestLanded, nearestName, type MarketOffer, type Seller } from '@outfit/core';
import { offerColumns, readTable } from '@outfit/formats';
import { DataSource, In, type FindOperator } from 'typeorm';
import { CatalogueService } from '../catalogue/index.js';
import { Clock } from '../common/clock.js';
import { agreedRows, readOrRefuse, reportDto, type Agreement } from '../common/importing.js';
import type { ImportReportDto } from '../common/importReport.dto.js';
import type { OfferDto, PricesDto, SellerDto } from './market.dto.js';
import { OfferEntity, SellerEntity } from './market.entities.js';

/** The workspace's currency. Others come with dated rates; until then a file in another one is converted by its owner. */
export const CURRENCY = 'EUR';
const MOST_OFFERS = 2000;

@Injectable()
export class MarketService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly clock: Clock,
  ) {}

  async sellers(): Promise<SellerDto[]> {
    const { manager } = this.database;
    const sellers = await manager.find(SellerEntity, { order: { name: 'ASC' } });
    const counts = await manager
      .createQueryBuilder(OfferEntity, 'offer')
      .select('offer.seller', 'seller')
      .addSelect('COUNT(*)', 'count')
      .groupBy('offer.seller')
      .getRawMany<{ seller: string; count: number }>();
    return sellers.map((seller) => ({ ...seller, offerCount: counts.find((row) => row.seller === seller.id)?.count ?? 0 }));
  }

  async offers(filter: { variant?: string | undefined; seller?: string | undefined }): Promise<OfferDto[]> {
    const where = {
      ...(filter.variant === undefined ? {} : { variant: In(await this.namesOf(filter.variant)) }),
      ...(filter.seller === undefined ? {} : { seller: filter.seller }),
    };
    return this.offersWhere(where, MOST_OFFERS);
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

  /** Offers, cheapest first, each under the number its part is known by now. */
  private async offersWhere(where: { variant?: string | FindOperator<string>; seller?: string }, take?: number): Promise<OfferEntity[]> {
    const catalogue = await this.catalogue.catalogue();
    const offers = await this.database.manager.find(OfferEntity, {
      where,
      order: { priceMinor: 'ASC', id: 'ASC' },
      ...(take ? { take } : {}),
    });
    return offers.map((offer) => ({ ...offer, variant: offer.variant === null ? null : catalogue.resolve(offer.variant) }));
  }

  async prices(): Promise<PricesDto> {
    const { manager } = this.database;
    const sellers = await manager.find(SellerEntity);
    const postage = new Map(sellers.map((seller) => [seller.id, Math.min(...seller.postage.map((tier) => tier.costMinor))]));
    const offers = await this.offersWhere({});
    const lowest = lowestLanded(
      offers.flatMap(({ variant, seller, priceMinor, stock, seenOn }) =>
        variant === null ? [] : [{ variant, seller, priceMinor, stock, seenOn }],
      ),
      (seller) => postage.get(seller) ?? 0,
    );
    return { currency: CURRENCY, today: this.clock.today(), lowest: [...lowest.values()] };
  }

  /** Everything a basket needs of the market. */
  async forBasket(): Promise<{ sellers: Seller[]; offers: MarketOffer[] }> {
    const { manager } = this.database;
    const [sellers, offers] = await Promise.all([manager.find(SellerEntity, { order: { id: 'ASC' } }), this.offersWhere({})]);
    return {
      sellers: sellers.map(({ name: _, ...seller }) => ({ ...seller, duty: null })),
      offers: offers.map(({ id, seller, variant, officialFigure, priceMinor, stock, multiple, condition }) => ({
        id,
        seller,
        item: variant === null ? { kind: 'figure', figure: officialFigure ?? '' } : { kind: 'part', variant },
        priceMinor,
        stock,
        multiple,
        condition,
      })),
    };
  }

  /**
   * Reads a file of offers and takes what the person agreed to. A seller's offers that were imported before are
   * replaced by the file's, so a feed can be imported again and again; simulated offers stay.
   */
  async import(bytes: Uint8Array, agree: Agreement): Promise<ImportReportDto> {
    const catalogue = await this.catalogue.catalogue();
    const sellers = new Set((await this.database.manager.find(SellerEntity)).map((seller) => seller.id));
    const ids = catalogue.data.variants.map((variant) => variant.id);
    const columns = offerColumns({
      isVariant: (id) => catalogue.has(id),
      isSeller: (id) => sellers.has(id),
      nearestVariant: (id) => nearestName(id, ids),
    });
    const report = readOrRefuse(() => readTable(bytes, columns));
    const rows = agreedRows(report, agree);
    const lineOf = new Map(report.sound.map(({ line, row }) => [row, line]));
    await this.database.transaction(async (manager) => {
      for (const seller of new Set(rows.map((row) => row.seller))) await manager.delete(OfferEntity, { seller, origin: 'imported' });
      const entities = rows.map((row) => ({
        ...row,
        id: `${row.seller}/${row.variant}/file-${lineOf.get(row) ?? 0}`,
        officialFigure: null,
        origin: 'imported' as const,
      }));
      for (let start = 0; start < entities.length; start += 500) await manager.insert(OfferEntity, entities.slice(start, start + 500));
    });
    return reportDto(report, rows.length);
  }
}
