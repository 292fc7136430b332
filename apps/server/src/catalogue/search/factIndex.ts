import type { Fact, FactHit } from '@outfit/core';
import SQLite, { type Database } from 'better-sqlite3';

/**
 * Full-text search (SQLite FTS5) over the facts of a catalogue. It is made anew from the catalogue in a database of its
 * own in memory: nothing derived is stored in the workspace, and nothing of it can be stale there.
 */
export class FactIndex {
  private readonly database: Database;

  constructor(facts: readonly Fact[]) {
    this.database = new SQLite(':memory:');
    this.database.exec(
      `CREATE VIRTUAL TABLE fact USING fts5(text, content = '', detail = none, tokenize = 'porter unicode61 remove_diacritics 2')`,
    );
    const insert = this.database.prepare('INSERT INTO fact (rowid, text) VALUES (?, ?)');
    this.database.transaction(() => facts.forEach(({ text }, i) => insert.run(i + 1, text)))();
  }

  /** The facts that have a word, or a word that begins with it. */
  hits(word: string): readonly FactHit[] {
    const quoted = `"${word.replaceAll('"', '')}"`;
    const whole = new Set(this.match(quoted));
    return this.match(`${quoted}*`).map((fact) => ({ fact, whole: whole.has(fact) }));
  }

  close(): void {
    this.database.close();
  }

  private match(query: string): readonly number[] {
    const rows = this.database.prepare<[string], number>('SELECT rowid FROM fact WHERE fact MATCH ?').pluck().all(query);
    return rows.map((row) => row - 1);
  }
}
