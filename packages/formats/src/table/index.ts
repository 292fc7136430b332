export { amountIn, asReason, day, knownColumn, moneyIn, nameColumn, oneOf, remarks, text, wholeNumber } from './cells.js';
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
  type TableReport,
} from './table.js';
export { readAnyTable } from './anyTable.js';
export { type TableLimits, UnreadableFile } from './records.js';
export { type Cell, writeTable } from './write.js';
