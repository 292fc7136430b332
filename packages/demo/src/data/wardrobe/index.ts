export type { DemoDeed, DemoRun } from './deeds.js';
export { type DemoOrder, ORDERS } from './orders.js';
export { YEAR } from './year.js';
