import {
  CATALOGUE_KINDS,
  keyOf,
  type CatalogueData,
  type CatalogueKind,
  type CatalogueRow,
  type CatalogueRows,
  type Motif,
  type MotifTrait,
  type Print,
  type Source,
  type Variant,
  type Yield,
} from '@outfit/core';
import type { Database, Statement } from 'better-sqlite3';

/** A value SQLite stores. */
type Value = string | number | null;
type Raw = Readonly<Record<string, Value>>;

/** How rows of a kind stand in their table. What is searched or joined has a column; the rest is one document. */
interface TableCodec<Row> {
  readonly table: string;
  readonly columns: readonly string[];
  values(row: Row): readonly Value[];
  read(raw: Raw): Row;
}

/** JSON with its keys in order, so that equal documents are equal texts. */
const stable = (value: unknown): string =>
  JSON.stringify(value, (_, part: unknown) =>
    typeof part === 'object' && part !== null && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
      : part,
  );
const json = <T>(text: Value | undefined): T => JSON.parse(String(text)) as T;
/** Leaves out what a row holds as NULL, so that absent means absent. */
const present = <T>(raw: Raw): T => Object.fromEntries(Object.entries(raw).filter(([, value]) => value !== null)) as T;

const CODECS: { readonly [K in CatalogueKind]: TableCodec<CatalogueRow<K>> } = {
  colours: {
    table: 'colour',
    columns: ['id', 'name', 'hex', 'finish', 'kind', 'skinSchool'],
    values: (row) => [row.id, row.name, row.hex, row.finish, row.kind, row.skinSchool ?? null],
    read: present,
  },
  motifs: {
    table: 'motif',
    columns: ['id', 'name', 'parent', 'continues', 'traits'],
    values: (row) => [row.id, row.name, row.parent ?? null, row.continues ?? null, row.traits ? JSON.stringify(row.traits) : null],
    read: ({ traits, ...raw }) => ({ ...present<Motif>(raw), ...(traits == null ? {} : { traits: json<MotifTrait[]>(traits) }) }),
  },
  moulds: {
    table: 'mould',
    columns: ['number', 'name', 'family', 'revision', 'detail'],
    values: ({ number, name, family, revision, ...detail }) => [number, name, family, revision, stable(detail)],
    read: ({ detail, ...raw }) => ({ ...raw, ...json<object>(detail) }) as unknown as CatalogueRow<'moulds'>,
  },
  prints: {
    table: 'print',
    columns: ['id', 'name', 'era', 'detail'],
    values: ({ id, name, era, ...detail }) => [id, name, era, stable(detail)],
    read: ({ detail, ...raw }) => ({ ...raw, ...json<object>(detail) }) as unknown as Print,
  },
  variants: {
    table: 'variant',
    columns: ['id', 'mould', 'print', 'colours', 'madeFrom', 'madeUntil', 'mergedInto'],
    values: (row) => [
      row.id,
      row.mould,
      row.print ?? null,
      JSON.stringify(row.colours),
      row.made?.from ?? null,
      row.made?.until ?? null,
      row.mergedInto ?? null,
    ],
    read: ({ colours, madeFrom, madeUntil, ...raw }) =>
      ({
        ...present<Variant>(raw),
        colours: json<string[]>(colours),
        ...(madeFrom != null && madeUntil != null ? { made: { from: madeFrom, until: madeUntil } } : {}),
      }) as Variant,
  },
  bundles: {
    table: 'bundle',
    columns: ['id', 'name', 'parts'],
    values: (row) => [row.id, row.name, stable(row.parts)],
    read: ({ parts, ...raw }) => ({ ...raw, parts: json(parts) }) as unknown as CatalogueRow<'bundles'>,
  },
  officialFigures: {
    table: 'official_figure',
    columns: ['id', 'name', 'person', 'parts'],
    values: (row) => [row.id, row.name, row.person ?? null, stable(row.parts)],
    read: ({ parts, ...raw }) => ({ ...present<object>(raw), parts: json(parts) }) as CatalogueRow<'officialFigures'>,
  },
  sources: {
    table: 'source',
    columns: ['id', 'name', 'kind', 'range', 'year', 'printRunCopies', 'printRunCertainty'],
    values: (row) => [row.id, row.name, row.kind, row.range, row.year, row.printRun?.copies ?? null, row.printRun?.certainty ?? null],
    read: ({ printRunCopies, printRunCertainty, ...raw }) =>
      ({
        ...raw,
        ...(printRunCopies == null ? {} : { printRun: { copies: printRunCopies, certainty: printRunCertainty } }),
        yields: [],
      }) as unknown as Source,
  },
};

