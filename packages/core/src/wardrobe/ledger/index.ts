export { readLines, type TypedLine } from './lines.js';
export {
  Balances,
  BENCH,
  type Entry,
  ENTRY_KINDS,
  type EntryKind,
  LedgerRefused,
  type Movement,
  opposite,
  OUTSIDE,
  standsInTheWay,
} from './movements.js';
export {
  type Defect,
  type DefectKind,
  DEFECTS,
  isAtHand,
  isWithin,
  PATH_SEPARATOR,
  pathOf,
  type Place,
  PLACE_KINDS,
  type PlaceKind,
  reachOf,
  readPath,
} from './places.js';
