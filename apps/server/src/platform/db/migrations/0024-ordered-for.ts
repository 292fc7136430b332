import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What was ordered for a figure is kept for it while it is on its way. */
export class OrderedFor1766400000000 implements MigrationInterface {
  name = 'OrderedFor1766400000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE pin ADD COLUMN isOrdered INTEGER NOT NULL DEFAULT 0');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DELETE FROM pin WHERE isOrdered = 1');
    await runner.query('ALTER TABLE pin DROP COLUMN isOrdered');
  }
}