/** What writing rows did, by kind: new keys, changed keys, and how many were the same already. */
export interface Written {
  readonly added: Readonly<Record<CatalogueKind, readonly string[]>>;
  readonly changed: Readonly<Record<CatalogueKind, readonly string[]>>;
  readonly sameCount: number;
  /** Variants that were imagined before and are made now. */
  readonly turnedMade: readonly string[];
}

const perKind = <T>(make: () => T): Record<CatalogueKind, T> =>
  Object.fromEntries(CATALOGUE_KINDS.map((kind) => [kind, make()])) as Record<CatalogueKind, T>;

/**
 * The catalogue's tables, read and written with prepared statements: one way for a single entry and for a hundred
 * thousand rows. Transactions are the caller's.
 */
export class CatalogueStore {
  private readonly statements = new Map<string, Statement>();
  private readonly writers = new Map<CatalogueKind, { readonly insert: Statement; readonly update: Statement }>();

  constructor(private readonly database: Database) {}

  read(): CatalogueData {
    const rows = perKind<CatalogueRow<CatalogueKind>[]>(() => []);
    for (const kind of CATALOGUE_KINDS) rows[kind] = this.readKind(kind);
    return rows as unknown as CatalogueData;
  }

  /** All rows of a kind, by key. */
  readKind<K extends CatalogueKind>(kind: K): CatalogueRow<K>[] {
    const { table, columns, read } = CODECS[kind] as TableCodec<CatalogueRow<K>>;
    const raw = this.database.prepare(`SELECT ${columns.join(', ')} FROM ${table} ORDER BY ${columns[0] ?? 'rowid'}`).all() as Raw[];
    const rows = raw.map((row) => read(row));
    return kind === 'sources' ? (this.withYields(rows as Source[]) as CatalogueRow<K>[]) : rows;
  }

  keys(kind: CatalogueKind): ReadonlySet<string> {
    const { table, columns } = CODECS[kind];
    return new Set(
      this.database
        .prepare(`SELECT ${columns[0] ?? 'rowid'} FROM ${table}`)
        .pluck()
        .all() as string[],
    );
  }

  /** The variant a double was merged into. */
  mergedInto(variant: string): string | undefined {
    return (this.prepared('SELECT mergedInto FROM variant WHERE id = ?').pluck().get(variant) as string | null | undefined) ?? undefined;
  }

  private withYields(sources: readonly Source[]): Source[] {
    const lines = this.database.prepare(`SELECT source, kind, item, quantity, certainty FROM source_yield ORDER BY source, place`).all();
    const by = new Map<string, Yield[]>();
    for (const { source, ...line } of lines as (Yield & { source: string })[]) {
      const known = by.get(source);
      if (known) known.push(line);
      else by.set(source, [line]);
    }
    return sources.map((source) => ({ ...source, yields: by.get(source.id) ?? [] }));
  }

  /** Adds rows, or changes those whose key is there, in the order of the kinds. `tick` hears of every thousandth row. */
  write(rows: CatalogueRows, tick: (written: number) => void = () => undefined): Written {
    // A double may come before what it is merged into. Deferring makes SQLite look for children of every row: only when needed.
    if (rows.variants?.some((row) => row.mergedInto !== undefined)) this.database.pragma('defer_foreign_keys = ON');
    return this.each(rows, tick, true);
  }

  /** What `write` would do, without doing it. */
  compare(rows: CatalogueRows, tick: (compared: number) => void = () => undefined): Written {
    return this.each(rows, tick, false);
  }

  private each(rows: CatalogueRows, tick: (count: number) => void, really: boolean): Written {
    const written = { added: perKind<string[]>(() => []), changed: perKind<string[]>(() => []), sameCount: 0, turnedMade: [] as string[] };
    let count = 0;
    for (const kind of CATALOGUE_KINDS) {
      const there = (rows[kind]?.length ?? 0) > 1 ? this.keys(kind) : null;
      for (const row of rows[kind] ?? []) {
        this.writeRow(kind, row, written, really, there?.has(keyOf(row)) ?? true);
        if ((count += 1) % 1000 === 0) tick(count);
      }
    }
    return written;
  }

