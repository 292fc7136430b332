import {
  CATALOGUE_KINDS,
  type CatalogueData,
  type CatalogueKind,
  type CatalogueRow,
  type CatalogueRows,
  groupedBy,
  keyOf,
  type Mould,
  type Source,
  type Variant,
  type Yield,
} from '@outfit/core';
import type { EntityTable, Tables } from '../platform/sqlite/index.js';
import { BinnedEntryEntity, ColourEntity, type Detail, MadeNewsEntity, SourceYieldEntity, VariantEntity } from './catalogue.entities.js';
import { codecOf, stable } from './codecs.js';

/** What writing rows did, by kind: new keys, changed keys, and how many were the same already. */
export interface Written {
  readonly added: Readonly<Record<CatalogueKind, readonly string[]>>;
  readonly changed: Readonly<Record<CatalogueKind, readonly string[]>>;
  readonly sameCount: number;
  /** Variants that were imagined before and are made now. */
  readonly turnedMade: readonly string[];
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

/** How a row compares with what stands under its key. */
export type Comparison = 'new' | 'changed' | 'turned made' | 'same';

/** The catalogue's tables, read and written with prepared statements. Units of work are the caller's. */
export class CatalogueStore {
  constructor(private readonly tables: Tables) {}

  read(): CatalogueData {
    const rows = perKind<CatalogueRow<CatalogueKind>[]>(() => []);
    for (const kind of CATALOGUE_KINDS) rows[kind] = this.readKind(kind);
    return rows as unknown as CatalogueData;
  }

  /** All rows of a kind, by key. */
  readKind<K extends CatalogueKind>(kind: K): CatalogueRow<K>[] {
    return this.whole(kind, `ORDER BY ${this.keyOf(kind)}`);
  }

  /** Rows of a kind after a key, so many at most: for those who read on between other work. */
  readAfter<K extends CatalogueKind>(kind: K, key: string, most: number): CatalogueRow<K>[] {
    const column = this.keyOf(kind);
    return this.whole(kind, `WHERE ${column} > ? ORDER BY ${column} LIMIT ?`, key, most);
  }

  /** Keeps an entry that was put in the bin, whole. */
  keepBinned(kind: CatalogueKind, item: string, entry: CatalogueRow<CatalogueKind>, removedAt: string): void {
    this.tables.table(BinnedEntryEntity).upsert({ kind, item, entry: { ...entry }, removedAt });
  }

  binnedEntries(): BinnedEntry[] {
    return this.tables.table(BinnedEntryEntity).find().map(wholeEntry);
  }

  forgetBinned(kind: CatalogueKind, item: string): void {
    this.tables.table(BinnedEntryEntity).delete({ kind, item });
  }

  /** One row as it stands; null when there is none of that key. */
  row<K extends CatalogueKind>(kind: K, key: string): CatalogueRow<K> | null {
    return this.whole(kind, `WHERE ${this.keyOf(kind)} = ?`, key)[0] ?? null;
  }

  keys(kind: CatalogueKind): ReadonlySet<string> {
    const keys = this.tables.prepare<string>(`SELECT ${this.keyOf(kind)} FROM "${this.tableOf(kind).name}"`);
    return new Set(keys.pluck().all());
  }

  /** The table of a kind. */
  tableOf(kind: CatalogueKind): EntityTable<object> {
    return this.tables.table(codecOf(kind).entity);
  }

  private keyOf(kind: CatalogueKind): string {
    return `"${this.tableOf(kind).keys[0] ?? 'rowid'}"`;
  }

  private whole<K extends CatalogueKind>(kind: K, rest: string, ...bound: readonly (string | number)[]): CatalogueRow<K>[] {
    const codec = codecOf(kind);
    const rows = this.tables
      .table(codec.entity)
      .select(rest, ...bound)
      .map((kept) => codec.read(kept));
    return kind === 'sources' ? (this.withYields(rows as Source[]) as CatalogueRow<K>[]) : rows;
  }

  isEmpty(): boolean {
    return !this.tables.table(ColourEntity).has({});
  }

  /** The variant a double was merged into. */
  mergedInto(variant: string): string | undefined {
    return this.tables.table(VariantEntity).first({ id: variant })?.mergedInto ?? undefined;
  }

  mouldOf(variant: string): string | undefined {
    return this.tables.table(VariantEntity).first({ id: variant })?.mould;
  }

  /** Where a mould goes. */
  fillsOf(mould: string): Mould['fills'] | undefined {
    return this.row('moulds', mould)?.fills;
  }

  parentOf(motif: string): string | undefined {
    return this.row('motifs', motif)?.parent;
  }

