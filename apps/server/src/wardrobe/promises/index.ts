export { PromiseKeeper } from './promiseKeeper.js';
export { PromisesController } from './promises.controller.js';
export { ClashDto } from './promises.dto.js';
export { type PlannedLook, PromisesService, type RunDoing, type ServedTogether } from './promises.service.js';
