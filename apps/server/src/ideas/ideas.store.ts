import { Injectable } from '@nestjs/common';
import type { IdeaKind, IdeaState } from '@outfit/core/ideas';
import { Database } from '../platform/db/index.js';
import { notFound } from '../platform/http/index.js';

export interface IdeaRow {
  readonly id: string;
  readonly kind: IdeaKind;
  readonly title: string;
  readonly words: string;
  readonly who: string;
  readonly heardAt: string;
  readonly parts: readonly string[];
  readonly votes: number;
  readonly state: IdeaState;
  readonly reason: string;
  readonly figure: string | null;
  readonly lineUp: string | null;
  readonly addedAt: string;
  readonly removedAt: string | null;
  readonly version: number;
}

export interface OwedRow {
  readonly id: string;
  readonly who: string;
  readonly what: string;
  readonly agreed: string;
  readonly dueOn: string | null;
  readonly figures: readonly string[];
  readonly doneOn: string | null;
  readonly addedAt: string;
  readonly removedAt: string | null;
  readonly version: number;
}

interface Vote {
  readonly idea: string;
  readonly poll: string;
  readonly voter: string;
}

/** The columns of each table that are written, and of them those that are lists. */
const COLUMNS = {
  idea: ['id', 'kind', 'title', 'words', 'who', 'heardAt', 'parts', 'votes', 'state', 'reason', 'figure', 'lineUp', 'addedAt', 'removedAt'],
  owed: ['id', 'who', 'what', 'agreed', 'dueOn', 'figures', 'doneOn', 'addedAt', 'removedAt'],
} as const;
const LISTS = { idea: 'parts', owed: 'figures' } as const;
type Table = keyof typeof COLUMNS;
type RowOf<T extends Table> = T extends 'idea' ? IdeaRow : OwedRow;

/** Ideas, their votes and what is owed, in their tables. Every change of a row makes its version one more. */
@Injectable()
export class IdeasStore {
  constructor(private readonly database: Database) {}

  ideas(): IdeaRow[] {
    return this.all('idea');
  }

  owed(): OwedRow[] {
    return this.all('owed');
  }

  /** A row that stands, or lies in the bin. */
  row<T extends Table>(table: T, id: string): RowOf<T> {
    const row = this.database.prepare(`SELECT * FROM ${table} WHERE id = ?`).get(id);
    if (!row) throw notFound(table === 'idea' ? 'idea' : 'promise', id);
    return read(table, row);
  }

  insert<T extends Table>(table: T, row: Omit<RowOf<T>, 'version'>): void {
    this.database.assertWriting();
    const columns = COLUMNS[table];
    this.database
      .prepare(`INSERT INTO ${table} (${columns.join(', ')}, version) VALUES (${columns.map(() => '?').join(', ')}, 1)`)
      .run(...columns.map((column) => cell(row[column as keyof typeof row])));
  }

  update<T extends Table>(table: T, id: string, set: Partial<RowOf<T>>): void {
    this.database.assertWriting();
    const columns = COLUMNS[table].filter((column) => column in set);
    const sets = [...columns.map((column) => `${column} = ?`), 'version = version + 1'];
    this.database
      .prepare(`UPDATE ${table} SET ${sets.join(', ')} WHERE id = ?`)
      .run(...columns.map((column) => cell(set[column as keyof typeof set])), id);
  }

  /** How many voted for each idea in polls. */
  polled(): ReadonlyMap<string, number> {
    const rows = this.database.prepare('SELECT idea, COUNT(*) AS n FROM idea_vote GROUP BY idea').all() as { idea: string; n: number }[];
    return new Map(rows.map(({ idea, n }) => [idea, n]));
  }

  votesOf(poll: string): readonly Vote[] {
    return this.database.prepare('SELECT idea, poll, voter FROM idea_vote WHERE poll = ? ORDER BY voter, idea').all(poll) as Vote[];
  }

  /** The votes of a poll are these and no others. */
  replacePoll(poll: string, votes: readonly Vote[]): void {
    this.database.assertWriting();
    this.database.prepare('DELETE FROM idea_vote WHERE poll = ?').run(poll);
    const insert = this.database.prepare('INSERT INTO idea_vote (idea, poll, voter) VALUES (?, ?, ?)');
    for (const { idea, voter } of votes) insert.run(idea, poll, voter);
  }

  throwAway(table: Table, id: string): void {
    this.database.assertWriting();
    if (table === 'idea') this.database.prepare('DELETE FROM idea_vote WHERE idea = ?').run(id);
    this.database.prepare(`DELETE FROM ${table} WHERE id = ?`).run(id);
  }

  private all<T extends Table>(table: T): RowOf<T>[] {
    return this.database
      .prepare(`SELECT * FROM ${table} ORDER BY addedAt, id`)
      .all()
      .map((row) => read(table, row));
  }
}

const cell = (value: unknown): string | number | null =>
  Array.isArray(value) ? JSON.stringify(value) : ((value ?? null) as string | number | null);

function read<T extends Table>(table: T, row: unknown): RowOf<T> {
  const plain = row as Record<string, unknown>;
  const list = LISTS[table];
  return { ...plain, [list]: JSON.parse(String(plain[list])) as string[] } as unknown as RowOf<T>;
}
