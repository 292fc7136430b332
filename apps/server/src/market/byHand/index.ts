export { ByHandController } from './byHand.controller.js';
export { ByHandService } from './byHand.service.js';
