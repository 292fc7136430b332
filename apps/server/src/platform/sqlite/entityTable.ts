import type { Statement } from 'better-sqlite3';
import type { Prepare } from './connect.js';
import { type ColumnDescription, descriptionOf, type TableDescription } from './description.js';
import { UnreadableRow } from './unreadableRow.js';

/** Rows whose columns equal the given values. A list means any of it; null means that nothing is there. */
export type Where<Row> = { readonly [K in keyof Row]?: Row[K] | readonly NonNullable<Row[K]>[] | null };

export interface Find<Row> {
  readonly where?: Where<Row>;
  readonly order?: { readonly [K in keyof Row]?: 'ASC' | 'DESC' };
  readonly take?: number;
}

/** A value as SQLite keeps it. */
export type Stored = string | number | bigint | Buffer | null;
type StoredRow = Readonly<Record<string, Stored>>;
type Cells = Readonly<Record<string, unknown>>;
/** What a named query binds: values in their order, or by name. */
export type Bound = Stored | Readonly<Record<string, Stored>>;

/**
 * The rows of one entity, read and written synchronously: what a unit of work needs, in which nothing may be awaited, and what a
 * worker needs on a connection of its own. Columns, JSON and truths are as the entity's decorators say, and nowhere else.
 * Statements are prepared once. Rows are written inside a transaction only.
 */
export class EntityTable<Row extends object> {
  private readonly description: TableDescription;
  /** Columns whose values are kept as something else: JSON and truths. */
  private readonly keptOtherwise: readonly ColumnDescription[];
  private readonly from: string;
  /** The same text for the same query, so that whoever looks statements up by it need not read it through. */
  private readonly texts = new Map<string, string>();

  constructor(
    entity: new () => Row,
    private readonly prepare: Prepare,
  ) {
    this.description = descriptionOf(entity);
    this.keptOtherwise = this.columns.filter(({ kind }) => kind === 'simple-json' || kind === 'boolean');
    const { table } = this.description;
    this.from = `SELECT ${this.columns.map(({ name }) => `"${table}"."${name}" AS "${name}"`).join(', ')} FROM "${table}"`;
  }

  get columns(): readonly ColumnDescription[] {
    return this.description.columns;
  }

  get keys(): readonly string[] {
    return this.description.keys;
  }

  get name(): string {
    return this.description.table;
  }

  find({ where = {}, order = {}, take }: Find<Row> = {}): Row[] {
    const { sql, values } = this.whereSql(where);
    const orders = Object.entries(order).map(([key, direction]) => `"${this.name}"."${this.column(key).name}" ${String(direction)}`);
    const rest = `${sql}${orders.length > 0 ? ` ORDER BY ${orders.join(', ')}` : ''}${take === undefined ? '' : ' LIMIT ?'}`;
    return this.select(rest, ...values, ...(take === undefined ? [] : [take]));
  }

  first(where: Where<Row>): Row | null {
    return this.find({ where, take: 1 })[0] ?? null;
  }

  has(where: Where<Row>): boolean {
    const { sql, values } = this.whereSql(where);
    return this.prepare(`SELECT 1 FROM "${this.name}"${sql} LIMIT 1`).get(...values) !== undefined;
  }

  count(where: Where<Row> = {}): number {
    const { sql, values } = this.whereSql(where);
    const count = this.prepare<number>(`SELECT COUNT(*) FROM "${this.name}"${sql}`).pluck();
    return count.get(...values) ?? 0;
  }

  /** The greatest value of a column of whole numbers; 0 where there is no row. */
  greatest(property: keyof Row & string): number {
    const greatest = this.prepare<number>(`SELECT COALESCE(MAX("${this.column(property).name}"), 0) FROM "${this.name}"`).pluck();
    return greatest.get() ?? 0;
  }

  /**
   * Whole rows by a query that says what comes after `FROM` and the table: joins by its name, conditions, order. The columns are
   * the entity's.
   */
  select(rest: string, ...bound: readonly Bound[]): Row[] {
    return this.statement(rest)
      .all(...bound)
      .map((row) => this.read(row));
  }

  /** The same one by one, for a table too large to hold. */
  *iterate(rest: string, ...bound: readonly Bound[]): Iterable<Row> {
    for (const row of this.statement(rest).iterate(...bound)) yield this.read(row);
  }

  /** The first of them; null where there is none. */
  one(rest: string, ...bound: readonly Bound[]): Row | null {
    const row = this.statement(rest).get(...bound);
    return row === undefined ? null : this.read(row);
  }

  /** Adds rows; columns that are left out take their default. Returns the row id of the last. */
  insert(...rows: readonly Partial<Row>[]): number {
    return this.insertAll(rows);
  }

  /** The same for a list of any length. Rows of one shape, as a list mostly has, share one statement. */
  insertAll(rows: readonly Partial<Row>[]): number {
    let last = 0;
    this.each(rows, insertSql, (statement, values) => (last = Number(statement.run(...values).lastInsertRowid)));
    return last;
  }

