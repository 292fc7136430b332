import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { Clock } from '../clock/index.js';
import { Database } from '../db/index.js';
import { HistoryService } from '../history/index.js';
import { WorkerPool } from '../jobs/index.js';
import type { Line, TurnOutcome, TurnTask } from '../log/index.js';

/** How what files brought to a line is turned. */
interface FileTurning {
  /** The worker's file. */
  readonly worker: string;
  /** The day it is in the workspace, where that is not the calendar's. */
  readonly today?: () => string;
  /** What the area does once it is on the disk. */
  readonly after: () => Promise<unknown> | void;
}

/** Takes back what files brought and brings it again, in a worker: sixty thousand rows hold nobody up. */
@Injectable()
export class FileTurns implements OnApplicationShutdown {
  private readonly pool = new WorkerPool<TurnTask, TurnOutcome>({ idleMs: 30_000, mostWaiting: 4 });

  constructor(
    private readonly database: Database,
    private readonly history: HistoryService,
    private readonly clock: Clock,
  ) {}

  register(line: Line, { worker, today = () => this.clock.today(), after }: FileTurning): void {
    this.history.registerFiles(line, async (change, kind, at) => {
      const outcome = await this.pool.run(worker, { databaseFile: this.database.file, change, kind, at, today: today() });
      if ('refused' in outcome) return outcome.refused;
      await after();
      return null;
    });
  }

  async onApplicationShutdown(): Promise<void> {
    await this.pool.close();
  }
}
