export { asReason, day, known, money, named, oneOf, remarks, text, wholeNumber } from './cells.js';
export type { KnownNames } from './knownNames.js';
export {
  type Column,
  decodeText,
  formerly,
  readTable,
  Refusal,
  refuse,
  type RowOf,
  type RowProblem,
  TABLE_LIMITS,
  type TableLimits,
  type TableReport,
  UnreadableFile,
} from './table.js';
export { type Cell, writeTable } from './write.js';
