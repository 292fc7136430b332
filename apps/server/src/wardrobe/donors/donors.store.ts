import type { Certainty, Condition } from '@outfit/core';
import type { Tables } from '../../platform/sqlite/index.js';

/** A run that is on a donor. */
export interface OnDonorRow {
  readonly run: number;
  readonly lot: number;
  readonly place: string;
  readonly variant: string;
  readonly quantity: number;
  readonly condition: Condition;
  readonly certainty: Certainty;
}

/** Whole figures as the ledger has them. */
export class DonorsStore {
  constructor(private readonly tables: Tables) {}

  /** All that is on donors, or on one. */
  pieces(donor?: string): OnDonorRow[] {
    return this.tables
      .prepare<OnDonorRow>(
        `SELECT balance.id AS run, lot.id AS lot, balance.place, lot.variant, balance.quantity, lot.condition, lot.certainty
         FROM place JOIN balance ON balance.place = place.id JOIN lot ON lot.id = balance.lot
        WHERE place.kind = 'donor' AND balance.quantity > 0 AND (:donor IS NULL OR place.id = :donor) ORDER BY balance.id`,
      )
      .all({ donor: donor ?? null });
  }

  /** Loose runs of some parts that are at hand, one's own and without a flaw, the first that came first. */
  loose(variants: readonly string[]): Pick<OnDonorRow, 'lot' | 'place' | 'variant' | 'quantity'>[] {
    return this.tables
      .prepare<Pick<OnDonorRow, 'lot' | 'place' | 'variant' | 'quantity'>>(
        `SELECT lot.id AS lot, balance.place, lot.variant, balance.quantity FROM lot JOIN balance ON balance.lot = lot.id
         JOIN place ON place.id = balance.place
        WHERE lot.variant IN (SELECT value FROM json_each(?)) AND balance.quantity > 0 AND place.kind IN ('made', 'bench')
          AND lot.owner = '' AND lot.defects = '[]' AND lot.alterations = '[]' ORDER BY lot.id`,
      )
      .all(JSON.stringify(variants));
  }
}
