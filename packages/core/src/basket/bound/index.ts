export { Ascent, type CountLosses } from './ascent.js';
export { lagrangianBound } from './lagrangian.js';
export { ROUNDING } from './pooled.js';
export { BoundTree } from './boundTree.js';
