export { Ledger } from './ledger.js';
export { EntryDto, PiecePinDto } from './ledger.dto.js';
export { LedgerController } from './ledger.controller.js';
export { LedgerRecord, type LotRow, NO_PLACE, type PlaceRow } from './ledgerRecord.js';
export { PieceDeeds } from './pieceDeeds.service.js';
export { PlacesService } from './places.service.js';
export { entrySlice, madeSlices } from './slices.js';
