import type { MigrationInterface, QueryRunner } from 'typeorm';

/** A lowest price names its condition; those that stand were of any, so they are worked out anew. */
export class LowestCondition1766500000000 implements MigrationInterface {
  name = 'LowestCondition1766500000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE lowest_price ADD COLUMN condition TEXT NOT NULL DEFAULT 'used'`);
    await runner.query(`UPDATE lowest_price_day SET day = ''`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE lowest_price DROP COLUMN condition');
    await runner.query(`UPDATE lowest_price_day SET day = ''`);
  }
}
