export { type KnownRun, matchRuns, type RowMeaning, type StatedRun } from './pieceRows.js';
export { NO_SUPPLY, onDonors, ownedOf, type OwnedRun, stockOf, type Supply, supplyOf } from './supply.js';
