export { ExchangeController } from './exchange.controller.js';
export { ExchangeService } from './exchange.service.js';
