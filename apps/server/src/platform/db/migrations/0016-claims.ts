import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Claims as things of their own; what a parcel was paid in, with the rate of the day it was ordered on. */
export class Claims1765600000000 implements MigrationInterface {
  name = 'Claims1765600000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(
      `CREATE TABLE parcel_claim (id INTEGER PRIMARY KEY, parcel TEXT NOT NULL REFERENCES parcel(id), line INTEGER NOT NULL REFERENCES parcel_line(id),
         quantity INTEGER NOT NULL CHECK (quantity > 0), reason TEXT NOT NULL, asked TEXT NOT NULL, askedMinor INTEGER NOT NULL CHECK (askedMinor >= 0),
         openedAt TEXT NOT NULL, outcome TEXT, gotMinor INTEGER NOT NULL CHECK (gotMinor >= 0), settledAt TEXT, removedAt TEXT) STRICT`,
    );
    await runner.query(`CREATE INDEX parcel_claim_parcel ON parcel_claim(parcel)`);
    await runner.query(`ALTER TABLE parcel ADD COLUMN sellerCurrency TEXT NOT NULL DEFAULT 'EUR'`);
    await runner.query(`ALTER TABLE parcel ADD COLUMN rate REAL NOT NULL DEFAULT 1 CHECK (rate > 0)`);
    await runner.query(`ALTER TABLE parcel ADD COLUMN paidInMinor INTEGER CHECK (paidInMinor >= 0)`);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const column of ['paidInMinor', 'rate', 'sellerCurrency']) await runner.query(`ALTER TABLE parcel DROP COLUMN ${column}`);
    await runner.query('DROP TABLE parcel_claim');
  }
}
