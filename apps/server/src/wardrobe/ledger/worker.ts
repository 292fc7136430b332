/** The ledger for workers. It loads no framework. */
export { LedgerRecord, NO_PLACE, type PlaceRow } from './ledgerRecord.js';
export { entrySlice, madeSlices } from './slices.js';
