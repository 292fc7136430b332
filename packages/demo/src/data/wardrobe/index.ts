export type { DemoDeed, DemoRun } from './deeds.js';
export { YEAR } from './year.js';
