export { BASKET_PLAN_SCHEMA, BASKET_PROBLEM_SCHEMA, isBasketPlan, readBasketProblem } from './basket/index.js';
export {
  CATALOGUE_LIMITS,
  CATALOGUE_SCHEMA,
  CATALOGUE_TABLES,
  type CatalogueTable,
  type ForeignLook,
  lookAtForeign,
  readArchive,
  readCatalogueTable,
  readForeignTable,
  rowShapeFault,
  writeArchive,
  writeCatalogueTable,
} from './catalogue/index.js';
export { notTwice, offerColumns, offerFault, rateColumns, sellerColumns } from './market/index.js';
export { OUTLINE_LIMITS, OutlineRefused, readOutline } from './outline/index.js';
export {
  type Cell,
  type Column,
  readTable,
  type RowOf,
  type RowProblem,
  TABLE_LIMITS,
  type TableReport,
  UnreadableFile,
  writeTable,
} from './table/index.js';
export {
  type FiledEntry,
  type FiledLot,
  type FiledPlace,
  LEDGER_FORMAT,
  LEDGER_SCHEMA,
  LEDGER_VERSION,
  type LedgerFile,
  newEntries,
  readLedger,
  wardrobeColumns,
} from './wardrobe/index.js';
export { choiceColumns, type Poll, readPoll } from './votes/index.js';
export { type CalendarDay, parcelCalendar } from './calendar/index.js';
