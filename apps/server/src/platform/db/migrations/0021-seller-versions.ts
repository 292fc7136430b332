import type { MigrationInterface, QueryRunner } from 'typeorm';

/** The terms of a seller are written over the version that was seen. */
export class SellerVersions1766100000000 implements MigrationInterface {
  name = 'SellerVersions1766100000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE seller ADD COLUMN version INTEGER NOT NULL DEFAULT 1');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE seller DROP COLUMN version');
  }
}
