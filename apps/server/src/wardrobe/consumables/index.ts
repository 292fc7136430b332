export { ConsumablesController } from './consumables.controller.js';
export { ConsumablesService } from './consumables.service.js';
