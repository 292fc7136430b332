/** The ledger for workers. It loads no framework. */
export { LedgerRecord, NO_PLACE } from './ledgerRecord.js';
export { entrySlice, madeSlices } from './slices.js';
