import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What is asked for often is kept: the lowest price of every variant, and the day it is true of. */
const STATEMENTS = [
  `CREATE TABLE lowest_price (variant TEXT PRIMARY KEY, landedMinor INTEGER NOT NULL, priceMinor INTEGER NOT NULL, seller TEXT NOT NULL,
     seenOn TEXT NOT NULL) STRICT, WITHOUT ROWID`,
  `CREATE TABLE lowest_price_day (id INTEGER PRIMARY KEY CHECK (id = 1), day TEXT NOT NULL) STRICT`,
  // A seller's offers are paged through by price; whoever asks for all of a seller finds them by it as well.
  `DROP INDEX offer_seller`,
  `CREATE INDEX offer_seller_price ON offer(seller, priceMinor)`,
];

export class Scale1764600000000 implements MigrationInterface {
  name = 'Scale1764600000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of STATEMENTS) await runner.query(sql);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP INDEX offer_seller_price');
    await runner.query('CREATE INDEX offer_seller ON offer(seller)');
    for (const table of ['lowest_price', 'lowest_price_day']) await runner.query(`DROP TABLE ${table}`);
  }
}
