export { ParcelsModule } from './parcels.module.js';
export { ParcelsService } from './parcels.service.js';
export { OrdersService } from './ordering/orders.service.js';
export { ParcelDeeds } from './parcelDeeds.service.js';
export { type Happens, PARCEL_ENTITIES } from './parcels.entities.js';
