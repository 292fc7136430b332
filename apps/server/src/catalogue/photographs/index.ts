export { PhotographsController } from './photographs.controller.js';
export { PhotographsService } from './photographs.service.js';
export { PhotographsStore } from './photographs.store.js';
