import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { nearestName, type OwnedStock } from '@outfit/core';
import { readTable, wardrobeColumns, writeTable } from '@outfit/formats';
import { DataSource } from 'typeorm';
import { CatalogueService } from '../catalogue/index.js';
import { Clock } from '../common/clock.js';
import { agreedRows, readOrRefuse, reportDto, type Agreement } from '../common/importing.js';
import type { ImportReportDto } from '../common/importReport.dto.js';
import type { DonorDto, PieceDto } from './wardrobe.dto.js';
import { DonorEntity, PieceEntity } from './wardrobe.entities.js';

@Injectable()
export class WardrobeService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly clock: Clock,
  ) {}

  async pieces(): Promise<PieceDto[]> {
    const rows = await this.database.manager.find(PieceEntity, { order: { variant: 'ASC', id: 'ASC' } });
    const catalogue = await this.catalogue.catalogue();
    return rows.map(({ id, variant, quantity, condition, place, note }) => ({
      id,
      variant: catalogue.resolve(variant),
      quantity,
      condition,
      place,
      note,
    }));
  }

  async donors(): Promise<DonorDto[]> {
    return this.database.manager.find(DonorEntity, { order: { id: 'ASC' } });
  }

  /** What is owned of each variant, for baskets. Loose pieces leave no hole, so they cost nothing. */
  async owned(): Promise<OwnedStock[]> {
    const total = new Map<string, number>();
    for (const piece of await this.pieces()) total.set(piece.variant, (total.get(piece.variant) ?? 0) + piece.quantity);
    return [...total].map(([variant, quantity]) => ({ variant, quantity, costMinor: 0 }));
  }

  /** Reads a file of owned pieces and takes what the person agreed to, in one transaction or not at all. */
  async import(bytes: Uint8Array, agree: Agreement): Promise<ImportReportDto> {
    const catalogue = await this.catalogue.catalogue();
    const ids = catalogue.data.variants.map((variant) => variant.id);
    const columns = wardrobeColumns({
      isVariant: (id) => catalogue.has(id),
      isSeller: () => false,
      nearestVariant: (id) => nearestName(id, ids),
    });
    const report = readOrRefuse(() => readTable(bytes, columns));
    const rows = agreedRows(report, agree);
    const addedAt = this.clock.now().toISOString();
    await this.database.transaction((manager) =>
      manager.save(
        PieceEntity,
        rows.map((row) => ({ ...row, addedAt })),
        { chunk: 500 },
      ),
    );
    return reportDto(report, rows.length);
  }

  async export(): Promise<string> {
    const pieces = await this.pieces();
    return writeTable(
      ['variant', 'quantity', 'condition', 'place', 'note'],
      pieces.map((piece) => [piece.variant, piece.quantity, piece.condition, piece.place, piece.note]),
    );
  }
}
