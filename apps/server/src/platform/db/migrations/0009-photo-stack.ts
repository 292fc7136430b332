import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Photographs that wait to be made parts of: kept until somebody has worked through them. */
export class PhotoStack1764900000000 implements MigrationInterface {
  name = 'PhotoStack1764900000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE photo_stack (id TEXT PRIMARY KEY, file TEXT NOT NULL, name TEXT NOT NULL, width INTEGER NOT NULL, height INTEGER NOT NULL,
         addedAt TEXT NOT NULL) STRICT`,
    );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`DROP TABLE photo_stack`);
  }
}
