export { LINE_UPS } from './lineUps.js';
export type { DemoFigure, DemoLineUp } from './row.js';
