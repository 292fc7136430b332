import { CATALOGUE_KINDS, type CatalogueKind, type CatalogueRow, type CatalogueRows, keyOf, type Source } from '@outfit/core';
import type { Database as Connection, Statement } from 'better-sqlite3';
import type { Slice } from '../../platform/log/index.js';
import { type CatalogueStore, codecOf } from '../catalogue.store.js';
import type { Value } from '../codecs.js';

/** What the rows of a file would do to the catalogue as it stands. */
export interface Compared {
  readonly added: number;
  readonly changed: number;
  readonly same: number;
}

const STAGED_YIELD = 'staged_source_yield';
const stagedOf = (kind: CatalogueKind): string => `staged_${codecOf(kind).table}`;

/**
 * The rows of a file on their way into the catalogue. Whatever is new or changed is laid in temporary tables of the
 * connection, in the order of their keys, while nobody is held up; `lastStep` then moves it all at once.
 */
export class Staging {
  private readonly inserts = new Map<CatalogueKind, Statement>();
  private readonly counts = { added: 0, changed: 0, same: 0 };
  private readonly laid: { readonly kind: CatalogueKind; readonly row: CatalogueRow<CatalogueKind> }[] = [];
  private insertYield: Statement | null = null;

  constructor(
    private readonly connection: Connection,
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
            this.into(kind).run(...codecOf(kind).values(row));
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
    const turned = this.inserts.has('variants') ? this.turnedMade() : [];
    // A double may come before what it is merged into.
    this.connection.pragma('defer_foreign_keys = ON');
    for (const kind of CATALOGUE_KINDS) {
      if (!this.inserts.has(kind)) continue;
      const { table, columns } = codecOf(kind);
      const [key = 'rowid', ...others] = columns;
      const names = columns.join(', ');
      this.connection.exec(
        `INSERT INTO main.${table} (${names}) SELECT ${names} FROM temp.${stagedOf(kind)} WHERE true
           ON CONFLICT (${key}) DO UPDATE SET ${others.map((column) => `${column} = excluded.${column}`).join(', ')}`,
      );
    }
    if (this.insertYield)
      this.connection.exec(
        `DELETE FROM main.source_yield WHERE source IN (SELECT id FROM temp.${stagedOf('sources')});
         INSERT INTO main.source_yield (source, place, kind, item, quantity, certainty)
           SELECT source, place, kind, item, quantity, certainty FROM temp.${STAGED_YIELD}`,
      );
    return turned;
  }

  /** What the last step changes, for the history; asked before it. Within the caller's transaction. */
  slices(): readonly Slice[] {
    return this.laid.map(({ kind, row }) => {
      const before = this.store.row(kind, keyOf(row));
      return { subject: 'catalogue', item: `${kind} ${keyOf(row)}`, before: before && { ...before }, after: { ...row } };
    });
  }

  private turnedMade(): readonly string[] {
    return this.connection
      .prepare(
        `SELECT staged.id FROM temp.${stagedOf('variants')} AS staged JOIN main.variant AS variant ON variant.id = staged.id
           WHERE variant.madeFrom IS NULL AND staged.madeFrom IS NOT NULL`,
      )
      .pluck()
      .all() as string[];
  }

  private into(kind: CatalogueKind): Statement<Value[]> {
    let insert = this.inserts.get(kind);
    if (!insert) {
      const { columns } = codecOf(kind);
      const [key = 'rowid', ...others] = columns;
      // Without a type a column takes values as they are, so that the last step moves them unchanged.
      this.connection.exec(`CREATE TEMP TABLE ${stagedOf(kind)} (${[`${key} PRIMARY KEY`, ...others].join(', ')}) WITHOUT ROWID`);
      insert = this.connection.prepare(`INSERT OR REPLACE INTO temp.${stagedOf(kind)} VALUES (${columns.map(() => '?').join(', ')})`);
      this.inserts.set(kind, insert);
    }
    return insert as Statement<Value[]>;
  }

  private layYields(source: Source): void {
    if (!this.insertYield) {
      this.connection.exec(
        `CREATE TEMP TABLE ${STAGED_YIELD} (source, place, kind, item, quantity, certainty, PRIMARY KEY (source, place)) WITHOUT ROWID`,
      );
      this.insertYield = this.connection.prepare(`INSERT OR REPLACE INTO temp.${STAGED_YIELD} VALUES (?, ?, ?, ?, ?, ?)`);
    }
    for (const [place, { kind, item, quantity, certainty }] of source.yields.entries())
      this.insertYield.run(source.id, place, kind, item, quantity, certainty);
  }
}

/** How many rows there are, of all kinds together. */
export const rowCountOf = (rows: CatalogueRows): number => CATALOGUE_KINDS.reduce((all, kind) => all + (rows[kind]?.length ?? 0), 0);
