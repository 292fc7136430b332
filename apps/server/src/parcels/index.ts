export { ParcelsModule } from './parcels.module.js';
export { ParcelsService } from './parcels.service.js';
