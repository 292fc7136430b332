import { Injectable, Logger, type OnApplicationBootstrap, type OnApplicationShutdown } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { BasketPlan, BasketProblem } from '@outfit/core';
import { randomUUID } from 'node:crypto';
import { fileURLToPath } from 'node:url';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import { concat, defer, filter, map, of, Subject, takeWhile, type Observable } from 'rxjs';
import { DataSource, type EntityManager } from 'typeorm';
import { Clock } from '../common/clock.js';
import { notFound } from '../common/problem.js';
import type { BasketNews, BasketTask } from './basket.worker.js';
import type { JobDto } from './job.dto.js';
import { JobEntity } from './job.entity.js';

/** The compiled worker: threads load JavaScript, also when the service itself runs from source in a test. */
const WORKER_FILE = fileURLToPath(new URL('../../dist/jobs/basket.worker.js', import.meta.url));

/** Long work in worker threads: a row per job, progress as events, stop, and *interrupted* after a restart. */
@Injectable()
export class JobsService implements OnApplicationBootstrap, OnApplicationShutdown {
  private readonly logger = new Logger('Jobs');
  private readonly pool = new Piscina<BasketTask, BasketPlan>({ filename: WORKER_FILE, minThreads: 0, maxThreads: 2, idleTimeout: 30_000 });
  private readonly stops = new Map<string, Int32Array>();
  private readonly changed = new Subject<JobEntity>();
  private closing = false;

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly clock: Clock,
  ) {}

  async onApplicationBootstrap(): Promise<void> {
    const endedAt = this.clock.now().toISOString();
    await this.database.manager.update(
      JobEntity,
      { state: 'running' },
      { state: 'interrupted', endedAt, error: 'Outfit was closed while this ran. The best plan so far is kept.' },
    );
  }

  async onApplicationShutdown(): Promise<void> {
    this.closing = true;
    await this.pool.destroy();
  }

  /** Writes the job's row within the caller's transaction; `run` starts it once that has been committed. */
  async create(manager: EntityManager): Promise<JobEntity> {
    const job = manager.create(JobEntity, {
      id: randomUUID(),
      kind: 'errand',
      state: 'running',
      startedAt: this.clock.now().toISOString(),
      endedAt: null,
      progress: null,
      result: null,
      error: null,
    });
    await manager.insert(JobEntity, job);
    return job;
  }

  /** Starts solving; returns at once. */
  run(job: JobEntity, problem: BasketProblem): void {
    const stop = new SharedArrayBuffer(4);
    this.stops.set(job.id, new Int32Array(stop));
    const { port1, port2 } = new MessageChannel();
    let state = job;
    const save = (changes: Partial<JobEntity>): Promise<void> => {
      state = { ...state, ...changes };
      return this.save(state);
    };
    let writing = Promise.resolve();
    port1.on('message', (news: BasketNews) => {
      writing = writing.then(() => save('plan' in news ? { result: news.plan } : { progress: news.progress }));
    });
    void this.pool
      .run({ problem, stop, port: port2 }, { transferList: [port2] })
      .then(
        async (plan) => {
          await writing;
          const stopped = Atomics.load(new Int32Array(stop), 0) === 1 && plan.status === 'stopped';
          await save({ state: stopped ? 'stopped' : 'done', result: plan, endedAt: this.clock.now().toISOString() });
        },
        async (error: unknown) => {
          this.logger.error(error);
          await writing;
          await save({
            state: 'failed',
            endedAt: this.clock.now().toISOString(),
            error: 'The solver broke off. The best plan so far, if any, is kept; try again.',
          });
        },
      )
      .catch((error: unknown) => this.logger.error(error))
      .finally(() => {
        port1.close();
        this.stops.delete(job.id);
      });
  }

  async job(id: string): Promise<JobDto> {
    const job = await this.database.manager.findOneBy(JobEntity, { id });
    if (!job) throw notFound('job', id);
    return job;
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
      map((job): JobDto => job),
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
    this.changed.next(job);
  }
}
