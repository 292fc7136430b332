export { ArrangingController } from './arranging.controller.js';
export { ArrangingService } from './arranging.service.js';
export type { Arrangement, Stance } from './arrangement.js';
export { LineUpDeeds } from './lineUpDeeds.service.js';
export { FiguresBin } from './figuresBin.js';
