import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Database } from '../../platform/db/index.js';
import { Problem } from '../../platform/http/index.js';
import { workerBeside, WorkerPool } from '../../platform/jobs/index.js';
import { LiveService } from '../../platform/live/index.js';
import { Ledger } from '../ledger/index.js';
import { WardrobeService } from '../wardrobe.service.js';
import type { LedgerOutcome, LedgerReading, LedgerTask } from './ledger.worker.js';

const WORKER = workerBeside(import.meta.url, 'ledger.worker');

/** The whole ledger as a file, out and back in. */
@Injectable()
export class ExchangeService implements OnApplicationShutdown {
  private readonly pool = new WorkerPool<LedgerTask, LedgerOutcome>({ idleMs: 30_000, mostWaiting: 4 });

  constructor(
    private readonly database: Database,
    private readonly wardrobe: WardrobeService,
    private readonly ledger: Ledger,
    private readonly live: LiveService,
  ) {}

  async onApplicationShutdown(): Promise<void> {
    await this.pool.close();
  }

  async write(): Promise<Uint8Array> {
    const outcome = await this.pool.run(WORKER, { kind: 'write', databaseFile: this.database.file });
    if ('bytes' in outcome) return outcome.bytes;
    throw new Error('writing a ledger gives its bytes');
  }

  /** Looks at a ledger, or takes what of it is new. */
  async read(bytes: Uint8Array, take: boolean): Promise<LedgerReading> {
    const outcome = await this.pool.run(WORKER, {
      kind: 'read',
      databaseFile: this.database.file,
      bytes: new Uint8Array(bytes),
      take,
      at: this.ledger.now(),
    });
    if ('refused' in outcome) throw new Problem(422, outcome.refused, outcome.faults);
    if (!('reading' in outcome)) throw new Error('reading a ledger says what was read');
    if (outcome.reading.isTaken) {
      await this.ledger.cameFromFile();
      this.wardrobe.changedElsewhere();
      this.live.changedElsewhere('wardrobe');
    }
    return outcome.reading;
  }
}
