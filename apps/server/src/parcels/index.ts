export { ParcelsModule } from './parcels.module.js';
export { ParcelsService } from './parcels.service.js';
export { ParcelsOpening } from './ordering/opening.service.js';
