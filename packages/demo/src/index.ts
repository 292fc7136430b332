export type { DemoFigure } from './data/projects/index.js';
export { demoWorld } from './world.js';
