/** The solver and all it needs: imported by the server's workers and by benches, never by the browser. */
export { type Column, type Entry, LinearModel, runModel } from './model/index.js';
export { type BasketPlan, type BasketProblem, NO_RULES } from './problem/index.js';
export { SOLVE_PHASES, solveBasket, type SolveProgress } from './solve/index.js';
export { verifyPlan } from './verify/index.js';
