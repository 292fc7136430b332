import { Injectable, Logger, type BeforeApplicationShutdown, type OnApplicationBootstrap } from '@nestjs/common';
import { randomUUID } from 'node:crypto';
import { MessageChannel, type MessagePort, receiveMessageOnPort } from 'node:worker_threads';
import { Piscina } from 'piscina';
import { concat, defer, filter, map, type Observable, of, Subject, takeUntil, takeWhile } from 'rxjs';
import { Clock } from '../clock/index.js';
import { Database } from '../db/index.js';
import { notFound, Problem } from '../http/index.js';
import type { AnyJobDto } from './job.dto.js';
import { JobEntity } from './job.entity.js';
import { type JobKind, JobRegistry } from './registry.js';

/** Threads that work at once, and jobs that may wait for one. */
const THREADS = 2;
const MOST_WAITING = 30;
/** What nothing owns is kept so long after it ended, in ms, for whoever still looks at it. */
const KEPT_MS = 24 * 3_600_000;

/** What a worker is given besides its own task: how it hears of a stop, and where it tells how it goes. */
interface JobLine {
  readonly stop: SharedArrayBuffer;
  readonly port: MessagePort;
}

/** How one job runs: its task, and what its messages and its outcome mean for its row. */
export interface JobRun<Task, News, Outcome> {
  readonly task: Task;
  readonly transfer?: readonly ArrayBuffer[];
  news(news: News): Partial<JobEntity>;
  ended(outcome: Outcome, stopped: boolean): Partial<JobEntity>;
  /** What else follows, before the job is told to have ended. */
  after?(outcome: Outcome): Promise<void>;
  /** The outcome of what the worker had written down as done before its thread died. */
  outcomeOf?(result: unknown): Outcome;
}

/** Long work in worker threads: a row per job, a queue with an end, progress as events, stop, and *interrupted* after a restart. */
@Injectable()
export class JobsService implements OnApplicationBootstrap, BeforeApplicationShutdown {
  private readonly logger = new Logger('Jobs');
  private readonly registry = new JobRegistry();
  private readonly pool = new Piscina<unknown, unknown>({
    minThreads: 0,
    maxThreads: THREADS,
    idleTimeout: 30_000,
    // A basket too large for its thread ends the thread, not the server.
    resourceLimits: { maxOldGenerationSizeMb: 2048 },
  });
  private readonly stops = new Map<string, Int32Array>();
  private readonly changed = new Subject<JobEntity>();
  private readonly closed = new Subject<void>();
  /** Running jobs as they are now, in the order they were asked for; their rows hold what must outlive a crash. */
  private readonly live = new Map<string, JobEntity>();
  private isClosing = false;

  constructor(
    private readonly database: Database,
    private readonly clock: Clock,
  ) {}

  register(kind: JobKind): void {
    this.registry.register(kind);
  }

  /** Whatever a server that died left running is over, and what nobody can find again is swept. */
  async onApplicationBootstrap(): Promise<void> {
    const table = this.database.table(JobEntity);
    const endedAt = this.clock.now().toISOString();
    const sweepBefore = new Date(this.clock.now().getTime() - KEPT_MS).toISOString();
    await this.database.write(() => {
      for (const { id, kind } of table.find({ where: { state: 'running' } }))
        table.update({ id }, { state: 'interrupted', endedAt, error: this.registry.closingWords(kind) });
      this.database.prepare('DELETE FROM job WHERE owner IS NULL AND endedAt < ?').run(sweepBefore);
    });
  }

  /** Before connections are closed: the rows say what became of the work, and open progress pages end. */
  async beforeApplicationShutdown(): Promise<void> {
    this.isClosing = true;
    const endedAt = this.clock.now().toISOString();
    const table = this.database.table(JobEntity);
    await this.database.write(() => {
      for (const [id, { kind }] of this.live)
        table.update({ id, state: 'running' }, { state: 'interrupted', endedAt, error: this.registry.closingWords(kind) });
    });
    this.closed.next();
    await this.pool.destroy();
  }

  /**
   * Writes the job's row within the caller's unit of work; `run` starts it once that is done. `owner` says what its result
   * belongs to. Refused when too many wait already.
   */
  create(kind: string, owner: string | null): JobEntity {
    this.registry.kind(kind);
    if (this.live.size >= THREADS + MOST_WAITING)
      throw new Problem(429, `${this.live.size} jobs are at work or waiting already. Let some end, or stop them, then try again.`);
    const job: JobEntity = {
      id: randomUUID(),
      kind,
      owner,
      state: 'running',
      startedAt: this.clock.now().toISOString(),
      endedAt: null,
      progress: null,
      result: null,
      error: null,
    };
    this.database.table(JobEntity).insert(job);
    return job;
  }

