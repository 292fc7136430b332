export * from './basket.js';
export * from './basketSchema.js';
export { nearestName } from './nearest.js';
export * from './table.js';
export * from './tables.js';
export * from './write.js';
