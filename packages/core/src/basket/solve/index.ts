export { SOLVE_PHASES, solveBasket, type SolveProgress } from './solve.js';
