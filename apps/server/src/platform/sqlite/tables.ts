import type { Database as Connection } from 'better-sqlite3';
import { type Prepare, prepareOn } from './connect.js';
import { EntityTable } from './entityTable.js';

/** The tables of a workspace, by their entities: of the server's one connection, or of a worker's own. */
export interface Tables {
  /** The rows of an entity. */
  table<Row extends object>(entity: new () => Row): EntityTable<Row>;
  /** A statement, prepared once, for a query that is more than rows of one table; its result is said here. */
  readonly prepare: Prepare;
}

/** Keeps one table for each entity. */
export function tablesBy(prepare: Prepare): Tables['table'] {
  const tables = new Map<unknown, unknown>();
  return <Row extends object>(entity: new () => Row) => {
    const known = tables.get(entity);
    if (known instanceof EntityTable) return known as EntityTable<Row>;
    const table = new EntityTable(entity, prepare);
    tables.set(entity, table);
    return table;
  };
}

/** The tables on a connection of one's own. */
export function tablesOf(connection: Connection): Tables {
  const prepare = prepareOn(connection);
  return { prepare, table: tablesBy(prepare) };
}
