import { DocumentWriter, SEARCH_COLUMNS, SEARCH_WEIGHTS, type Catalogue } from '@outfit/core';
import type { Database } from 'better-sqlite3';

/** Above so many matches their order by relevance says little and costs much; they come by number instead. */
const MOST_RANKED = 2000;
const BATCH_BYTES = 64_000_000;

/** The full-text index of variants (SQLite FTS5). Rows are numbered in `search_row`, for facets kept by number. */
export class SearchTable {
  constructor(private readonly database: Database) {}

  /** Writes the index anew for all variants, or only for some. Doubles that were merged are not found. */
  index(catalogue: Catalogue, only: readonly string[] | null, tick: (done: number) => void = () => undefined): void {
    const writer = new DocumentWriter(catalogue);
    const columns = SEARCH_COLUMNS.join(', ');
    const known = this.database.prepare('SELECT row FROM search_row WHERE variant = ?').pluck();
    const number = this.database.prepare('INSERT INTO search_row (variant) VALUES (?) RETURNING row').pluck();
    const forget = this.database.prepare('DELETE FROM variant_search WHERE rowid = ?');
    const insert = this.database.prepare(
      `INSERT INTO variant_search (rowid, ${columns}) VALUES (?, ${SEARCH_COLUMNS.map(() => '?').join(', ')})`,
    );
    // One large batch in memory is sorted once; small ones would be merged again and again.
    this.database.exec(`INSERT INTO variant_search (variant_search, rank) VALUES ('hashsize', ${BATCH_BYTES})`);
    if (only === null) {
      this.database.exec(`INSERT INTO variant_search (variant_search) VALUES ('delete-all')`);
      this.database.exec('DELETE FROM search_row');
    }
    const wanted = only === null ? null : new Set(only);
    const variants = catalogue.data.variants.filter((variant) => wanted === null || wanted.has(variant.id));
    variants.forEach((variant, i) => {
      const before = only === null ? undefined : (known.get(variant.id) as number | undefined);
      if (before !== undefined) forget.run(before);
      const row = before ?? (number.get(variant.id) as number);
      if (variant.mergedInto === undefined) {
        const document = writer.document(variant);
        insert.run(row, ...SEARCH_COLUMNS.map((column) => document[column]));
      }
      if (i % 1000 === 999) tick(i + 1);
    });
  }

  /** Which variant stands in which row. */
  rows(): readonly { readonly row: number; readonly variant: string }[] {
    return this.database.prepare('SELECT row, variant FROM search_row ORDER BY row').all() as { row: number; variant: string }[];
  }

  /** Row numbers that match every word (or any, when `any`), the best first. Words match by their beginning. */
  match(words: readonly string[], any: boolean): { readonly rows: readonly number[]; readonly ranked: boolean } {
    const query = words.map((word) => `"${word.replaceAll('"', '')}"*`).join(any ? ' OR ' : ' ');
    const found = this.list('SELECT json_group_array(rowid) FROM variant_search WHERE variant_search MATCH ?', query);
    if (found.length > MOST_RANKED) return { rows: found, ranked: false };
    const weights = SEARCH_WEIGHTS.join(', ');
    const rows = this.list(
      `SELECT json_group_array(rowid) FROM (SELECT rowid FROM variant_search WHERE variant_search MATCH ? ORDER BY bm25(variant_search, ${weights}), rowid)`,
      query,
    );
    return { rows, ranked: true };
  }

  /** One text with all numbers is read far faster than one row each. */
  private list(sql: string, query: string): readonly number[] {
    return JSON.parse(this.database.prepare(sql).pluck().get(query) as string) as number[];
  }
}
