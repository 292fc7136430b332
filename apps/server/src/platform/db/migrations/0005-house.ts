import type { MigrationInterface, QueryRunner } from 'typeorm';

interface OldChange {
  readonly id: number;
  readonly look: string;
  readonly kind: 'edit' | 'undo' | 'redo' | 'snapshot';
  readonly refersTo: number | null;
}

/** One log for everything a person changes, versions of what is edited, owners of jobs, and news of parts that came to be made. */
const TABLES = [
  `CREATE TABLE change_next (id INTEGER PRIMARY KEY AUTOINCREMENT, at TEXT NOT NULL, subject TEXT NOT NULL, item TEXT NOT NULL, kind TEXT NOT NULL,
     label TEXT NOT NULL, about TEXT, refersTo INTEGER, undo INTEGER, redo INTEGER, before TEXT, after TEXT) STRICT`,
  `INSERT INTO change_next (id, at, subject, item, kind, label, refersTo, before, after)
     SELECT id, at, 'look', look, kind, label, refersTo, replace(before, '"acceptable":', '"substitutes":'),
       replace(after, '"acceptable":', '"substitutes":') FROM change ORDER BY id`,
];
const AFTER = [
  `INSERT INTO change_next (at, subject, item, kind, label, about, before, after)
     SELECT at, 'catalogue', 'all', 'edit', label, kind || ' ' || item, before, after FROM catalogue_change ORDER BY id`,
  // What was logged without its rows cannot be gone back from.
  `UPDATE change_next SET undo = CASE WHEN after IS NULL THEN (SELECT MAX(earlier.id) FROM change_next AS earlier
     WHERE earlier.subject = 'catalogue' AND earlier.id < change_next.id AND earlier.after IS NOT NULL) ELSE id END WHERE subject = 'catalogue'`,
  `DROP TABLE change`,
  `DROP TABLE catalogue_change`,
  `ALTER TABLE change_next RENAME TO change`,
  `CREATE INDEX change_item ON change(subject, item, id)`,
  `CREATE INDEX change_refers ON change(refersTo) WHERE refersTo IS NOT NULL`,
  `CREATE TRIGGER change_is_append_only_update BEFORE UPDATE ON change BEGIN SELECT RAISE(ABORT, 'the change log is append-only'); END`,
  `CREATE TRIGGER change_is_append_only_delete BEFORE DELETE ON change BEGIN SELECT RAISE(ABORT, 'the change log is append-only'); END`,
  `ALTER TABLE look RENAME COLUMN acceptable TO substitutes`,
  `ALTER TABLE line_up ADD COLUMN version INTEGER NOT NULL DEFAULT 1`,
  `ALTER TABLE figure ADD COLUMN version INTEGER NOT NULL DEFAULT 1`,
  `ALTER TABLE look ADD COLUMN version INTEGER NOT NULL DEFAULT 1`,
  `ALTER TABLE reference_picture ADD COLUMN version INTEGER NOT NULL DEFAULT 1`,
  `ALTER TABLE job ADD COLUMN owner TEXT`,
  `UPDATE job SET owner = (SELECT 'errand ' || errand.id FROM errand WHERE errand.job = job.id)`,
  `CREATE INDEX job_owner ON job(owner, kind, startedAt)`,
  `CREATE INDEX job_state ON job(state)`,
  `CREATE TABLE made_news (id INTEGER PRIMARY KEY AUTOINCREMENT, at TEXT NOT NULL, variant TEXT NOT NULL REFERENCES variant(id), text TEXT NOT NULL,
     toldAt TEXT) STRICT`,
  `CREATE INDEX made_news_variant ON made_news(variant)`,
  `CREATE INDEX made_news_untold ON made_news(id) WHERE toldAt IS NULL`,
  // A clock that goes back does not reorder errands: the order they were made in does.
  `ALTER TABLE errand ADD COLUMN ordinal INTEGER NOT NULL DEFAULT 0`,
  `UPDATE errand SET ordinal = rowid`,
  `CREATE INDEX errand_order ON errand(scope, ordinal)`,
];

export class House1764500000000 implements MigrationInterface {
  name = 'House1764500000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of TABLES) await runner.query(sql);
    await this.point(runner);
    for (const sql of AFTER) await runner.query(sql);
  }

  /** Works out, once and for all, what Undo and Redo were about after every row of the old logs. */
  private async point(runner: QueryRunner): Promise<void> {
    const rows = (await runner.query('SELECT id, look, kind, refersTo FROM change ORDER BY id')) as OldChange[];
    const lines = new Map<string, { done: number[]; undone: number[] }>();
    for (const { id, look, kind } of rows) {
      const line = lines.get(look) ?? { done: [], undone: [] };
      lines.set(look, line);
      if (kind === 'edit') {
        line.done.push(id);
        line.undone = [];
      } else if (kind === 'undo') {
        const edit = line.done.pop();
        if (edit !== undefined) line.undone.push(edit);
      } else if (kind === 'redo') {
        const edit = line.undone.pop();
        if (edit !== undefined) line.done.push(edit);
      }
      await runner.query('UPDATE change_next SET undo = ?, redo = ? WHERE id = ?', [
        line.done.at(-1) ?? null,
        line.undone.at(-1) ?? null,
        id,
      ]);
    }
  }

  down(): Promise<void> {
    return Promise.reject(new Error('There is no way back from this step; restore the copy made before it.'));
  }
}
