export { wardrobeColumns } from './columns.js';
export { type FiledEntry, type FiledLot, type FiledPlace, type LedgerFile, newEntries, readLedger } from './ledgerFile.js';
export { LEDGER_FORMAT, LEDGER_SCHEMA, LEDGER_VERSION } from './ledgerSchema.js';
