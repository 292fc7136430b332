import type { BasketPlan } from '@outfit/core';
import type { BasketProblem } from '@outfit/core/basket';
import { solveOnce } from './solveOnce.js';

/** Solves a small basket in a worker thread. */
export default (problem: BasketProblem): Promise<BasketPlan> => solveOnce(problem);
