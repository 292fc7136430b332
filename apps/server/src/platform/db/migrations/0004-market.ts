import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Sellers in their own currency, offers of anything a source yields, recorded prices, the market's clock, watches; errands of many looks. */
const STEPS = [
  `ALTER TABLE seller ADD COLUMN kind TEXT NOT NULL DEFAULT 'shop'`,
  `ALTER TABLE seller ADD COLUMN currency TEXT NOT NULL DEFAULT 'EUR'`,
  `ALTER TABLE seller ADD COLUMN duty TEXT`,
  `ALTER TABLE seller ADD COLUMN reliability REAL NOT NULL DEFAULT 1`,
  `CREATE TABLE offer_next (id TEXT PRIMARY KEY, seller TEXT NOT NULL REFERENCES seller(id), kind TEXT NOT NULL, item TEXT NOT NULL,
     priceMinor INTEGER NOT NULL CHECK (priceMinor >= 0), stock INTEGER NOT NULL CHECK (stock >= 0), multiple INTEGER NOT NULL CHECK (multiple > 0),
     condition TEXT NOT NULL, seenOn TEXT NOT NULL, origin TEXT NOT NULL,
     variant TEXT GENERATED ALWAYS AS (CASE WHEN kind = 'variant' THEN item END) STORED REFERENCES variant(id)) STRICT`,
  `INSERT INTO offer_next (id, seller, kind, item, priceMinor, stock, multiple, condition, seenOn, origin) SELECT id, seller, CASE WHEN variant IS NULL THEN 'figure' ELSE 'variant' END, COALESCE(variant, officialFigure),
     priceMinor, stock, multiple, condition, seenOn, origin FROM offer`,
  `DROP TABLE offer`,
  `ALTER TABLE offer_next RENAME TO offer`,
  `CREATE INDEX offer_item ON offer(kind, item)`,
  `CREATE INDEX offer_variant ON offer(variant)`,
  `CREATE INDEX offer_seller ON offer(seller)`,
  `CREATE TABLE rate (currency TEXT NOT NULL, day TEXT NOT NULL, perUnit REAL NOT NULL CHECK (perUnit > 0), origin TEXT NOT NULL,
     PRIMARY KEY (currency, day)) STRICT, WITHOUT ROWID`,
  `CREATE TABLE discount_code (seller TEXT NOT NULL REFERENCES seller(id), code TEXT NOT NULL, percent REAL NOT NULL, fromDay TEXT NOT NULL,
     untilDay TEXT NOT NULL, PRIMARY KEY (seller, code, fromDay)) STRICT, WITHOUT ROWID`,
  `CREATE TABLE price_day (kind TEXT NOT NULL, item TEXT NOT NULL, condition TEXT NOT NULL, day TEXT NOT NULL, offers INTEGER NOT NULL,
     sellers INTEGER NOT NULL, stock INTEGER NOT NULL, leastMinor INTEGER NOT NULL, lowerQuartileMinor INTEGER NOT NULL, medianMinor INTEGER NOT NULL,
     upperQuartileMinor INTEGER NOT NULL, meanMinor INTEGER NOT NULL, PRIMARY KEY (kind, item, condition, day)) STRICT, WITHOUT ROWID`,
  `CREATE TABLE landed_share (offer TEXT PRIMARY KEY, shareMinor INTEGER NOT NULL, day TEXT NOT NULL) STRICT`,
  `CREATE TABLE market_clock (id INTEGER PRIMARY KEY CHECK (id = 1), day TEXT NOT NULL, openedOn TEXT NOT NULL, seed INTEGER NOT NULL) STRICT`,
  `CREATE TABLE market_news (id INTEGER PRIMARY KEY AUTOINCREMENT, day TEXT NOT NULL, text TEXT NOT NULL) STRICT`,
  `CREATE TABLE watch (id INTEGER PRIMARY KEY AUTOINCREMENT, watch TEXT NOT NULL, seen TEXT, createdAt TEXT NOT NULL, removedAt TEXT) STRICT`,
  `CREATE TABLE watch_notice (id INTEGER PRIMARY KEY AUTOINCREMENT, watch INTEGER NOT NULL REFERENCES watch(id), day TEXT NOT NULL,
     text TEXT NOT NULL, dismissedAt TEXT) STRICT`,
  `CREATE INDEX watch_notice_watch ON watch_notice(watch)`,
  `CREATE TABLE errand_next (id TEXT PRIMARY KEY, scope TEXT NOT NULL, title TEXT NOT NULL, lines TEXT NOT NULL, settings TEXT NOT NULL,
     adjustments TEXT NOT NULL, createdAt TEXT NOT NULL, job TEXT NOT NULL REFERENCES job(id), problem TEXT NOT NULL,
     ticked TEXT NOT NULL) STRICT`,
  `INSERT INTO errand_next SELECT id, figure, look, json_array(json_object('figure', figure, 'look', look, 'copies', copies, 'group', NULL)),
     '{}', '{"locked":[],"banned":[],"pinned":[],"accepted":[]}', createdAt, job, problem, '[]' FROM errand`,
  `DROP TABLE errand`,
  `ALTER TABLE errand_next RENAME TO errand`,
  `CREATE INDEX errand_scope ON errand(scope)`,
];

export class Market1764400000000 implements MigrationInterface {
  name = 'Market1764400000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of STEPS) await runner.query(sql);
  }

  /** Offers and errands hold what the older tables cannot; going back would lose it, so it is refused. */
  down(): Promise<void> {
    return Promise.reject(new Error('Offers and errands cannot be told in the older tables. Restore a backup made before this step.'));
  }
}
