import type { BasketPlan } from '@outfit/core';
import type { BasketProblem } from '@outfit/core/basket';
import type { JobRun } from '../../platform/jobs/index.js';
import type { BasketNews } from './basket.worker.js';

/** Solving a basket: progress and every better plan are kept as they come. */
export const basketRun = (
  problem: BasketProblem,
  last: BasketPlan | null = null,
): JobRun<{ problem: BasketProblem; last: BasketPlan | null }, BasketNews, BasketPlan> => ({
  task: { problem, last },
  news: (news) => ('plan' in news ? { result: news.plan } : { progress: news.progress }),
  ended: (plan, stopped) => ({ state: stopped && plan.status === 'stopped' ? 'stopped' : 'done', result: plan }),
});
