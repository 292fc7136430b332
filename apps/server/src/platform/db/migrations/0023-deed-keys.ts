import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Deeds that were asked for under a key, so that none is done twice. */
export class DeedKeys1766300000000 implements MigrationInterface {
  name = 'DeedKeys1766300000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      'CREATE TABLE deed_key (key TEXT PRIMARY KEY NOT NULL, asked TEXT NOT NULL, at TEXT NOT NULL, status INTEGER, answer TEXT)',
    );
    await runner.query('CREATE INDEX deed_key_at ON deed_key (at)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE deed_key');
  }
}
