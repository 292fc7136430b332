import type { BasketPlan } from '@outfit/core';
import { type BasketProblem, solveBasket, type SolveProgress, verifyPlan } from '@outfit/core/basket';
import type { MessagePort } from 'node:worker_threads';

interface BasketTask {
  readonly problem: BasketProblem;
  /** The plan made last for the same looks: planning begins with as much of it as still holds. */
  readonly last: BasketPlan | null;
  /** One Int32: set to 1 to ask for a stop that keeps the best. */
  readonly stop: SharedArrayBuffer;
  readonly port: MessagePort;
}

export type BasketNews = { readonly progress: SolveProgress } | { readonly plan: BasketPlan };

/** Progress is told at most this often; every better plan is told at once. */
const LEAST_MS_BETWEEN = 100;

/** Solves in a worker thread. No plan leaves it that the independent verifier finds fault with. */
export default async function solve({ problem, last, stop, port }: BasketTask): Promise<BasketPlan> {
  const asked = new Int32Array(stop);
  let told = 0;
  const checked = (plan: BasketPlan): BasketPlan => {
    const [fault] = verifyPlan(problem, plan);
    if (fault) throw new Error(`The plan failed its check at ${fault.path}: ${fault.sentence}`);
    return plan;
  };
  const control = {
    now: () => performance.now() / 1000,
    shouldStop: () => Atomics.load(asked, 0) === 1,
    onProgress: (progress: SolveProgress) => {
      const now = performance.now();
      if (now - told < LEAST_MS_BETWEEN) return;
      told = now;
      port.postMessage({ progress } satisfies BasketNews);
    },
    onPlan: (better: BasketPlan) => port.postMessage({ plan: checked(better) } satisfies BasketNews),
  };
  const plan = await solveBasket(problem, control, { comparisons: true, ...(last && { last }) });
  port.close();
  return checked(plan);
}
