export type { DemoIdea, DemoOwed } from './data/ideas.js';
export type { DemoFigure, DemoInHand, InHand } from './data/projects/index.js';
export type { DemoDeed, DemoOrder, DemoRun } from './data/wardrobe/index.js';
export { starterKit } from './kit.js';
export { demoWorld } from './world.js';
