import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Who was at the bench; empty where nobody said. */
export class WhoBuilt1765800000000 implements MigrationInterface {
  name = 'WhoBuilt1765800000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE bench_session ADD COLUMN who TEXT NOT NULL DEFAULT ''`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE bench_session DROP COLUMN who');
  }
}
