export { type KnownRun, matchRuns, type RowMeaning, type StatedRun } from './pieceRows.js';
export { NO_SUPPLY, onDonors, ownedOf, type OwnedRun, stockOf, type Supply, supplyOf } from './supply.js';
export {
  Balances,
  BENCH,
  type Entry,
  ENTRY_KINDS,
  type EntryKind,
  isAtHand,
  isWithin,
  LedgerRefused,
  type Movement,
  opposite,
  OUTSIDE,
  PATH_SEPARATOR,
  pathOf,
  type Place,
  PLACE_KINDS,
  type PlaceKind,
  readLines,
  readPath,
  standsInTheWay,
  type TypedLine,
} from './ledger/index.js';
