import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Verdicts and acceptable parts of looks, reference pictures of briefs, owned whole figures, and what motifs carry on. */
const STEPS = [
  `ALTER TABLE motif ADD COLUMN continues TEXT`,
  `ALTER TABLE motif ADD COLUMN traits TEXT`,
  `ALTER TABLE look ADD COLUMN verdict TEXT`,
  `ALTER TABLE look ADD COLUMN acceptable TEXT NOT NULL DEFAULT '[]'`,
  `ALTER TABLE look ADD COLUMN variation TEXT`,
  `ALTER TABLE look ADD COLUMN removedAt TEXT`,
  `CREATE TABLE reference_picture (id TEXT PRIMARY KEY, figure TEXT NOT NULL REFERENCES figure(id), place INTEGER NOT NULL, name TEXT NOT NULL,
     file TEXT NOT NULL, width INTEGER NOT NULL, height INTEGER NOT NULL, pins TEXT NOT NULL, addedAt TEXT NOT NULL, removedAt TEXT) STRICT`,
  `CREATE INDEX reference_picture_figure ON reference_picture(figure)`,
  `CREATE TABLE donor (id INTEGER PRIMARY KEY AUTOINCREMENT, officialFigure TEXT NOT NULL REFERENCES official_figure(id), place TEXT NOT NULL,
     note TEXT NOT NULL, keepWhole INTEGER NOT NULL) STRICT`,
  `CREATE INDEX donor_figure ON donor(officialFigure)`,
];

export class Fitting1764300000000 implements MigrationInterface {
  name = 'Fitting1764300000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of STEPS) await runner.query(sql);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE donor');
    await runner.query('DROP TABLE reference_picture');
    for (const column of ['verdict', 'acceptable', 'variation', 'removedAt']) await runner.query(`ALTER TABLE look DROP COLUMN ${column}`);
    for (const column of ['continues', 'traits']) await runner.query(`ALTER TABLE motif DROP COLUMN ${column}`);
  }
}
