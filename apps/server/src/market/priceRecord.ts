import { CONDITIONS, summariseByCondition, type Condition, type PriceSummary, type YieldKind } from '@outfit/core';
import type { Database } from 'better-sqlite3';
import type { PricedOffer } from './marketView.js';

/** Prices of one item in one condition on one day, as they were recorded. */
export interface PriceDay extends PriceSummary {
  readonly day: string;
  readonly condition: Condition;
}

const COLUMNS = 'offers, sellers, stock, leastMinor, lowerQuartileMinor, medianMinor, upperQuartileMinor, meanMinor';

/** The record of prices: one row per item, condition and day. By prepared statements, as a month of days is some 100,000 rows. */
export class PriceRecord {
  constructor(private readonly connection: Database) {}

  /** Writes down how prices stood on a day; writing the same day again replaces it. Within the caller's transaction. */
  write(day: string, offers: readonly PricedOffer[]): void {
    const insert = this.connection.prepare(
      `INSERT OR REPLACE INTO price_day (kind, item, condition, day, ${COLUMNS}) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    );
    const groups = new Map<string, PricedOffer[]>();
    for (const offer of offers) {
      const key = `${offer.kind}\n${offer.item}`;
      const group = groups.get(key);
      if (group) group.push(offer);
      else groups.set(key, [offer]);
    }
    for (const [key, group] of groups) {
      const [kind, item] = key.split('\n');
      for (const { condition, summary: sum } of summariseByCondition(group))
        insert.run(
          kind,
          item,
          condition,
          day,
          sum.offers,
          sum.sellers,
          sum.stock,
          sum.leastMinor,
          sum.lowerQuartileMinor,
          sum.medianMinor,
          sum.upperQuartileMinor,
          sum.meanMinor,
        );
    }
  }

  /** What was recorded of an item, oldest first. */
  of(kind: YieldKind, item: string): readonly PriceDay[] {
    const rows = this.connection
      .prepare(`SELECT day, condition, ${COLUMNS} FROM price_day WHERE kind = ? AND item = ? ORDER BY day, condition`)
      .all(kind, item) as PriceDay[];
    return rows.filter((row) => CONDITIONS.includes(row.condition));
  }
}
