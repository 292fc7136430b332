export { LossesService } from './losses.service.js';
export { PromiseKeeper } from './promiseKeeper.js';
export { PromisesController } from './promises.controller.js';
export { ClashDto } from './promises.dto.js';
export { PromisesService } from './promises.service.js';
export { type FigureServed, ServingsService, type WaitingFigure } from './servings.service.js';
