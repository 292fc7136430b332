import type { Statement } from 'better-sqlite3';
import type { EntityMetadata } from 'typeorm';
import type { ColumnMetadata } from 'typeorm/metadata/ColumnMetadata.js';

/** Rows whose columns equal the given values. A list means any of it; null means that nothing is there. */
export type Where<Row> = { readonly [K in keyof Row]?: Row[K] | readonly NonNullable<Row[K]>[] | null };

export interface Find<Row> {
  readonly where?: Where<Row>;
  readonly order?: { readonly [K in keyof Row]?: 'ASC' | 'DESC' };
  readonly take?: number;
}

type Stored = string | number | bigint | Buffer | null;

/**
 * The rows of one TypeORM entity, read and written synchronously: what a unit of work needs, in which nothing may be
 * awaited. Columns, JSON documents and booleans are as the entity's decorators say. Statements are prepared once.
 */
export class EntityTable<Row extends object> {
  private readonly columns: readonly ColumnMetadata[];
  private readonly names: readonly string[];

  constructor(
    private readonly metadata: EntityMetadata,
    private readonly prepare: (sql: string) => Statement,
  ) {
    this.columns = metadata.columns;
    this.names = this.columns.map((column) => column.databaseName);
  }

  find({ where = {}, order = {}, take }: Find<Row> = {}): Row[] {
    const { sql, values } = this.whereSql(where);
    const orders = Object.entries(order).map(([key, direction]) => `${this.column(key).databaseName} ${String(direction)}`);
    const text = `SELECT ${this.names.join(', ')} FROM ${this.metadata.tableName}${sql}${orders.length > 0 ? ` ORDER BY ${orders.join(', ')}` : ''}${take === undefined ? '' : ' LIMIT ?'}`;
    const rows = this.prepare(text).all(...values, ...(take === undefined ? [] : [take])) as Record<string, Stored>[];
    return rows.map((row) => this.read(row));
  }

  first(where: Where<Row>): Row | null {
    return this.find({ where, take: 1 })[0] ?? null;
  }

  has(where: Where<Row>): boolean {
    return this.first(where) !== null;
  }

  count(where: Where<Row> = {}): number {
    const { sql, values } = this.whereSql(where);
    return this.prepare(`SELECT COUNT(*) FROM ${this.metadata.tableName}${sql}`)
      .pluck()
      .get(...values) as number;
  }

  /** Adds rows; columns that are left out take their default. Returns the row id of the last. */
  insert(...rows: readonly Partial<Row>[]): number {
    return this.insertAll(rows);
  }

  /** The same for a list of any length. Rows of one shape, as a list mostly has, share one statement. */
  insertAll(rows: readonly Partial<Row>[]): number {
    let last = 0;
    this.each(rows, ({ names, statement }, values) => {
      last = Number(
        statement(`INSERT INTO ${this.metadata.tableName} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')})`).run(...values)
          .lastInsertRowid,
      );
    });
    return last;
  }

  /** Adds rows, or gives those whose key is there the new values. */
  upsert(...rows: readonly Partial<Row>[]): void {
    const keys = this.metadata.primaryColumns.map((column) => column.databaseName);
    this.each(rows, ({ names, statement }, values) => {
      const sets = names.filter((name) => !keys.includes(name)).map((name) => `${name} = excluded.${name}`);
      statement(
        `INSERT INTO ${this.metadata.tableName} (${names.join(', ')}) VALUES (${names.map(() => '?').join(', ')})
          ON CONFLICT (${keys.join(', ')}) DO UPDATE SET ${sets.join(', ')}`,
      ).run(...values);
    });
  }

  /** Changes columns of the rows that match; how many there were. */
  update(where: Where<Row>, set: Partial<Row>): number {
    const { columns, values } = this.given(set);
    const matched = this.whereSql(where);
    const sets = columns.map((column) => `${column.databaseName} = ?`).join(', ');
    return this.prepare(`UPDATE ${this.metadata.tableName} SET ${sets}${matched.sql}`).run(...values, ...matched.values).changes;
  }

  /** Takes rows away; how many there were. Says which, so that no table is emptied by a slip. */
  delete(where: Where<Row>): number {
    const { sql, values } = this.whereSql(where);
    if (sql === '') throw new RangeError(`which rows of ${this.metadata.tableName} go must be said`);
    return this.prepare(`DELETE FROM ${this.metadata.tableName}${sql}`).run(...values).changes;
  }

  private column(property: string): ColumnMetadata {
    const column = this.metadata.findColumnWithPropertyName(property);
    if (!column) throw new RangeError(`${this.metadata.tableName} has no column ${property}`);
    return column;
  }

  /** Goes over rows; what follows from their columns is worked out anew only when these change. */
  private each(
    rows: readonly Partial<Row>[],
    take: (shape: { readonly names: readonly string[]; statement(sql: string): Statement }, values: readonly Stored[]) => void,
  ): void {
    let columns: readonly ColumnMetadata[] = [];
    let names: readonly string[] = [];
    let prepared: Statement | null = null;
    const statement = (sql: string): Statement => (prepared ??= this.prepare(sql));
    for (const row of rows) {
      const cells = row as Record<string, unknown>;
      const isSame =
        columns.length > 0 && this.columns.every((column) => (cells[column.propertyName] !== undefined) === columns.includes(column));
      if (!isSame) {
        columns = this.columns.filter((column) => cells[column.propertyName] !== undefined);
        names = columns.map((column) => column.databaseName);
        prepared = null;
      }
      take(
        { names, statement },
        columns.map((column) => stored(column, cells[column.propertyName])),
      );
    }
  }

  private given(row: Partial<Row>): { readonly columns: readonly ColumnMetadata[]; readonly values: readonly Stored[] } {
    const columns = this.columns.filter((column) => (row as Record<string, unknown>)[column.propertyName] !== undefined);
    return { columns, values: columns.map((column) => stored(column, (row as Record<string, unknown>)[column.propertyName])) };
  }

  private whereSql(where: Where<Row>): { readonly sql: string; readonly values: readonly Stored[] } {
    const values: Stored[] = [];
    const parts = Object.entries(where).flatMap(([key, value]) => {
      if (value === undefined) return [];
      const column = this.column(key);
      const name = column.databaseName;
      if (value === null) return [`${name} IS NULL`];
      if (Array.isArray(value)) {
        values.push(JSON.stringify(value));
        return [`${name} IN (SELECT value FROM json_each(?))`];
      }
      values.push(stored(column, value));
      return [`${name} = ?`];
    });
    return { sql: parts.length === 0 ? '' : ` WHERE ${parts.join(' AND ')}`, values };
  }

  private read(raw: Readonly<Record<string, Stored>>): Row {
    return Object.fromEntries(
      this.columns.map((column) => [column.propertyName, hydrated(column, raw[column.databaseName] ?? null)]),
    ) as Row;
  }
}

function stored({ type }: ColumnMetadata, value: unknown): Stored {
  if (value === null) return null;
  if (type === 'simple-json') return JSON.stringify(value);
  return type === 'boolean' ? Number(value) : (value as Stored);
}

function hydrated({ type }: ColumnMetadata, value: Stored): unknown {
  if (value === null) return null;
  if (type === 'simple-json') return JSON.parse(value as string) as unknown;
  return type === 'boolean' ? value !== 0 : value;
}