  /** Adds rows; those whose key is there stay as they are. */
  insertMissing(rows: readonly Partial<Row>[]): void {
    const sql = (names: readonly string[]): string => `${insertSql(names, this.name)} ON CONFLICT DO NOTHING`;
    this.each(rows, sql, (statement, values) => statement.run(...values));
  }

  /** Adds rows, or gives those whose key is there the new values; columns that are left out stay as they are. */
  upsert(...rows: readonly Partial<Row>[]): void {
    this.upsertAll(rows);
  }

  /** The same for a list of any length. */
  upsertAll(rows: readonly Partial<Row>[]): void {
    const sql = (names: readonly string[]): string => `${insertSql(names, this.name)} ${this.onConflict(names)}`;
    this.each(rows, sql, (statement, values) => statement.run(...values));
  }

  /** Changes the columns that rows tell, of those whose key they tell: for many at once. */
  updateAll(rows: Iterable<Partial<Row>>): void {
    const keys = this.columns.filter(({ isKey }) => isKey);
    const others = this.columns.filter(({ isKey }) => !isKey);
    const sql = (names: readonly string[], table: string): string =>
      `UPDATE "${table}" SET ${names.map((name) => `"${name}" = ?`).join(', ')} WHERE ${keys.map(({ name }) => `"${name}" = ?`).join(' AND ')}`;
    this.each(rows, sql, (statement, values, row) => statement.run(...values, ...this.valuesOf(row, keys)), others);
  }

  /** Changes columns of the rows that match; how many there were. */
  update(where: Where<Row>, set: Partial<Row>): number {
    const columns = this.columnsOf(set);
    if (columns.length === 0) return 0;
    const matched = this.whereSql(where);
    const sets = columns.map(({ name }) => `"${name}" = ?`).join(', ');
    return this.writeStatement(`UPDATE "${this.name}" SET ${sets}${matched.sql}`).run(...this.valuesOf(set, columns), ...matched.values)
      .changes;
  }

  /** Takes rows away; how many there were. Says which, so that no table is emptied by a slip. */
  delete(where: Where<Row>): number {
    const { sql, values } = this.whereSql(where);
    if (sql === '') throw new RangeError(`which rows of ${this.name} go must be said`);
    return this.writeStatement(`DELETE FROM "${this.name}"${sql}`).run(...values).changes;
  }

  /** A row as it is kept, in the order of the columns; what it does not say is null. For whoever compares many. */
  storedOf(row: Row): readonly Stored[] {
    return this.columns.map((column) => storedIn(column, cellOf(row, column) ?? null));
  }

  /** What is kept under a key, in the same order. */
  storedAt(...key: readonly Stored[]): readonly Stored[] | null {
    const where = this.keys.map((name) => `"${name}" = ?`).join(' AND ');
    const names = this.columns.map(({ name }) => `"${name}"`).join(', ');
    const statement = this.prepare<readonly Stored[]>(`SELECT ${names} FROM "${this.name}" WHERE ${where}`).raw();
    return statement.get(...key) ?? null;
  }

  /**
   * A row out of a document that somebody else kept, the history or a file: each column by its reader, what the table has no column
   * for left out. What an older document does not say is not in it, and stays as it is when it is written.
   *
   * @param needed the columns without which it is of no use
   * @throws UnreadableRow where a value is not what its column holds, or a needed one is missing
   */
  rowOf<K extends keyof Row & string = never>(document: Cells, ...needed: readonly K[]): Partial<Row> & Pick<Row, K> {
    for (const name of needed) if (document[name] === undefined) this.readOrExplain(this.column(name), null, document);
    const said = this.columns.filter(({ name }) => document[name] !== undefined);
    const cells = said.map((column) => [column.name, this.readOrExplain(column, document[column.name], document)]);
    return Object.fromEntries(cells) as Partial<Row> & Pick<Row, K>;
  }

  /** Clauses for moving many rows at once from a temporary table of the same columns. */
  stagingSql(): { readonly names: string; readonly definition: string; readonly onConflict: string } {
    const names = this.columns.map(({ name }) => `"${name}"`);
    return {
      names: names.join(', '),
      // Without a type a column takes values as they are, so that they are moved unchanged.
      definition: `${names.join(', ')}, PRIMARY KEY (${this.keys.map((name) => `"${name}"`).join(', ')})`,
      onConflict: this.onConflict(this.columns.map(({ name }) => name)),
    };
  }

  private onConflict(names: readonly string[]): string {
    const sets = names.filter((name) => !this.keys.includes(name)).map((name) => `"${name}" = excluded."${name}"`);
    const keys = this.keys.map((name) => `"${name}"`).join(', ');
    return `ON CONFLICT (${keys}) DO ${sets.length === 0 ? 'NOTHING' : `UPDATE SET ${sets.join(', ')}`}`;
  }

