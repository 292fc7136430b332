import { Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { randomUUID } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import { Piscina } from 'piscina';
import { concat, defer, filter, map, of, Subject, takeWhile, type Observable } from 'rxjs';
import { DataSource, type EntityManager } from 'typeorm';
import { Clock } from '../common/clock.js';
import { notFound } from '../common/problem.js';
import type { JobDto } from './job.dto.js';
import { JobEntity, type JobKind } from './job.entity.js';

/** The compiled workers: threads load JavaScript, also when the service itself runs from source in a test. */
const WORKERS: Readonly<Record<JobKind, string>> = {
  errand: fileURLToPath(new URL('../../dist/jobs/basket.worker.js', import.meta.url)),
  import: fileURLToPath(new URL('../../dist/catalogue/import.worker.js', import.meta.url)),
  copies: fileURLToPath(new URL('../../dist/jobs/series.worker.js', import.meta.url)),
  cheaper: fileURLToPath(new URL('../../dist/jobs/series.worker.js', import.meta.url)),
};

/** What a job does when it is interrupted or breaks off, in words. */
const WHEN_CLOSED: Readonly<Record<JobKind, string>> = {
  errand: 'Outfit was closed while this ran. The best plan so far is kept.',
  import: 'Outfit was closed while this ran. Nothing was imported; choose the file again.',
  copies: 'Outfit was closed while this ran. What was worked out so far is kept.',
  cheaper: 'Outfit was closed while this ran. What was worked out so far is kept.',
};
const WHEN_BROKEN: Readonly<Record<JobKind, string>> = {
  errand: 'The solver broke off. The best plan so far, if any, is kept; try again.',
  import: 'The import broke off. Nothing was imported; try again.',
  copies: 'The solver broke off. What was worked out so far is kept; try again.',
  cheaper: 'The solver broke off. What was worked out so far is kept; try again.',
};

/** What a worker is given besides its own task: how it hears of a stop, and where it tells how it goes. */
interface JobLine {
  readonly stop: SharedArrayBuffer;
  readonly port: MessagePort;
}

/** How one kind of job runs: its task, and what its messages and its outcome mean for its row. */
export interface JobRun<Task, News, Outcome> {
  readonly task: Task;
  readonly transfer?: readonly ArrayBuffer[];
  news(news: News): Partial<JobEntity>;
  ended(outcome: Outcome, stopped: boolean): Partial<JobEntity>;
  /** What else follows, before the job is told to have ended. */
  after?(outcome: Outcome): Promise<void>;
}

/** Long work in worker threads: a row per job, progress as events, stop, and *interrupted* after a restart. */
@Injectable()
export class JobsService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly logger = new Logger('Jobs');
  private readonly pool = new Piscina<unknown, unknown>({
    minThreads: 0,
    maxThreads: 2,
    idleTimeout: 30_000,
    // A basket too large for its thread ends the thread, not the server.
    resourceLimits: { maxOldGenerationSizeMb: 2048 },
  });
  private readonly stops = new Map<string, Int32Array>();
  private readonly changed = new Subject<JobEntity>();
  /** Running jobs as they are now; their rows hold what must outlive a crash. */
  private readonly live = new Map<string, JobEntity>();
  private closing = false;

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly clock: Clock,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    const endedAt = this.clock.now().toISOString();
    for (const [kind, error] of Object.entries(WHEN_CLOSED) as [JobKind, string][])
      await this.database.manager.update(JobEntity, { state: 'running', kind }, { state: 'interrupted', endedAt, error });
  }

  async onApplicationShutdown(): Promise<void> {
    this.closing = true;
    await this.pool.destroy();
  }

  /** Writes the job's row within the caller's transaction; `run` starts it once that has been committed. */
  async create(manager: EntityManager, kind: JobKind): Promise<JobEntity> {
    const job: JobEntity = {
      id: randomUUID(),
      kind,
      state: 'running',
      startedAt: this.clock.now().toISOString(),
      endedAt: null,
      progress: null,
      result: null,
      error: null,
    };
    const { progress: _progress, result: _result, ...row } = job;
    await manager.insert(JobEntity, row);
    return job;
  }

  /** Starts the work; returns at once. */
  run<Task extends object, News, Outcome>(job: JobEntity, { task, transfer = [], news, ended, after }: JobRun<Task, News, Outcome>): void {
    const stop = new SharedArrayBuffer(4);
    const flag = new Int32Array(stop);
    this.stops.set(job.id, flag);
    const { port1, port2 } = new MessageChannel();
    let state = job;
    const note = (changes: Partial<JobEntity>): void => {
      state = { ...state, ...changes };
      this.live.set(job.id, state);
      this.changed.next(state);
    };
    // A result is kept before it is told. Progress is only told: whoever works may hold the database's write lock.
    const save = async (changes: Partial<JobEntity>): Promise<void> => {
      if ('result' in changes || 'state' in changes) await this.save({ ...state, ...changes });
      note(changes);
    };
    const endedAt = (): string => this.clock.now().toISOString();
    let writing = Promise.resolve();
    port1.on('message', (message: News) => {
      writing = writing.then(() => save(news(message)));
    });
    void this.pool
      .run({ ...task, stop, port: port2 } satisfies Task & JobLine, { filename: WORKERS[job.kind], transferList: [port2, ...transfer] })
      .then(
        async (outcome) => {
          await writing;
          // What follows is no part of the work: the job has ended, whether that can be kept or not.
          await after?.(outcome as Outcome).catch((error: unknown) => this.logger.error(error));
          await save({ state: 'done', ...ended(outcome as Outcome, Atomics.load(flag, 0) === 1), endedAt: endedAt() });
        },
        async (error: unknown) => {
          this.logger.error(error);
          await writing;
          await save({ state: 'failed', endedAt: endedAt(), error: WHEN_BROKEN[job.kind] });
        },
      )
      .catch((error: unknown) => this.logger.error(error))
      .finally(() => {
        port1.close();
        this.stops.delete(job.id);
        this.live.delete(job.id);
      });
  }

  async job(id: string): Promise<JobDto> {
    const job = this.live.get(id) ?? (await this.database.manager.findOneBy(JobEntity, { id }));
    if (!job) throw notFound('job', id);
    return toDto(job);
  }

  /** Asks a running job to stop and keep its best. Asking twice, or too late, is no fault. */
  async stop(id: string): Promise<JobDto> {
    const job = await this.job(id);
    const flag = this.stops.get(id);
    if (flag) Atomics.store(flag, 0, 1);
    return job;
  }

  /** The job as it is now, then every change until it has ended. */
  watch(id: string): Observable<JobDto> {
    const later = this.changed.pipe(
      filter((job) => job.id === id),
      map(toDto),
    );
    return concat(
      defer(() => this.job(id)),
      defer(() => (this.stops.has(id) ? later : of())),
      defer(() => this.job(id)),
    ).pipe(takeWhile((job) => job.state === 'running', true));
  }

  private async save(job: JobEntity): Promise<void> {
    if (this.closing || !this.database.isInitialized) return;
    await this.database.manager.save(JobEntity, job);
  }
}

/** A job's row holds one kind's progress and result; what is sent names them by kind. */
export function toDto({ progress, result, ...job }: JobEntity): JobDto {
  const of = <T>(kind: JobKind, value: unknown): T | null => (job.kind === kind ? (value as T | null) : null);
  return {
    ...job,
    progress: of('errand', progress),
    result: of('errand', result),
    importProgress: of('import', progress),
    importReport: of('import', result),
    series: of('copies', result) ?? of('cheaper', result),
  };
}
