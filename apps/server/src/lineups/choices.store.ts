import { Injectable } from '@nestjs/common';
import type { Outcome } from '@outfit/core/lineup';
import { Database } from '../platform/db/index.js';

export interface Choice {
  readonly who: string;
  readonly first: string;
  readonly second: string;
  readonly outcome: Outcome;
}

/** Pairs that were compared, in their table: never thrown away, only put aside. */
@Injectable()
export class ChoicesStore {
  constructor(private readonly database: Database) {}

  /** Those that stand, the first first. */
  of(lineUp: string): readonly (Choice & { readonly at: string })[] {
    return this.database
      .prepare(`SELECT who, "first", "second", outcome, at FROM pair_choice WHERE lineUp = ? AND removedAt IS NULL ORDER BY id`)
      .all(lineUp) as (Choice & { at: string })[];
  }

  /** Of a line-up, those that were put aside too. */
  count(lineUp: string): number {
    return this.database.prepare('SELECT COUNT(*) FROM pair_choice WHERE lineUp = ?').pluck().get(lineUp) as number;
  }

  /** Their numbers. */
  insert(lineUp: string, choices: readonly Choice[], at: string): readonly number[] {
    this.database.assertWriting();
    const insert = this.database.prepare(`INSERT INTO pair_choice (lineUp, who, "first", "second", outcome, at) VALUES (?, ?, ?, ?, ?, ?)`);
    return choices.map(({ who, first, second, outcome }) => Number(insert.run(lineUp, who, first, second, outcome, at).lastInsertRowid));
  }

  putAside(ids: readonly number[], removedAt: string | null): void {
    this.database.assertWriting();
    const put = this.database.prepare('UPDATE pair_choice SET removedAt = ? WHERE id = ?');
    for (const id of ids) put.run(removedAt, id);
  }
}
