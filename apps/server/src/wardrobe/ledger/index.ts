export { EntriesService } from './entries.service.js';
export { EntryDto, PiecePinDto } from './ledger.dto.js';
export { LedgerController } from './ledger.controller.js';
export { LedgerRecord, type LotRow, NO_PLACE, type PlaceRow } from './ledgerRecord.js';
export { LedgerService } from './ledger.service.js';
export { PlacesService } from './places.service.js';
