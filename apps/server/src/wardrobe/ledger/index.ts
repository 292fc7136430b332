export { Ledger } from './ledger.js';
export { EntryDto, PiecePinDto } from './ledger.dto.js';
export { LedgerController } from './ledger.controller.js';
export { NO_PLACE, type PlaceRow } from './ledger.store.js';
export { PieceDeeds } from './pieceDeeds.service.js';
export { PlacesService } from './places.service.js';
