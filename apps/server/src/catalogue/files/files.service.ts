import { Injectable } from '@nestjs/common';
import type { CatalogueKind, CatalogueRow } from '@outfit/core';
import { CATALOGUE_TABLES, type CatalogueTable, writeArchive, writeCatalogueTable } from '@outfit/formats';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { Problem } from '../../platform/http/index.js';
import { JobsService, workerBeside } from '../../platform/jobs/index.js';
import { CatalogueService } from '../catalogue.service.js';
import type { What } from './files.dto.js';
import type { ImportOutcome, ImportTask } from './import.worker.js';
import type { ImportJobDto, ImportProgress } from './importReport.js';

const KIND = 'import';

/** The catalogue in files and out of them: one CSV per kind, or everything as one JSON archive. */
@Injectable()
export class CatalogueFilesService {
  constructor(
    private readonly database: Database,
    private readonly catalogue: CatalogueService,
    private readonly jobs: JobsService,
    private readonly clock: Clock,
  ) {
    jobs.register({
      kind: KIND,
      worker: workerBeside(import.meta.url, 'import.worker'),
      words: {
        closed: 'Outfit was closed while this ran. Nothing was imported; choose the file again.',
        broken: 'The import broke off. Nothing was imported; try again.',
      },
    });
  }

  async start(what: What, agree: ImportTask['agree'], body: unknown): Promise<ImportJobDto> {
    if (!Buffer.isBuffer(body) || body.length === 0) throw new Problem(400, 'Send the file as the body of the request.');
    const bytes = new Uint8Array(body);
    const job = await this.database.write(() => this.jobs.create(KIND, null));
    this.jobs.run<Omit<ImportTask, 'stop' | 'port'>, ImportProgress, ImportOutcome>(job, {
      task: { databaseFile: this.database.file, bytes, what, agree, at: this.clock.now().toISOString() },
      transfer: [bytes.buffer],
      news: (progress) => ({ progress }),
      ended: (outcome) => {
        if ('report' in outcome) return { state: 'done', result: outcome.report };
        if ('refused' in outcome) return { state: 'failed', error: outcome.refused };
        return { state: 'stopped', error: 'Stopped. Nothing was imported.' };
      },
      after: (outcome) => this.taken(outcome),
    });
    return this.jobs.toDto(job) as ImportJobDto;
  }

  /** After an import that changed something: the catalogue is read again, and whoever planned what is made now is told. */
  private async taken(outcome: ImportOutcome): Promise<void> {
    if (!('report' in outcome) || outcome.report.importedCount === 0) return;
    await this.catalogue.readAgain();
    outcome.report.noticeCount = await this.catalogue.tellMade();
  }

  table(what: CatalogueKind): string {
    const { data } = this.catalogue.now();
    return writeCatalogueTable(
      CATALOGUE_TABLES[what] as CatalogueTable<CatalogueRow<CatalogueKind>>,
      data[what] as readonly CatalogueRow<CatalogueKind>[],
    );
  }

  archive(): string {
    return writeArchive(this.catalogue.now().data);
  }
}