  /** Starts the work; returns at once. */
  run<Task extends object, News, Outcome>(
    job: JobEntity,
    { task, transfer = [], news, ended, after, outcomeOf }: JobRun<Task, News, Outcome>,
  ): void {
    const { worker, words } = this.registry.kind(job.kind);
    const stop = new SharedArrayBuffer(4);
    const flag = new Int32Array(stop);
    this.stops.set(job.id, flag);
    this.live.set(job.id, job);
    const { port1, port2 } = new MessageChannel();
    // A result is kept before it is told. Progress is only told: whoever works may hold the database.
    const note = async (changes: Partial<JobEntity>): Promise<void> => {
      const state = { ...(this.live.get(job.id) ?? job), ...changes };
      if ('result' in changes || 'state' in changes) await this.save(state);
      this.live.set(job.id, state);
      this.changed.next(state);
    };
    const endedAt = (): string => this.clock.now().toISOString();
    let writing = Promise.resolve();
    const hear = (message: News): void => {
      writing = writing.then(() => note(news(message))).catch((error: unknown) => this.logger.error(error));
    };
    port1.on('message', hear);
    // Messages and the end of the work come by different ways: what was told before the end is heard, and nothing after it, or a job that is
    // done would be written down as running once more.
    const hearLast = async (): Promise<void> => {
      port1.off('message', hear);
      for (let last = receiveMessageOnPort(port1); last; last = receiveMessageOnPort(port1)) hear(last.message as News);
      port1.close();
      await writing;
    };
    // What follows is no part of the work: the job has ended, whether that can be kept or not.
    const follow = (outcome: Outcome): Promise<void> =>
      after?.(outcome).catch((error: unknown) => this.logger.error(error)) ?? Promise.resolve();
    void this.pool
      .run({ ...task, stop, port: port2 } satisfies Task & JobLine, { filename: worker, transferList: [port2, ...transfer] })
      .then(
        async (outcome) => {
          await hearLast();
          await follow(outcome as Outcome);
          await note({ state: 'done', ...ended(outcome as Outcome, Atomics.load(flag, 0) === 1), endedAt: endedAt() });
        },
        async (error: unknown) => {
          if (!this.isClosing) this.logger.error(error);
          await hearLast();
          const kept = this.database.table(JobEntity).first({ id: job.id });
          if (kept?.state === 'done') {
            if (outcomeOf) await follow(outcomeOf(kept.result));
            this.changed.next(kept);
          } else await note({ state: 'failed', endedAt: endedAt(), error: words.broken });
        },
      )
      .catch((error: unknown) => this.endWithoutResult(job.id, error, endedAt()))
      .finally(() => {
        this.stops.delete(job.id);
        this.live.delete(job.id);
      });
  }

  job(id: string): AnyJobDto {
    const job = this.live.get(id) ?? this.database.table(JobEntity).first({ id });
    if (!job) throw notFound('job', id);
    return this.toDto(job);
  }

  /** The newest job of a kind whose result belongs to `owner`, or null. */
  newestOf(kind: string, owner: string): AnyJobDto | null {
    const [job] = this.database.table(JobEntity).find({ where: { kind, owner }, order: { startedAt: 'DESC' }, take: 1 });
    return job ? this.job(job.id) : null;
  }

  /** Asks a running job to stop and keep its best. Asking twice, or too late, is no fault. */
  stop(id: string): AnyJobDto {
    const job = this.job(id);
    const flag = this.stops.get(id);
    if (flag) Atomics.store(flag, 0, 1);
    return job;
  }

  /** The job as it is now, then every change until it has ended, or Outfit is closed. */
  watch(id: string): Observable<AnyJobDto> {
    const later = this.changed.pipe(
      filter((job) => job.id === id),
      map((job) => this.toDto(job)),
    );
    return concat(
      defer(() => of(this.job(id))),
      defer(() => (this.stops.has(id) ? later : of())),
      defer(() => of(this.job(id))),
    ).pipe(
      takeWhile((job) => job.state === 'running', true),
      takeUntil(this.closed),
    );
  }

  toDto({ id, kind, state, startedAt, endedAt, progress, result, error }: JobEntity): AnyJobDto {
    const place = [...this.live.keys()].indexOf(id);
    return { id, kind, state, startedAt, endedAt, ahead: Math.max(0, place - THREADS + 1), progress, result, error };
  }

  /** A job whose end cannot be written (the disk is full) has ended all the same, and says so for as long as this server lives. */
  private endWithoutResult(id: string, error: unknown, endedAt: string): void {
    if (this.isClosing) return;
    this.logger.error(error);
    const job = this.live.get(id);
    if (job)
      this.changed.next({ ...job, state: 'failed', endedAt, error: 'Its result could not be saved. Make room on the disk and try again.' });
  }

  private async save(job: JobEntity): Promise<void> {
    if (!this.isClosing) await this.database.write(() => this.database.table(JobEntity).upsert(job));
  }
}
