export { FOREIGN_FIELDS, type ForeignField, type ForeignMapping, guessMapping } from './fields.js';
export { type ForeignRow, readForeignRows, type UnplacedKind } from './rows.js';
