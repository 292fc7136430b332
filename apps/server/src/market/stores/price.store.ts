import { CONDITIONS, summariseByCondition, type YieldKind } from '@outfit/core';
import type { Tables } from '../../platform/sqlite/index.js';
import { type OfferEntity, PriceDayEntity } from '../market.entities.js';
import type { PricedOffer, Pricing } from './pricing.js';

export interface LeastAsked {
  readonly item: string;
  readonly day: string;
  readonly leastMinor: number;
}

/** Rows written in one go: whoever edits meanwhile waits for so many and no more. */
export const PRICE_BATCH = 4000;

const inOrder = (a: OfferEntity, b: OfferEntity): number =>
  a.kind === b.kind ? (a.item < b.item ? -1 : a.item > b.item ? 1 : 0) : a.kind < b.kind ? -1 : 1;

/** How the prices of one item stand on a day, a row for each condition it is offered in. */
export function rowsOf(day: string, priced: readonly PricedOffer[]): readonly PriceDayEntity[] {
  const [first] = priced;
  if (!first) return [];
  const { kind, item } = first;
  return summariseByCondition(priced).map(({ condition, summary }) => ({ kind, item, condition, day, ...summary }));
}

/** The record of prices: one row per item, condition and day. By prepared statements, as a month of days is some 100,000 rows. */
export class PriceStore {
  constructor(private readonly tables: Tables) {}

  /**
   * How prices stand on a day, worked out while nothing is locked. The answers write it, batch by batch, each within a
   * transaction of the caller's; writing the same day again replaces it.
   */
  changesOn(day: string, offers: readonly OfferEntity[], pricing: Pricing): readonly (() => void)[] {
    const rows: PriceDayEntity[] = [];
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
  write(rows: readonly PriceDayEntity[]): void {
    this.tables.table(PriceDayEntity).upsertAll(rows);
  }

  /** What was recorded of an item up to a day, oldest first. A day that was begun and not reached is none yet. */
  of(kind: YieldKind, item: string, until: string): readonly PriceDayEntity[] {
    const rows = this.tables
      .table(PriceDayEntity)
      .select('WHERE kind = ? AND item = ? AND day <= ? ORDER BY day, condition', kind, item, until);
    return rows.filter((row) => CONDITIONS.includes(row.condition));
  }

  /** The least that was asked of some items, in any condition, on each recorded day from one to another; item by item, oldest first. */
  leastOf(kind: YieldKind, items: readonly string[], from: string, until: string): readonly LeastAsked[] {
    return this.tables
      .prepare<LeastAsked>(
        `SELECT item, day, MIN(leastMinor) AS leastMinor FROM price_day
           WHERE kind = ? AND item IN (SELECT value FROM json_each(?)) AND day BETWEEN ? AND ? GROUP BY item, day ORDER BY item, day`,
      )
      .all(kind, JSON.stringify(items), from, until);
  }
}
