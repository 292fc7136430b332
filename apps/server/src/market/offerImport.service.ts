import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { nearestName, offerChanges, type Catalogue, type YieldKind } from '@outfit/core';
import { offerColumns, readTable, type TableReport } from '@outfit/formats';
import { DataSource, In } from 'typeorm';
import { CatalogueService } from '../catalogue/index.js';
import { agreedRows, readOrRefuse, reportDto, type Agreement } from '../common/importing.js';
import type { OfferImportDto } from './market.dto.js';
import { OfferEntity, SellerEntity } from './market.entities.js';
import { MarketService } from './market.service.js';
import { PriceRecord } from './priceRecord.js';
import { WatchesService } from './watches.service.js';

const MOST_CHANGES = 500;

/** Feeds: one file per seller or of many, imported again and again; each import says what changed since the last. */
@Injectable()
export class OfferImportService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly market: MarketService,
    private readonly watches: WatchesService,
  ) {}

  /**
   * Reads a file of offers and takes what the person agreed to. A seller's offers that were imported before are replaced by
   * the file's; simulated offers stay. What would change, or did, is part of the report.
   */
  async import(bytes: Uint8Array, agree: Agreement): Promise<OfferImportDto> {
    const catalogue = await this.catalogue.catalogue();
    const kinds = kindsOf(catalogue);
    const sellers = new Map((await this.database.manager.find(SellerEntity)).map((seller) => [seller.id, seller]));
    const ids = [...kinds.keys()];
    const columns = offerColumns({
      isVariant: (id) => kinds.has(id),
      isSeller: (id) => sellers.has(id),
      nearestVariant: (id) => nearestName(id, ids),
    });
    const report = readOrRefuse(() => readTable(bytes, columns));
    const entities = entitiesOf(report, kinds);
    const before = await this.database.manager.find(OfferEntity, {
      where: { seller: In([...new Set(entities.map((row) => row.seller))]), origin: 'imported' },
    });
    const changes = offerChanges(before, entities);
    const rows = agreedRows(report, agree);
    if (rows.length > 0) await this.take(entities);
    const count = (kind: (typeof changes)[number]['change']): number => changes.filter((row) => row.change === kind).length;
    return {
      ...reportDto(report, rows.length),
      changes: changes.slice(0, MOST_CHANGES).map((row) => ({ ...row })),
      counts: {
        new: count('new'),
        dearer: count('dearer'),
        cheaper: count('cheaper'),
        stock: count('restocked') + count('sold down'),
        gone: count('gone'),
      },
    };
  }

  private async take(entities: readonly OfferEntity[]): Promise<void> {
    await this.database.transaction(async (manager) => {
      for (const seller of new Set(entities.map((row) => row.seller))) await manager.delete(OfferEntity, { seller, origin: 'imported' });
      for (let start = 0; start < entities.length; start += 500) await manager.insert(OfferEntity, entities.slice(start, start + 500));
      const today = await this.market.today();
      const view = await this.market.view({}, manager);
      const touched = new Set(entities.map((row) => `${row.kind}\n${row.item}`));
      new PriceRecord(this.catalogue.connection).write(
        today,
        view.offers.filter((offer) => touched.has(`${offer.kind}\n${offer.item}`)),
      );
      await this.watches.lookRound(manager, today, view);
    });
  }
}

/** What may be offered: every id of the catalogue with its kind. */
function kindsOf({ data }: Catalogue): ReadonlyMap<string, YieldKind> {
  return new Map<string, YieldKind>([
    ...data.sources.map((row) => [row.id, 'source'] as const),
    ...data.officialFigures.map((row) => [row.id, 'figure'] as const),
    ...data.bundles.map((row) => [row.id, 'bundle'] as const),
    ...data.variants.map((row) => [row.id, 'variant'] as const),
  ]);
}

type OfferRow = TableReport<{
  readonly seller: string;
  readonly item: string;
  readonly priceMinor: number;
  readonly stock: number;
  readonly multiple: number;
  readonly condition: OfferEntity['condition'];
  readonly seenOn: string;
}>;

function entitiesOf({ sound }: OfferRow, kinds: ReadonlyMap<string, YieldKind>): OfferEntity[] {
  return sound.map(({ line, row: { seller, item, priceMinor, stock, multiple, condition, seenOn } }) => ({
    id: `${seller}/${item}/file-${line}`,
    seller,
    kind: kinds.get(item) ?? 'variant',
    item,
    priceMinor,
    stock,
    multiple,
    condition,
    seenOn,
    origin: 'imported',
  }));
}
