import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Errands are named by whoever planned them, and put in the bin. */
export class Errands1764700000000 implements MigrationInterface {
  name = 'Errands1764700000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE errand ADD COLUMN name TEXT`);
    await runner.query(`ALTER TABLE errand ADD COLUMN removedAt TEXT`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const column of ['removedAt', 'name']) await runner.query(`ALTER TABLE errand DROP COLUMN ${column}`);
  }
}
