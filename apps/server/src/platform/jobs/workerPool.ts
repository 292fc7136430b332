import { Piscina } from 'piscina';
import { Problem } from '../http/index.js';

interface WorkerPoolOptions {
  /** How long a thread without work is kept, in ms; what it remembers goes with it. */
  readonly idleMs: number;
  /** How many may wait for their turn; more are refused. Unlimited when not given. */
  readonly mostWaiting?: number;
  /**
   * What a thread may hold, in MB, well above what its work needs: without a bound it clears away what it has done with only once
   * much of the machine's memory is full of it.
   */
  readonly mostMb?: number;
}

/** What Piscina says when as many wait as may. */
const IS_FULL = /queue is at limit|no task queue/i;

/** One thread that does one thing after the other, opened when it is first needed. */
export class WorkerPool<Task, Outcome> {
  private readonly pool: Piscina<Task, Outcome>;
  private isClosed = false;

  constructor({ idleMs, mostWaiting, mostMb }: WorkerPoolOptions) {
    this.pool = new Piscina<Task, Outcome>({
      minThreads: 0,
      maxThreads: 1,
      idleTimeout: idleMs,
      ...(mostWaiting === undefined ? {} : { maxQueue: mostWaiting }),
      ...(mostMb === undefined ? {} : { resourceLimits: { maxOldGenerationSizeMb: mostMb } }),
    });
  }

  /**
   * Does a task with the worker of a file.
   *
   * @throws Problem when more wait already than may, or when the application is closing, for what has not begun and for what is broken off; else what the worker threw
   */
  async run(worker: string, task: Task): Promise<Outcome> {
    try {
      if (this.isClosed) throw new Error('closed');
      return await this.pool.run(task, { filename: worker });
    } catch (error) {
      if (IS_FULL.test(error instanceof Error ? error.message : ''))
        throw new Problem(429, 'Too much of this is under way at once. Nothing was changed; try again in a moment.');
      if (this.isClosed) throw new Problem(409, 'Outfit is closing. What was under way is not done; do it again once it is open.');
      throw error;
    }
  }

  async close(): Promise<void> {
    this.isClosed = true;
    await this.pool.destroy();
  }
}
