/** What a worker may know of the database: a connection of its own, and the tables as their entities declare them. */
export { connect, type Prepare } from './connect.js';
export { Column, Entity, PrimaryColumn, PrimaryGeneratedColumn } from './decorators.js';
export { descriptionOf } from './description.js';
export { EntityTable } from './entityTable.js';
export { JsonColumn } from './jsonColumn.js';
export { StagedRows } from './staging.js';
export { type Tables, tablesBy, tablesOf } from './tables.js';
export { UnreadableRow } from './unreadableRow.js';