  /** How a row compares with what stands there, without reading the rest. */
  compare(kind: CatalogueKind, row: CatalogueRow<CatalogueKind>): Comparison {
    const codec = codecOf(kind);
    const table = this.tables.table(codec.entity);
    const stands = table.storedAt(keyOf(row));
    if (!stands) return 'new';
    if (kind === 'variants' && (row as Variant).made && stands[table.columns.findIndex(({ name }) => name === 'madeFrom')] === null)
      return 'turned made';
    const values = table.storedOf(codec.kept(row));
    const isSame = stands.every((value, i) => value === values[i]) && (kind !== 'sources' || this.sameYields(row as Source));
    return isSame ? 'same' : 'changed';
  }

  /** Adds rows, or changes those whose key is there, in the order of the kinds. */
  write(rows: CatalogueRows): Written {
    const written = { added: perKind<string[]>(() => []), changed: perKind<string[]>(() => []), sameCount: 0, turnedMade: [] as string[] };
    // A double may come before what it is merged into. Deferring makes SQLite look for children of every row: only when needed.
    if (rows.variants?.some((row) => row.mergedInto !== undefined)) this.tables.prepare('PRAGMA defer_foreign_keys = ON').run();
    for (const kind of CATALOGUE_KINDS)
      for (const row of rows[kind] ?? []) {
        const comparison = this.compare(kind, row);
        const key = keyOf(row);
        if (comparison === 'same') written.sameCount += 1;
        else written[comparison === 'new' ? 'added' : 'changed'][kind].push(key);
        if (comparison === 'turned made') written.turnedMade.push(key);
        if (comparison !== 'same') this.writeRow(kind, row);
      }
    return written;
  }

  private writeRow<K extends CatalogueKind>(kind: K, row: CatalogueRow<K>): void {
    const codec = codecOf(kind);
    this.tables.table(codec.entity).upsert(codec.kept(row));
    if (kind === 'sources') this.writeYields(row as Source);
  }

  private withYields(sources: readonly Source[]): Source[] {
    const [only] = sources;
    const table = this.tables.table(SourceYieldEntity);
    const lines = table.find({ where: sources.length === 1 && only ? { source: only.id } : {}, order: { source: 'ASC', place: 'ASC' } });
    const by = groupedBy(lines, ({ source }) => source);
    return sources.map((source) => ({ ...source, yields: (by.get(source.id) ?? []).map(yieldOf) }));
  }

  private sameYields(source: Source): boolean {
    const lines = this.tables.table(SourceYieldEntity).find({ where: { source: source.id }, order: { place: 'ASC' } });
    return stable(lines.map(yieldOf)) === stable(source.yields);
  }

  private writeYields(source: Source): void {
    const table = this.tables.table(SourceYieldEntity);
    table.delete({ source: source.id });
    table.insertAll(yieldRows(source));
  }

  /** Takes a row out again. Fails on its foreign keys when something refers to it. */
  remove(kind: CatalogueKind, key: string): void {
    if (kind === 'sources') this.tables.table(SourceYieldEntity).delete({ source: key });
    this.tables.prepare(`DELETE FROM made_news WHERE variant = ? AND toldAt IS NOT NULL`).run(key);
    this.tables.prepare(`DELETE FROM "${this.tableOf(kind).name}" WHERE ${this.keyOf(kind)} = ?`).run(key);
  }

  /** Keeps the news that a variant came to be made, for those who planned it. */
  noteMade(variant: string, text: string, at: string): void {
    this.tables.table(MadeNewsEntity).insert({ at, variant, text, toldAt: null });
  }

  untold(): readonly MadeNewsEntity[] {
    return this.tables.table(MadeNewsEntity).find({ where: { toldAt: null }, order: { id: 'ASC' } });
  }

  markTold(news: readonly MadeNewsEntity[], toldAt: string): void {
    for (const { id } of news) this.tables.table(MadeNewsEntity).update({ id }, { toldAt });
  }
}

const yieldOf = ({ kind, item, quantity, certainty }: SourceYieldEntity): Yield => ({ kind, item, quantity, certainty });

/** What a source yields, as its table has it. */
export const yieldRows = ({ id, yields }: Source): readonly SourceYieldEntity[] =>
  yields.map(({ kind, item, quantity, certainty }, place) => ({ source: id, place, kind, item, quantity, certainty }));

/** An entry of the bin was one of the catalogue when it was put there. */
const wholeEntry = ({ entry, ...row }: BinnedEntryEntity): BinnedEntry => ({
  ...row,
  entry: entry as Detail & CatalogueRow<CatalogueKind>,
});
