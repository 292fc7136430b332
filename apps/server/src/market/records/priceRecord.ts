import { type Condition, CONDITIONS, type PriceSummary, summariseByCondition, type YieldKind } from '@outfit/core';
import type { Prepare } from '../../platform/sqlite/index.js';
import type { OfferEntity } from '../market.entities.js';
import type { PricedOffer, Pricing } from './pricing.js';

/** Prices of one item in one condition on one day, as they were recorded. */
export interface PriceDay extends PriceSummary {
  readonly day: string;
  readonly condition: Condition;
}

export interface LeastAsked {
  readonly item: string;
  readonly day: string;
  readonly leastMinor: number;
}

const COLUMNS = 'offers, sellers, stock, leastMinor, lowerQuartileMinor, medianMinor, upperQuartileMinor, meanMinor';
/** Rows written in one go: whoever edits meanwhile waits for so many and no more. */
export const PRICE_BATCH = 4000;

/** A row of the record as it is written. */
export type PriceRow = readonly (string | number)[];

const inOrder = (a: OfferEntity, b: OfferEntity): number =>
  a.kind === b.kind ? (a.item < b.item ? -1 : a.item > b.item ? 1 : 0) : a.kind < b.kind ? -1 : 1;

/** How the prices of one item stand on a day, a row for each condition it is offered in. */
export function rowsOf(day: string, priced: readonly PricedOffer[]): readonly PriceRow[] {
  const [first] = priced;
  if (!first) return [];
  return summariseByCondition(priced).map(({ condition, summary: sum }) => [
    ...[first.kind, first.item, condition, day, sum.offers, sum.sellers, sum.stock, sum.leastMinor],
    ...[sum.lowerQuartileMinor, sum.medianMinor, sum.upperQuartileMinor, sum.meanMinor],
  ]);
}

/** The record of prices: one row per item, condition and day. By prepared statements, as a month of days is some 100,000 rows. */
export class PriceRecord {
  constructor(private readonly prepare: Prepare) {}

  /**
   * How prices stand on a day, worked out while nothing is locked. The answers write it, batch by batch, each within a
   * transaction of the caller's; writing the same day again replaces it.
   */
  changesOn(day: string, offers: readonly OfferEntity[], pricing: Pricing): readonly (() => void)[] {
    const rows: PriceRow[] = [];
    let group: OfferEntity[] = [];
    for (const offer of [...offers].sort(inOrder)) {
      if (group[0] && inOrder(group[0], offer) !== 0) {
        rows.push(...rowsOf(day, pricing.all(group)));
        group = [];
      }
      group.push(offer);
    }
    rows.push(...rowsOf(day, pricing.all(group)));
    const batches: (() => void)[] = [];
    for (let from = 0; from < rows.length; from += PRICE_BATCH) batches.push(() => this.write(rows.slice(from, from + PRICE_BATCH)));
    return batches;
  }

  /** Writes rows; the same item, condition and day again are replaced. Within the caller's transaction. */
  write(rows: readonly PriceRow[]): void {
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

  /** The least that was asked of some items, in any condition, on each recorded day from one to another; item by item, oldest first. */
  leastOf(kind: YieldKind, items: readonly string[], from: string, until: string): readonly LeastAsked[] {
    return this.prepare(
      `SELECT item, day, MIN(leastMinor) AS leastMinor FROM price_day
         WHERE kind = ? AND item IN (SELECT value FROM json_each(?)) AND day BETWEEN ? AND ? GROUP BY item, day ORDER BY item, day`,
    ).all(kind, JSON.stringify(items), from, until) as LeastAsked[];
  }
}
