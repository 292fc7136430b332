import SQLite, { type Database as Connection, type Statement } from 'better-sqlite3';

/** Gives a prepared statement for a text, the same one for the same text; the query's author says what its rows are. */
export type Prepare = <Row = unknown>(sql: string) => Statement<unknown[], Row>;

/**
 * A connection with the settings every one of them has: each commit is on the disk before it is said to be saved, and a lock
 * that somebody else holds is told at once.
 */
export function connect(file: string): Connection {
  const connection = new SQLite(file, { timeout: 0 });
  connection.pragma('journal_mode = WAL');
  connection.pragma('synchronous = FULL');
  connection.pragma('foreign_keys = ON');
  return connection;
}

/** Statements of a connection, each prepared once. */
export function prepareOn(connection: Connection): Prepare {
  const statements = new Map<string, Statement<unknown[], unknown>>();
  return <Row>(sql: string) => {
    let statement = statements.get(sql);
    if (!statement) statements.set(sql, (statement = connection.prepare<unknown[], unknown>(sql)));
    return statement as Statement<unknown[], Row>;
  };
}
