import { Injectable } from '@nestjs/common';
import { Database } from '../../platform/db/index.js';
import { FileTurns, type ImportReportDto, ImportsService } from '../../platform/importing/index.js';
import { workerBeside } from '../../platform/jobs/index.js';
import { LiveService } from '../../platform/live/index.js';
import type { Agreement } from '../../platform/tables/index.js';
import type { OfferImportDto } from '../market.dto.js';
import { MarketService } from '../market.service.js';
import { WatchesService } from '../watches/index.js';
import type { OfferChanges } from './offers.worker.js';

const beside = (name: string): string => workerBeside(import.meta.url, name);
const WORKERS = { offers: beside('offers.worker'), sellers: beside('sellers.worker'), rates: beside('rates.worker') };

/** Feeds of offers, sellers with their terms, and exchange rates, from files that are imported again and again. */
@Injectable()
export class OffersFilesService {
  constructor(
    private readonly database: Database,
    private readonly imports: ImportsService,
    private readonly market: MarketService,
    private readonly watches: WatchesService,
    private readonly live: LiveService,
    turns: FileTurns,
  ) {
    turns.register('market', {
      worker: beside('turn.worker'),
      today: () => this.market.today(),
      after: () => this.noteChanged(),
    });
  }

  /** Reads a feed and takes what the person agreed to. What would change against the last one, or did, is part of the report. */
  async offers(bytes: Uint8Array, agree: Agreement): Promise<OfferImportDto> {
    const { report, more } = await this.imports.run<OfferChanges>(WORKERS.offers, bytes, agree, this.market.today());
    if (report.importedCount > 0) await this.noteChanged();
    return { ...report, changes: more.changes, counts: more.counts };
  }

  sellers(bytes: Uint8Array, agree: Agreement): Promise<ImportReportDto> {
    return this.terms(WORKERS.sellers, bytes, agree);
  }

  rates(bytes: Uint8Array, agree: Agreement): Promise<ImportReportDto> {
    return this.terms(WORKERS.rates, bytes, agree);
  }

  private async terms(worker: string, bytes: Uint8Array, agree: Agreement): Promise<ImportReportDto> {
    const { report } = await this.imports.run<null>(worker, bytes, agree, this.market.today());
    if (report.importedCount > 0) this.live.changedElsewhere('market');
    return report;
  }

  /** The prices follow in the worker's own transaction; what is left is that the watches look. */
  private noteChanged(): Promise<void> {
    return this.database.write(() => {
      this.watches.lookRound(this.market.today());
      this.live.tellAfterwards('market');
    });
  }
}
