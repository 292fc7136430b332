export { ParcelsModule } from './parcels.module.js';
export { ParcelsService } from './parcels.service.js';
export { OrdersService } from './ordering/orders.service.js';
export { ParcelDeeds } from './parcelDeeds.service.js';
export type { Happens } from './parcels.record.js';
