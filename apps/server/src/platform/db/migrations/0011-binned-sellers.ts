import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Sellers can lie in the bin, whole, with what they offered. */
export class BinnedSellers1765100000000 implements MigrationInterface {
  name = 'BinnedSellers1765100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE binned_seller (id TEXT PRIMARY KEY, name TEXT NOT NULL, seller TEXT NOT NULL, offers TEXT NOT NULL, removedAt TEXT NOT NULL)
         STRICT, WITHOUT ROWID`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE binned_seller`);
  }
}
