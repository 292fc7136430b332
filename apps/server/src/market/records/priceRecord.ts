import { type Condition, CONDITIONS, type PriceSummary, summariseByCondition, type YieldKind } from '@outfit/core';
import type { Prepare } from '../../platform/sqlite/index.js';
import type { OfferEntity } from '../market.entities.js';
import type { Pricing } from './pricing.js';

/** Prices of one item in one condition on one day, as they were recorded. */
export interface PriceDay extends PriceSummary {
  readonly day: string;
  readonly condition: Condition;
}

const COLUMNS = 'offers, sellers, stock, leastMinor, lowerQuartileMinor, medianMinor, upperQuartileMinor, meanMinor';
/** Rows written in one go: whoever edits meanwhile waits for so many and no more. */
const BATCH = 4000;

const inOrder = (a: OfferEntity, b: OfferEntity): number =>
  a.kind === b.kind ? (a.item < b.item ? -1 : a.item > b.item ? 1 : 0) : a.kind < b.kind ? -1 : 1;

/** The record of prices: one row per item, condition and day. By prepared statements, as a month of days is some 100,000 rows. */
export class PriceRecord {
  constructor(private readonly prepare: Prepare) {}

  /**
   * How prices stand on a day, worked out while nothing is locked. The answers write it, batch by batch, each within a
   * transaction of the caller's; writing the same day again replaces it.
   */
  changesOn(day: string, offers: readonly OfferEntity[], pricing: Pricing): readonly (() => void)[] {
    const rows: (readonly (string | number)[])[] = [];
    const note = (group: readonly OfferEntity[]): void => {
      const [first] = group;
      if (!first) return;
      const priced = group.flatMap((offer) => pricing.price(offer) ?? []);
      for (const { condition, summary: sum } of summariseByCondition(priced))
        rows.push([
          ...[first.kind, first.item, condition, day, sum.offers, sum.sellers, sum.stock, sum.leastMinor],
          ...[sum.lowerQuartileMinor, sum.medianMinor, sum.upperQuartileMinor, sum.meanMinor],
        ]);
    };
    let group: OfferEntity[] = [];
    for (const offer of [...offers].sort(inOrder)) {
      if (group[0] && inOrder(group[0], offer) !== 0) {
        note(group);
        group = [];
      }
      group.push(offer);
    }
    note(group);
    const batches: (() => void)[] = [];
    for (let from = 0; from < rows.length; from += BATCH) batches.push(() => this.write(rows.slice(from, from + BATCH)));
    return batches;
  }

  private write(rows: readonly (readonly (string | number)[])[]): void {
    const insert = this.prepare(
      `INSERT OR REPLACE INTO price_day (kind, item, condition, day, ${COLUMNS}) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
    );
    for (const row of rows) insert.run(...row);
  }

  /** What was recorded of an item up to a day, oldest first. A day that was begun and not reached is none yet. */
  of(kind: YieldKind, item: string, until: string): readonly PriceDay[] {
    const rows = this.prepare(
      `SELECT day, condition, ${COLUMNS} FROM price_day WHERE kind = ? AND item = ? AND day <= ? ORDER BY day, condition`,
    ).all(kind, item, until) as PriceDay[];
    return rows.filter((row) => CONDITIONS.includes(row.condition));
  }
}
