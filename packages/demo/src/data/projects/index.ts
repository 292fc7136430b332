export { LINE_UPS } from './lineUps.js';
export { type DemoInHand, IN_HAND, type InHand, windowSill } from './windowSill.js';
export { factionOf, PLANS } from './plans.js';
export type { DemoFigure, DemoLineUp } from './row.js';
