import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Line-ups, figures and catalogue entries can lie in the bin, as looks do. */
export class Bin1764800000000 implements MigrationInterface {
  name = 'Bin1764800000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const table of ['line_up', 'figure']) await runner.query(`ALTER TABLE ${table} ADD COLUMN removedAt TEXT`);
    await runner.query(
      `CREATE TABLE binned_entry (kind TEXT NOT NULL, item TEXT NOT NULL, entry TEXT NOT NULL, removedAt TEXT NOT NULL,
         PRIMARY KEY (kind, item)) STRICT, WITHOUT ROWID`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE binned_entry`);
    for (const table of ['figure', 'line_up']) await runner.query(`ALTER TABLE ${table} DROP COLUMN removedAt`);
  }
}
