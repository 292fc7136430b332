import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Clock } from '../clock/index.js';
import { Database } from '../db/index.js';
import { Problem } from '../http/index.js';
import { WorkerPool } from '../jobs/index.js';
import type { Agreement, TableOutcome, TableTask } from '../tables/index.js';
import type { ImportReportDto } from './importReport.dto.js';

/** Runs imports of tables in a worker, so that reading a hundred thousand rows holds nobody up. */
@Injectable()
export class ImportsService implements OnApplicationShutdown {
  private readonly pool = new WorkerPool<TableTask, TableOutcome<unknown>>({ idleMs: 30_000, mostWaiting: 20 });

  constructor(
    private readonly database: Database,
    private readonly clock: Clock,
  ) {}

  /** Imports a table with an area's worker; refuses with the file's sentence. `today` is the day it is in the workspace. */
  async run<More>(
    worker: string,
    bytes: Uint8Array,
    agree: Agreement,
    today = this.clock.today(),
  ): Promise<{ readonly report: ImportReportDto; readonly more: More }> {
    const task: TableTask = {
      databaseFile: this.database.file,
      bytes: new Uint8Array(bytes),
      agree,
      at: this.clock.now().toISOString(),
      today,
    };
    let outcome: TableOutcome<unknown>;
    try {
      outcome = await this.pool.run(worker, task);
    } catch (error) {
      throw problemOf(error);
    }
    if ('refused' in outcome) throw new Problem(422, outcome.refused);
    return outcome as { report: ImportReportDto; more: More };
  }

  async onApplicationShutdown(): Promise<void> {
    await this.pool.close();
  }
}

function problemOf(error: unknown): unknown {
  const { code, message } = error as { code?: string; message?: string };
  if (/^SQLITE_(FULL|IOERR)/.test(code ?? ''))
    return new Problem(507, 'The disk is full, or cannot be written. Nothing was imported; make room and try again.');
  if (message?.includes('queue')) return new Problem(429, 'Many files are being imported already. Wait a moment and send this one again.');
  return error;
}