  private writeRow(
    kind: CatalogueKind,
    row: CatalogueRow<CatalogueKind>,
    written: { added: Record<CatalogueKind, string[]>; changed: Record<CatalogueKind, string[]>; sameCount: number; turnedMade: string[] },
    really: boolean,
    mayBeThere: boolean,
  ): void {
    const codec = CODECS[kind] as unknown as TableCodec<CatalogueRow<CatalogueKind>>;
    const values = codec.values(row);
    const key = keyOf(row);
    const before = mayBeThere ? this.valuesOf(codec, key) : undefined;
    const sameYields = kind !== 'sources' || this.sameYields(row as Source);
    if (before && sameYields && before.every((value, i) => value === values[i])) {
      written.sameCount += 1;
      return;
    }
    if (before && kind === 'variants' && before[4] === null && (row as Variant).made) written.turnedMade.push(key);
    (before ? written.changed : written.added)[kind].push(key);
    if (!really) return;
    const { insert, update } = this.writersOf(kind);
    if (before) update.run(...values.slice(1), key);
    else insert.run(...values);
    if (kind === 'sources') this.writeYields(row as Source);
  }

  /** The statements that write rows of a kind, prepared once. */
  private writersOf(kind: CatalogueKind): { readonly insert: Statement; readonly update: Statement } {
    let writers = this.writers.get(kind);
    if (!writers) {
      const { table, columns } = CODECS[kind];
      const [first = 'rowid', ...others] = columns;
      writers = {
        insert: this.database.prepare(`INSERT INTO ${table} (${columns.join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`),
        update: this.database.prepare(`UPDATE ${table} SET ${others.map((column) => `${column} = ?`).join(', ')} WHERE ${first} = ?`),
      };
      this.writers.set(kind, writers);
    }
    return writers;
  }

  private valuesOf(codec: Pick<TableCodec<unknown>, 'table' | 'columns'>, key: string): Value[] | undefined {
    const sql = `SELECT ${codec.columns.join(', ')} FROM ${codec.table} WHERE ${codec.columns[0] ?? ''} = ?`;
    return this.prepared(sql).raw().get(key) as Value[] | undefined;
  }

  private sameYields(source: Source): boolean {
    const lines = this.prepared('SELECT kind, item, quantity, certainty FROM source_yield WHERE source = ? ORDER BY place').all(source.id);
    return stable(lines) === stable(source.yields);
  }

  private writeYields(source: Source): void {
    this.prepared('DELETE FROM source_yield WHERE source = ?').run(source.id);
    const insert = this.prepared('INSERT INTO source_yield (source, place, kind, item, quantity, certainty) VALUES (?, ?, ?, ?, ?, ?)');
    source.yields.forEach(({ kind, item, quantity, certainty }, place) => insert.run(source.id, place, kind, item, quantity, certainty));
  }

  /** Does a look name a variant, or did it once, so that undo could bring it back? */
  isPlanned(variant: string): boolean {
    const named = `json_extract(part.value, '$.variant') = :variant`;
    const found = this.prepared(
      `SELECT EXISTS (SELECT 1 FROM look, json_each(look.parts) AS part WHERE ${named})
           OR EXISTS (SELECT 1 FROM change, json_each(change.before, '$.parts') AS part WHERE ${named})
           OR EXISTS (SELECT 1 FROM change, json_each(change.after, '$.parts') AS part WHERE ${named})`,
    ).pluck();
    return found.get({ variant }) === 1;
  }

  /** Takes a row out again. Fails on its foreign keys when something refers to it. */
  remove(kind: CatalogueKind, key: string): void {
    const { table, columns } = CODECS[kind];
    if (kind === 'sources') this.prepared('DELETE FROM source_yield WHERE source = ?').run(key);
    this.prepared(`DELETE FROM ${table} WHERE ${columns[0] ?? ''} = ?`).run(key);
  }

  /** Tells everybody who planned a variant that it exists now: a notice on each figure with a look that names it. */
  tellMade(variant: string, text: string, at: string): number {
    return this.prepared(
      `INSERT INTO notice (at, figure, variant, text)
         SELECT DISTINCT ?, look.figure, ?, ? FROM look, json_each(look.parts) AS part WHERE json_extract(part.value, '$.variant') = ?`,
    ).run(at, variant, text, variant).changes;
  }

  recordChange(change: {
    at: string;
    label: string;
    kind: string;
    item: string;
    before: CatalogueRows | null;
    after: CatalogueRows | null;
  }): void {
    const text = (rows: CatalogueRows | null): string | null => (rows === null ? null : JSON.stringify(rows));
    this.prepared('INSERT INTO catalogue_change (at, label, kind, item, before, after) VALUES (?, ?, ?, ?, ?, ?)').run(
      change.at,
      change.label,
      change.kind,
      change.item,
      text(change.before),
      text(change.after),
    );
  }

  private prepared(sql: string): Statement {
    let statement = this.statements.get(sql);
    if (!statement) this.statements.set(sql, (statement = this.database.prepare(sql)));
    return statement;
  }
}
