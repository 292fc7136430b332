import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Sources say what they yield; bundles, merged doubles, own photographs and notices. */
const STEPS = [
  `ALTER TABLE source ADD COLUMN printRunCopies INTEGER`,
  `ALTER TABLE source ADD COLUMN printRunCertainty TEXT`,
  `CREATE TABLE source_yield (source TEXT NOT NULL REFERENCES source(id), place INTEGER NOT NULL, kind TEXT NOT NULL, item TEXT NOT NULL,
     quantity INTEGER NOT NULL CHECK (quantity > 0), certainty TEXT NOT NULL, PRIMARY KEY (source, place)) STRICT`,
  `CREATE INDEX source_yield_item ON source_yield(kind, item)`,
  `INSERT INTO source_yield (source, place, kind, item, quantity, certainty)
     SELECT source, ROW_NUMBER() OVER (PARTITION BY source ORDER BY id) - 1, 'figure', id, 1, 'sure' FROM official_figure`,
  `CREATE TABLE official_figure_next (id TEXT PRIMARY KEY, name TEXT NOT NULL, person TEXT, parts TEXT NOT NULL) STRICT`,
  `INSERT INTO official_figure_next (id, name, person, parts) SELECT id, name, person, parts FROM official_figure`,
  `DROP TABLE official_figure`,
  `ALTER TABLE official_figure_next RENAME TO official_figure`,
  `CREATE TABLE bundle (id TEXT PRIMARY KEY, name TEXT NOT NULL, parts TEXT NOT NULL) STRICT`,
  `ALTER TABLE variant ADD COLUMN mergedInto TEXT REFERENCES variant(id)`,
  // Foreign keys look for children of every row that is written while they are deferred.
  `CREATE INDEX variant_merged ON variant(mergedInto) WHERE mergedInto IS NOT NULL`,
  `CREATE TABLE photograph (id TEXT NOT NULL, kind TEXT NOT NULL, item TEXT NOT NULL, face TEXT NOT NULL, width INTEGER NOT NULL,
     height INTEGER NOT NULL, addedAt TEXT NOT NULL, PRIMARY KEY (kind, item, face)) STRICT`,
  `CREATE TABLE notice (id INTEGER PRIMARY KEY AUTOINCREMENT, at TEXT NOT NULL, figure TEXT NOT NULL REFERENCES figure(id), variant TEXT NOT NULL REFERENCES variant(id),
     text TEXT NOT NULL, dismissedAt TEXT) STRICT`,
  `CREATE INDEX notice_figure ON notice(figure)`,
  `CREATE INDEX notice_variant ON notice(variant)`,
  `CREATE TABLE catalogue_change (id INTEGER PRIMARY KEY AUTOINCREMENT, at TEXT NOT NULL, label TEXT NOT NULL, kind TEXT NOT NULL, item TEXT NOT NULL,
     before TEXT, after TEXT) STRICT`,
  `CREATE TRIGGER catalogue_change_is_append_only_update BEFORE UPDATE ON catalogue_change BEGIN SELECT RAISE(ABORT, 'the change log is append-only'); END`,
  `CREATE TRIGGER catalogue_change_is_append_only_delete BEFORE DELETE ON catalogue_change BEGIN SELECT RAISE(ABORT, 'the change log is append-only'); END`,
];

export class Catalogue1764200000000 implements MigrationInterface {
  name = 'Catalogue1764200000000';
  /** A table that others refer to is made anew, which SQLite allows only while foreign keys are off, and that only outside a transaction. */
  transaction = false;

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('PRAGMA foreign_keys = OFF');
    await runner.query('BEGIN IMMEDIATE');
    try {
      for (const sql of STEPS) await runner.query(sql);
      const broken: unknown[] = await runner.query('PRAGMA foreign_key_check');
      if (broken.length > 0) throw new Error(`The catalogue could not be moved: ${broken.length} rows would refer to nothing.`);
      await runner.query('COMMIT');
    } catch (error) {
      await runner.query('ROLLBACK');
      throw error;
    } finally {
      await runner.query('PRAGMA foreign_keys = ON');
    }
  }

  down(): Promise<void> {
    return Promise.reject(new Error('There is no way back from this step; restore the backup made before it.'));
  }
}
