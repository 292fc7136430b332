/** The solver and all it needs: imported by the server's worker and by benches, never by the browser. */
export * from './problem.js';
export * from './plan.js';
export { reduceMarket } from './market.js';
export { buildModel } from './basketModel.js';
export { cheapestEach, searchSellers } from './heuristic.js';
export { solveExactly } from './exact.js';
export { solveBasket, type SolveControl, type SolveProgress } from './solve.js';
export { verifyPlan } from './verify.js';
