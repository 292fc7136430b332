import type { BasketPlan } from '@outfit/core';
import { type BasketProblem, solveBasket, verifyPlan } from '@outfit/core/basket';

/** One basket, solved with nothing beside it, and checked by the independent verifier. */
export async function solveOnce(problem: BasketProblem, shouldStop: () => boolean = () => false): Promise<BasketPlan> {
  const plan = await solveBasket(
    problem,
    { now: () => performance.now() / 1000, shouldStop, onProgress: () => undefined, onPlan: () => undefined },
    { comparisons: false },
  );
  const [fault] = verifyPlan(problem, plan);
  if (fault) throw new Error(`The plan failed its check at ${fault.path}: ${fault.sentence}`);
  return plan;
}
