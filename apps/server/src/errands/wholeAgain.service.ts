import { basketFor, NO_ADJUSTMENTS } from '@outfit/core';
import type { BasketPlan, BasketProblem } from '@outfit/core/basket';
import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { workerBeside, WorkerPool } from '../platform/jobs/index.js';
import { DonorsService } from '../wardrobe/index.js';
import type { WholeAgainDto } from './errands.dto.js';
import { ErrandPlanner } from './planning/planner.js';

const WORKER = workerBeside(import.meta.url, 'solving/once.worker');
/** As many whole figures as one errand takes. */
const MOST = 200;
const SECONDS = 8;
/** What is bought for a whole figure comes off no other one. */
const SETTINGS = { useDonors: false };

/** What whole figures with holes would cost to make whole: what the errand for exactly these holes would pay, after what lies free. */
@Injectable()
export class WholeAgainService implements OnApplicationShutdown {
  private readonly pool = new WorkerPool<BasketProblem, BasketPlan>({ idleMs: 30_000, mostWaiting: 20 });

  constructor(
    private readonly planner: ErrandPlanner,
    private readonly donors: DonorsService,
  ) {}

  async onApplicationShutdown(): Promise<void> {
    await this.pool.close();
  }

  /** Of one whole figure, or of all that have holes; nothing to pay where nothing lacks, null where there are too many for one errand. */
  async of(donor: string | null): Promise<WholeAgainDto | null> {
    const holed = (await this.donors.list()).filter(({ id, holes }) => holes.length > 0 && (donor === null || id === donor));
    if (holed.length === 0) return { paidMinor: 0, buys: 0, free: 0, unsold: 0, isProven: true };
    if (holed.length > MOST) return null;
    const lines = holed.map(({ id }) => ({ figure: id, look: id, copies: 1, group: null }));
    const problem = basketFor(await this.planner.input(lines, SETTINGS, NO_ADJUSTMENTS));
    const plan = await this.pool.run(WORKER, { ...problem, effort: { ...problem.effort, seconds: SECONDS } });
    const count = (from: BasketPlan['fills'][number]['from']): number =>
      plan.fills.reduce((all, fill) => all + (fill.from === from ? fill.quantity : 0), 0);
    return {
      paidMinor: plan.paidMinor,
      buys: count('bought'),
      free: count('owned'),
      unsold: plan.short.reduce((all, row) => all + row.quantity, 0),
      isProven: plan.status === 'proven',
    };
  }
}
