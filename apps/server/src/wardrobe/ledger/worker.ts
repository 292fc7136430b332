/** The ledger for workers. It loads no framework. */
export { LedgerStore, NO_PLACE } from './ledger.store.js';
export { entrySlice, madeSlices } from './slices.js';
