import { CATALOGUE_KINDS, type CatalogueKind, type CatalogueRow, type CatalogueRows, keyOf, type Source } from '@outfit/core';
import type { Database as Connection } from 'better-sqlite3';
import type { Slice } from '../../platform/log/index.js';
import { StagedRows, type Tables } from '../../platform/sqlite/index.js';
import { SourceYieldEntity, VariantEntity } from '../catalogue.entities.js';
import { type CatalogueStore, yieldRows } from '../catalogue.store.js';
import { codecOf } from '../codecs.js';

/** What the rows of a file would do to the catalogue as it stands. */
export interface Compared {
  readonly added: number;
  readonly changed: number;
  readonly same: number;
}

/**
 * The rows of a file on their way into the catalogue. Whatever is new or changed is laid in temporary tables of the
 * connection, in the order of their keys, while nobody is held up; `lastStep` then moves it all at once.
 */
export class Staging {
  private readonly staged = new Map<CatalogueKind, StagedRows<object>>();
  private readonly counts = { added: 0, changed: 0, same: 0 };
  private readonly laid: { readonly kind: CatalogueKind; readonly row: CatalogueRow<CatalogueKind> }[] = [];
  private yields: StagedRows<SourceYieldEntity> | null = null;

  constructor(
    private readonly connection: Connection,
    private readonly tables: Tables,
    private readonly store: CatalogueStore,
  ) {}

  /** Compares every row and keeps those that would change something. `tick` hears of every thousandth. */
  lay(rows: CatalogueRows, tick: (done: number) => void): Compared {
    this.connection.pragma('temp_store = MEMORY');
    let done = 0;
    const lay = this.connection.transaction(() => {
      for (const kind of CATALOGUE_KINDS)
        for (const row of rows[kind] ?? []) {
          const comparison = this.store.compare(kind, row);
          this.counts[comparison === 'new' ? 'added' : comparison === 'same' ? 'same' : 'changed'] += 1;
          if (comparison !== 'same') {
            this.laid.push({ kind, row });
            this.into(kind).add(codecOf(kind).kept(row));
            if (kind === 'sources') this.layYields(row as Source);
          }
          if ((done += 1) % 1000 === 0) tick(done);
        }
    });
    lay.deferred();
    return { ...this.counts };
  }

  /**
   * Moves what was laid into the catalogue: a few statements, whatever the number of rows. Returns the variants that were
   * imagined until now. Within the caller's transaction.
   */
  lastStep(): readonly string[] {
    const turned = this.idsMadeNow();
    // A double may come before what it is merged into.
    this.connection.pragma('defer_foreign_keys = ON');
    for (const kind of CATALOGUE_KINDS) this.staged.get(kind)?.move();
    const sources = this.staged.get('sources');
    if (sources) this.connection.exec(`DELETE FROM main.source_yield WHERE source IN (SELECT id FROM ${sources.name})`);
    this.yields?.move();
    return turned;
  }

  /** What the last step changes, for the history; asked before it. Within the caller's transaction. */
  slices(): readonly Slice[] {
    return this.laid.map(({ kind, row }) => {
      const before = this.store.row(kind, keyOf(row));
      return { subject: 'catalogue', item: `${kind} ${keyOf(row)}`, before: before && { ...before }, after: { ...row } };
    });
  }

  private idsMadeNow(): readonly string[] {
    const staged = this.staged.get('variants');
    if (!staged) return [];
    const turned = this.tables
      .table(VariantEntity)
      .select(`JOIN ${staged.name} AS staged ON staged.id = variant.id WHERE variant.madeFrom IS NULL AND staged.madeFrom IS NOT NULL`);
    return turned.map(({ id }) => id);
  }

  private into(kind: CatalogueKind): StagedRows<object> {
    let staged = this.staged.get(kind);
    if (!staged) this.staged.set(kind, (staged = new StagedRows(this.connection, this.store.tableOf(kind))));
    return staged;
  }

  private layYields(source: Source): void {
    this.yields ??= new StagedRows(this.connection, this.tables.table(SourceYieldEntity));
    for (const row of yieldRows(source)) this.yields.add(row);
  }
}

/** How many rows there are, of all kinds together. */
export const rowCountOf = (rows: CatalogueRows): number => CATALOGUE_KINDS.reduce((all, kind) => all + (rows[kind]?.length ?? 0), 0);
