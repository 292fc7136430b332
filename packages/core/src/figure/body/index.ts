export { balance } from './balance.js';
export { brittleness } from './brittle.js';
export { bodyHeight, overallHeight, standingHeight } from './height.js';
export { madeSo } from './madeSo.js';
export { wholeness } from './whole.js';
