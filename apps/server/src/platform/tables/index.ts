/** Importing a table in a worker. It loads no framework. */
export { type Agreement, importTable, type TableImport, type TableOutcome, type TableTask } from './importTable.js';
