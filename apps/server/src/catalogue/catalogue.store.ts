import {
  CATALOGUE_KINDS,
  type CatalogueData,
  type CatalogueKind,
  type CatalogueRow,
  type CatalogueRows,
  keyOf,
  type Mould,
  type Source,
  type Variant,
  type Yield,
} from '@outfit/core';
import type { Prepare } from '../platform/sqlite/index.js';
import { CODECS, stable, type TableCodec, type Value } from './codecs.js';

/** What writing rows did, by kind: new keys, changed keys, and how many were the same already. */
export interface Written {
  readonly added: Readonly<Record<CatalogueKind, readonly string[]>>;
  readonly changed: Readonly<Record<CatalogueKind, readonly string[]>>;
  readonly sameCount: number;
  /** Variants that were imagined before and are made now. */
  readonly turnedMade: readonly string[];
}

/** News that an imagined variant came to be made, until everybody has been told. */
export interface MadeNews {
  readonly id: number;
  readonly at: string;
  readonly variant: string;
  readonly text: string;
}

/** An entry in the bin, whole. */
export interface BinnedEntry {
  readonly kind: CatalogueKind;
  readonly item: string;
  readonly entry: CatalogueRow<CatalogueKind>;
  /** ISO 8601. */
  readonly removedAt: string;
}

export const perKind = <T>(make: () => T): Record<CatalogueKind, T> =>
  Object.fromEntries(CATALOGUE_KINDS.map((kind) => [kind, make()])) as Record<CatalogueKind, T>;

type Codec = TableCodec<CatalogueRow<CatalogueKind>>;
export const codecOf = (kind: CatalogueKind): Codec => CODECS[kind] as unknown as Codec;
const keyColumn = ({ columns }: Codec): string => columns[0] ?? 'rowid';

/** How a row compares with what stands under its key. */
export type Comparison = 'new' | 'changed' | 'turned made' | 'same';

/** The catalogue's tables, read and written with prepared statements. Units of work are the caller's. */
export class CatalogueStore {
  constructor(private readonly prepare: Prepare) {}

  read(): CatalogueData {
    const rows = perKind<CatalogueRow<CatalogueKind>[]>(() => []);
    for (const kind of CATALOGUE_KINDS) rows[kind] = this.readKind(kind);
    return rows as unknown as CatalogueData;
  }

  /** All rows of a kind, by key. */
  readKind<K extends CatalogueKind>(kind: K): CatalogueRow<K>[] {
    const codec = codecOf(kind);
    const raw = this.prepare(`SELECT ${codec.columns.join(', ')} FROM ${codec.table} ORDER BY ${keyColumn(codec)}`).all();
    const rows = (raw as Parameters<Codec['read']>[0][]).map((row) => codec.read(row));
    return (kind === 'sources' ? this.withYields(rows as Source[]) : rows) as CatalogueRow<K>[];
  }

  /** Rows of a kind after a key, so many at most: for those who read on between other work. */
  readAfter<K extends CatalogueKind>(kind: K, key: string, most: number): CatalogueRow<K>[] {
    const codec = codecOf(kind);
    const column = keyColumn(codec);
    const raw = this.prepare(`SELECT ${codec.columns.join(', ')} FROM ${codec.table} WHERE ${column} > ? ORDER BY ${column} LIMIT ?`).all(
      key,
      most,
    );
    const rows = (raw as Parameters<Codec['read']>[0][]).map((row) => codec.read(row));
    return (kind === 'sources' ? this.withYields(rows as Source[]) : rows) as CatalogueRow<K>[];
  }

  /** Keeps an entry that was put in the bin, whole. */
  keepBinned(kind: CatalogueKind, item: string, entry: CatalogueRow<CatalogueKind>, removedAt: string): void {
    this.prepare(`INSERT OR REPLACE INTO binned_entry (kind, item, entry, removedAt) VALUES (?, ?, ?, ?)`).run(
      kind,
      item,
      JSON.stringify(entry),
      removedAt,
    );
  }

  binned(): BinnedEntry[] {
    const rows = this.prepare(`SELECT kind, item, entry, removedAt FROM binned_entry`).all() as (Omit<BinnedEntry, 'entry'> & {
      readonly entry: string;
    })[];
    return rows.map((row) => ({ ...row, entry: JSON.parse(row.entry) as CatalogueRow<CatalogueKind> }));
  }

  forgetBinned(kind: string, item: string): void {
    this.prepare(`DELETE FROM binned_entry WHERE kind = ? AND item = ?`).run(kind, item);
  }

  /** One row as it stands; null when there is none of that key. */
  row<K extends CatalogueKind>(kind: K, key: string): CatalogueRow<K> | null {
    const codec = codecOf(kind);
    // `compare` asks the same raw; statements are kept by their text.
    const raw = this.prepare(`SELECT ${codec.columns.join(', ')} FROM ${codec.table} WHERE ${keyColumn(codec)} = ?`)
      .raw(false)
      .get(key);
    if (raw === undefined) return null;
    const row = codec.read(raw as Parameters<Codec['read']>[0]);
    return (kind === 'sources' ? this.withYields([row as Source])[0] : row) as CatalogueRow<K>;
  }

  keys(kind: CatalogueKind): ReadonlySet<string> {
    const codec = codecOf(kind);
    return new Set(
      this.prepare(`SELECT ${keyColumn(codec)} AS key FROM ${codec.table}`)
        .pluck()
        .all() as string[],
    );
  }

  isEmpty(): boolean {
    return this.prepare('SELECT 1 FROM colour LIMIT 1').get() === undefined;
  }

