import SQLite, { type Database as Connection, type Statement } from 'better-sqlite3';

/** Gives a prepared statement for a text, the same one for the same text. */
export type Prepare = (sql: string) => Statement;

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
export function preparing(connection: Connection): Prepare {
  const statements = new Map<string, Statement>();
  return (sql) => {
    let statement = statements.get(sql);
    if (!statement) statements.set(sql, (statement = connection.prepare(sql)));
    return statement;
  };
}
