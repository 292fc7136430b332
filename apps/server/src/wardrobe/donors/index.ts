export { DonorsController } from './donors.controller.js';
export { DonorsService } from './donors.service.js';
export { ProductsService } from './products.service.js';