  /** The variant a double was merged into. */
  mergedInto(variant: string): string | undefined {
    return (this.prepare('SELECT mergedInto FROM variant WHERE id = ?').pluck().get(variant) as string | null | undefined) ?? undefined;
  }

  mouldOf(variant: string): string | undefined {
    return this.prepare('SELECT mould AS number FROM variant WHERE id = ?').pluck().get(variant) as string | undefined;
  }

  /** Where a mould goes. */
  fillsOf(mould: string): Mould['fills'] | undefined {
    const detail = this.prepare('SELECT detail FROM mould WHERE number = ?').pluck().get(mould) as string | undefined;
    return detail === undefined ? undefined : (JSON.parse(detail) as Mould).fills;
  }

  parentOf(motif: string): string | undefined {
    return (this.prepare('SELECT parent FROM motif WHERE id = ?').pluck().get(motif) as string | null | undefined) ?? undefined;
  }

  /** How a row compares with what stands there, without reading the rest. */
  compare(kind: CatalogueKind, row: CatalogueRow<CatalogueKind>): Comparison {
    const codec = codecOf(kind);
    const stands = this.prepare(`SELECT ${codec.columns.join(', ')} FROM ${codec.table} WHERE ${keyColumn(codec)} = ?`)
      .raw()
      .get(keyOf(row)) as Value[] | undefined;
    if (!stands) return 'new';
    if (kind === 'variants' && stands[4] === null && (row as Variant).made) return 'turned made';
    const values = codec.values(row);
    const isSame = stands.every((value, i) => value === values[i]) && (kind !== 'sources' || this.sameYields(row as Source));
    return isSame ? 'same' : 'changed';
  }

  /** Adds rows, or changes those whose key is there, in the order of the kinds. */
  write(rows: CatalogueRows): Written {
    const written = { added: perKind<string[]>(() => []), changed: perKind<string[]>(() => []), sameCount: 0, turnedMade: [] as string[] };
    // A double may come before what it is merged into. Deferring makes SQLite look for children of every row: only when needed.
    if (rows.variants?.some((row) => row.mergedInto !== undefined)) this.prepare('PRAGMA defer_foreign_keys = ON').run();
    for (const kind of CATALOGUE_KINDS)
      for (const row of rows[kind] ?? []) {
        const comparison = this.compare(kind, row);
        const key = keyOf(row);
        if (comparison === 'same') written.sameCount += 1;
        else written[comparison === 'new' ? 'added' : 'changed'][kind].push(key);
        if (comparison === 'turned made') written.turnedMade.push(key);
        if (comparison !== 'same') this.writeRow(kind, row, comparison === 'new');
      }
    return written;
  }

  private writeRow(kind: CatalogueKind, row: CatalogueRow<CatalogueKind>, isNew: boolean): void {
    const { table, columns, values } = codecOf(kind);
    const [key = 'rowid', ...others] = columns;
    const [first, ...rest] = values(row);
    if (isNew)
      this.prepare(`INSERT INTO ${table} (${columns.join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`).run(first, ...rest);
    else this.prepare(`UPDATE ${table} SET ${others.map((column) => `${column} = ?`).join(', ')} WHERE ${key} = ?`).run(...rest, first);
    if (kind === 'sources') this.writeYields(row as Source);
  }

  private withYields(sources: readonly Source[]): Source[] {
    const lines = this.prepare(`SELECT source, kind, item, quantity, certainty FROM source_yield ORDER BY source, place`).all();
    const by = new Map<string, Yield[]>();
    for (const { source, ...line } of lines as (Yield & { source: string })[]) {
      const known = by.get(source);
      if (known) known.push(line);
      else by.set(source, [line]);
    }
    return sources.map((source) => ({ ...source, yields: by.get(source.id) ?? [] }));
  }

  private sameYields(source: Source): boolean {
    const lines = this.prepare('SELECT kind, item, quantity, certainty FROM source_yield WHERE source = ? ORDER BY place').all(source.id);
    return stable(lines) === stable(source.yields);
  }

  private writeYields(source: Source): void {
    this.prepare('DELETE FROM source_yield WHERE source = ?').run(source.id);
    const insert = this.prepare('INSERT INTO source_yield (source, place, kind, item, quantity, certainty) VALUES (?, ?, ?, ?, ?, ?)');
    source.yields.forEach(({ kind, item, quantity, certainty }, place) => insert.run(source.id, place, kind, item, quantity, certainty));
  }

  /** Takes a row out again. Fails on its foreign keys when something refers to it. */
  remove(kind: CatalogueKind, key: string): void {
    const codec = codecOf(kind);
    if (kind === 'sources') this.prepare('DELETE FROM source_yield WHERE source = ?').run(key);
    this.prepare(`DELETE FROM made_news WHERE variant = ? AND toldAt IS NOT NULL`).run(key);
    this.prepare(`DELETE FROM ${codec.table} WHERE ${keyColumn(codec)} = ?`).run(key);
  }

  /** Keeps the news that a variant came to be made, for those who planned it. */
  noteMade(variant: string, text: string, at: string): void {
    this.prepare('INSERT INTO made_news (at, variant, text) VALUES (?, ?, ?)').run(at, variant, text);
  }

  untold(): readonly MadeNews[] {
    return this.prepare('SELECT id, at, variant, text FROM made_news WHERE toldAt IS NULL ORDER BY id').all() as MadeNews[];
  }

  markTold(news: readonly MadeNews[], at: string): void {
    for (const { id } of news) this.prepare('UPDATE made_news SET toldAt = ? WHERE id = ?').run(at, id);
  }
}
