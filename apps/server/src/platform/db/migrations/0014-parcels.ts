import type { MigrationInterface, QueryRunner } from 'typeorm';

const TABLES = [
  `CREATE TABLE parcel (id TEXT PRIMARY KEY, ordinal INTEGER NOT NULL, seller TEXT, sellerName TEXT NOT NULL, reference TEXT NOT NULL, errand TEXT,
     state TEXT NOT NULL, orderedOn TEXT NOT NULL, sentOn TEXT, expectedOn TEXT, arrivedOn TEXT, tracking TEXT NOT NULL, note TEXT NOT NULL,
     currency TEXT NOT NULL, postageMinor INTEGER NOT NULL CHECK (postageMinor >= 0), feesMinor INTEGER NOT NULL CHECK (feesMinor >= 0),
     dutyMinor INTEGER NOT NULL CHECK (dutyMinor >= 0), paidMinor INTEGER CHECK (paidMinor >= 0), refundedMinor INTEGER NOT NULL CHECK (refundedMinor >= 0),
     plannedMinor INTEGER NOT NULL, place TEXT NOT NULL REFERENCES place(id), happens TEXT, removedAt TEXT, version INTEGER NOT NULL) STRICT`,
  `CREATE INDEX parcel_state ON parcel(state)`,
  `CREATE TABLE parcel_line (id INTEGER PRIMARY KEY AUTOINCREMENT, parcel TEXT NOT NULL REFERENCES parcel(id), lot INTEGER NOT NULL REFERENCES lot(id),
     variant TEXT NOT NULL REFERENCES variant(id), condition TEXT NOT NULL, quantity INTEGER NOT NULL CHECK (quantity > 0),
     priceMinor INTEGER NOT NULL CHECK (priceMinor >= 0), came INTEGER NOT NULL CHECK (came >= 0), damaged INTEGER NOT NULL CHECK (damaged >= 0 AND damaged <= came),
     gone INTEGER NOT NULL CHECK (gone >= 0 AND came + gone <= quantity)) STRICT`,
  `CREATE INDEX parcel_line_parcel ON parcel_line(parcel)`,
];

/** Orders and what came of them; the pieces themselves are in the ledger, at a place that is the parcel. */
export class Parcels1765400000000 implements MigrationInterface {
  name = 'Parcels1765400000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of TABLES) await runner.query(sql);
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['parcel_line', 'parcel']) await runner.query(`DROP TABLE ${table}`);
  }
}
