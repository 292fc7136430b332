/** The solver and all it needs: imported by the server's worker and by benches, never by the browser. */
export * from './problem.js';
export * from './plan.js';
export { priceDecision, type Decision } from './assemble.js';
export { reduceMarket } from './market.js';
export { indexMarket } from './marketIndex.js';
export { buildModel } from './basketModel.js';
export { cheapestEach } from './cheapestEach.js';
export { searchBaskets } from './search.js';
export { lagrangianBound } from './lagrangian.js';
export { LinearModel, type Column, type Entry } from './linearModel.js';
export { runModel } from './exact.js';
export { solveBasket, SOLVE_PHASES, type SolveControl, type SolveProgress } from './solve.js';
export { verifyPlan } from './verify.js';
