/** The ledger for workers. It loads no framework. */
export { LedgerRecord } from './ledgerRecord.js';
