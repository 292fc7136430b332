export { SortingController } from './sorting.controller.js';
export { SortingService } from './sorting.service.js';
