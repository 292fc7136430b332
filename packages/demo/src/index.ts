export type { DemoFigure } from './data/projects/index.js';
export { starterKit } from './kit.js';
export { demoWorld } from './world.js';
