import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { rateColumns, readTable, sellerColumns } from '@outfit/formats';
import { DataSource } from 'typeorm';
import { agreedRows, readOrRefuse, reportDto, type Agreement } from '../common/importing.js';
import type { ImportReportDto } from '../common/importReport.dto.js';
import { RateEntity, SellerEntity } from './market.entities.js';

/** Sellers with their terms, and exchange rates, from files: what a feed of offers stands on. */
@Injectable()
export class TermsImportService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** Adds sellers, or gives known ones the terms of the file; takes what the person agreed to, all of it or nothing. */
  async sellers(bytes: Uint8Array, agree: Agreement): Promise<ImportReportDto> {
    const report = readOrRefuse(() => readTable(bytes, sellerColumns()));
    const rows = agreedRows(report, agree);
    const known = new Map((await this.database.manager.find(SellerEntity)).map((seller) => [seller.id, seller]));
    const entities = rows.map(({ dutyAboveMinor, dutyPercent, dutyFeeMinor, trusted, thirdParty, ...row }): SellerEntity => {
      const before = known.get(row.id);
      return {
        ...row,
        kind: before?.kind ?? (thirdParty === 'yes' ? 'workshop' : 'shop'),
        reliability: before?.reliability ?? 1,
        trusted: trusted === 'yes',
        thirdParty: thirdParty === 'yes',
        duty: dutyAboveMinor === null ? null : { aboveMinor: dutyAboveMinor, percent: dutyPercent, feeMinor: dutyFeeMinor },
      };
    });
    await this.database.transaction((manager) => manager.save(SellerEntity, entities, { chunk: 500 }));
    return reportDto(report, rows.length);
  }

  async rates(bytes: Uint8Array, agree: Agreement): Promise<ImportReportDto> {
    const report = readOrRefuse(() => readTable(bytes, rateColumns()));
    const rows = agreedRows(report, agree);
    const entities = rows.map((row): RateEntity => ({ ...row, origin: 'imported' }));
    await this.database.transaction((manager) => manager.save(RateEntity, entities, { chunk: 500 }));
    return reportDto(report, rows.length);
  }
}
