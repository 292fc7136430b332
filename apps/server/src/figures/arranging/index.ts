export { ArrangingController } from './arranging.controller.js';
export { ArrangingService } from './arranging.service.js';
export { FiguresBin } from './figuresBin.js';
