export type { DemoDeed, DemoDonor, DemoPiece, DemoRun } from './deeds.js';
export { YEAR } from './year.js';