  private statement(rest: string): Statement<unknown[], StoredRow> {
    let text = this.texts.get(rest);
    if (text === undefined) this.texts.set(rest, (text = `${this.from} ${rest}`));
    return this.prepare<StoredRow>(text);
  }

  private writeStatement(sql: string): Statement {
    const statement = this.prepare(sql);
    if (!statement.database.inTransaction) throw new Error('rows are written inside a unit of work only');
    return statement;
  }

  private column(property: string): ColumnDescription {
    const column = this.columns.find(({ name }) => name === property);
    if (!column) throw new RangeError(`${this.name} has no column ${property}`);
    return column;
  }

  /** Goes over rows; the statement is made anew only where they have other columns than the one before. */
  private each(
    rows: Iterable<Partial<Row>>,
    sql: (names: readonly string[], table: string) => string,
    take: (statement: Statement, values: readonly Stored[], row: Partial<Row>) => void,
    all = this.columns,
  ): void {
    let columns: readonly ColumnDescription[] = [];
    let isGiven: readonly boolean[] = [];
    let statement: Statement | null = null;
    for (const row of rows) {
      if (statement === null || !all.every((column, i) => (cellOf(row, column) !== undefined) === isGiven[i])) {
        isGiven = all.map((column) => cellOf(row, column) !== undefined);
        columns = all.filter((_, i) => isGiven[i]);
        statement = this.writeStatement(
          sql(
            columns.map(({ name }) => name),
            this.name,
          ),
        );
      }
      take(statement, this.valuesOf(row, columns), row);
    }
  }

  private columnsOf(row: Partial<Row>): readonly ColumnDescription[] {
    return this.columns.filter((column) => cellOf(row, column) !== undefined);
  }

  private valuesOf(row: Partial<Row>, columns: readonly ColumnDescription[]): readonly Stored[] {
    return columns.map((column) => storedIn(column, cellOf(row, column)));
  }

  private whereSql(where: Where<Row>): { readonly sql: string; readonly values: readonly Stored[] } {
    const values: Stored[] = [];
    const parts = Object.entries(where).flatMap(([key, value]) => {
      if (value === undefined) return [];
      const column = this.column(key);
      const name = `"${this.name}"."${column.name}"`;
      if (value === null) return [`${name} IS NULL`];
      if (Array.isArray(value)) {
        values.push(JSON.stringify(value));
        return [`${name} IN (SELECT value FROM json_each(?))`];
      }
      values.push(storedIn(column, value));
      return [`${name} = ?`];
    });
    return { sql: parts.length === 0 ? '' : ` WHERE ${parts.join(' AND ')}`, values };
  }

  /** Numbers and texts are what they are: only what is kept as something else is put in its place, in the row as it was read. */
  private read(raw: StoredRow): Row {
    const row: Record<string, unknown> = raw;
    for (const column of this.keptOtherwise) row[column.name] = this.valueOf(column, raw[column.name] ?? null, raw);
    return row as Row;
  }

  private valueOf(column: ColumnDescription, value: Stored, row: StoredRow): unknown {
    if (column.kind === 'boolean') return value === null ? null : value !== 0;
    return column.kind === 'simple-json' ? this.readOrExplain(column, value, row) : value;
  }

  /** A value of a document or of a row. JSON comes as text out of a table and, of old, out of the history. */
  private readOrExplain(column: ColumnDescription, value: unknown, { ...row }: Cells): unknown {
    const refuse = (reason: string): never => {
      throw new UnreadableRow(this.name, this.keys.map((key) => String(row[key])).join(' '), column.name, reason);
    };
    if (value === null) return column.isNullable ? null : refuse('nothing is there.');
    switch (column.kind) {
      case 'simple-json':
        try {
          return column.read?.(typeof value === 'string' ? (JSON.parse(value) as unknown) : value);
        } catch (error) {
          return refuse(error instanceof Error ? error.message : String(error));
        }
      case 'boolean':
        return typeof value === 'boolean' || value === 0 || value === 1 ? Boolean(value) : refuse('it is neither true nor false.');
      case 'text':
        return typeof value === 'string' ? value : refuse('it is no text.');
      case 'integer':
      case 'real':
        return typeof value === 'number' ? value : refuse('it is no number.');
    }
  }
}

const insertSql = (names: readonly string[], table: string): string =>
  `INSERT INTO "${table}" (${names.map((name) => `"${name}"`).join(', ')}) VALUES (${names.map(() => '?').join(', ')})`;

const cellOf = (row: object, { name }: ColumnDescription): unknown => (row as Cells)[name];

function storedIn({ kind }: ColumnDescription, value: unknown): Stored {
  if (value === null) return null;
  if (kind === 'simple-json') return JSON.stringify(value);
  return kind === 'boolean' ? Number(value) : (value as Stored);
}
