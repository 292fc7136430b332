export { buildModel, type ModelQuestion } from './basketModel.js';
export { type ExactResult, runModel, solveExactly } from './exact.js';
export { type Column, type Entry, LinearModel } from './linearModel.js';
