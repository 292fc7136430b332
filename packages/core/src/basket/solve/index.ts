export { SOLVE_PHASES, type SolveProgress } from './control.js';
export { solveBasket } from './solve.js';
