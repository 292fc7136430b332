export { ArrangingController } from './arranging.controller.js';
export { ArrangingService } from './arranging.service.js';
export type { Arrangement, Spots, Stance } from './arrangement.js';
export { dressed, LineUpDeeds } from './lineUpDeeds.service.js';
export { FiguresBin } from './figuresBin.js';
