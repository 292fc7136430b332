import type { Database as Connection, Statement } from 'better-sqlite3';
import type { EntityTable, Stored } from './entityTable.js';

/**
 * Rows of one table on their way in: laid in a temporary table of the same columns while nobody is held up, and then moved all
 * at once, whatever their number.
 */
export class StagedRows<Row extends object> {
  /** The temporary table, for a query that asks what is on its way. */
  readonly name: string;
  private readonly lay: Statement<Stored[]>;

  constructor(
    private readonly connection: Connection,
    private readonly table: EntityTable<Row>,
  ) {
    this.name = `temp."staged_${table.name}"`;
    // What was begun before on this connection, and broken off, is none of it.
    connection.exec(`DROP TABLE IF EXISTS ${this.name}`);
    connection.exec(`CREATE TEMP TABLE "staged_${table.name}" (${table.stagingSql().definition}) WITHOUT ROWID`);
    this.lay = connection.prepare(`INSERT OR REPLACE INTO ${this.name} VALUES (${table.columns.map(() => '?').join(', ')})`);
  }

  add(row: Row): void {
    this.lay.run(...this.table.storedOf(row));
  }

  /** The rows that stand, of those a condition names, and that none on its way is the same as. */
  rowsToLeave(where: string): Row[] {
    return this.table.select(`WHERE ${where} EXCEPT SELECT ${this.table.stagingSql().names} FROM ${this.name}`);
  }

  /** The rows on their way that are not the same as one that stands. */
  rowsToCome(where: string): Row[] {
    const { names } = this.table.stagingSql();
    return this.table.select(
      `WHERE false UNION ALL SELECT ${names} FROM (SELECT ${names} FROM ${this.name} EXCEPT SELECT ${names} FROM main."${this.table.name}" WHERE ${where})`,
    );
  }

  /** Moves all of them in; those whose key is there take the new values. Within the caller's transaction. */
  move(): void {
    const { names, onConflict } = this.table.stagingSql();
    this.connection.exec(`INSERT INTO main."${this.table.name}" (${names}) SELECT ${names} FROM ${this.name} WHERE true ${onConflict}`);
  }
}
