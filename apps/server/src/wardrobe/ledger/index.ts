export { LedgerController } from './ledger.controller.js';
export { LedgerRecord } from './ledgerRecord.js';
export { LedgerService } from './ledger.service.js';
export { PlacesService } from './places.service.js';
