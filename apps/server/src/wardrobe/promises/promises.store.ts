import type { Alteration, Condition } from '@outfit/core';
import type { Defect, Pin, PlaceKind } from '@outfit/core/wardrobe';
import { readAlterations, readDefects } from '@outfit/formats/kept';
import type { Tables } from '../../platform/sqlite/index.js';
import { LotEntity, MovementEntity, PlaceEntity } from '../wardrobe.entities.js';

/** A run as far as serving goes, with the place it lies in. */
export interface ServingRow {
  readonly id: number;
  readonly lot: number;
  readonly variant: string;
  readonly quantity: number;
  readonly condition: Condition;
  readonly isFlawed: number;
  readonly place: string;
  readonly kind: PlaceKind;
  readonly keepWhole: number;
  readonly figure: string | null;
  readonly official: string | null;
}

/** Pieces that are owned and serve nobody because of where they are or what they are like. */
export interface AsideRow {
  readonly id: number;
  readonly quantity: number;
  readonly kind: PlaceKind;
  readonly keepWhole: number;
  readonly name: string;
  readonly dueOn: string | null;
  readonly defects: readonly Defect[];
  readonly alterations: readonly Alteration[];
}

const RUNS = `SELECT balance.id, lot.id AS lot, lot.variant, balance.quantity, lot.condition,
    (lot.defects <> '[]' OR lot.alterations <> '[]') AS isFlawed, place.id AS place, place.kind, place.keepWhole, place.figure, place.official
  FROM lot JOIN balance ON balance.lot = lot.id JOIN place ON place.id = balance.place WHERE balance.quantity > 0`;

/** What promises are worked out from, as it stands in the ledger. */
export class PromisesStore {
  constructor(private readonly tables: Tables) {}

  lastMovement(): number {
    return this.tables.table(MovementEntity).greatest('id');
  }

  lastLot(): number {
    return this.tables.table(LotEntity).greatest('id');
  }

  /** The runs of so many lots after one. */
  runsOfLots(after: number, many: number): ServingRow[] {
    return this.tables.prepare<ServingRow>(`${RUNS} AND lot.id > ? AND lot.id <= ?`).all(after, after + many);
  }

  /** The runs of some parts. */
  runsOf(variants: readonly string[]): ServingRow[] {
    return this.tables.prepare<ServingRow>(`${RUNS} AND lot.variant IN (SELECT value FROM json_each(?))`).all(JSON.stringify(variants));
  }

  /** The parts that movements after one were about, and all that is on the donors they touched: these have other holes now. */
  movedSince(movement: number): string[] {
    return this.tables
      .prepare<string>(
        `SELECT lot.variant FROM movement JOIN lot ON lot.id = movement.lot WHERE movement.id > :movement
       UNION
       SELECT lot.variant FROM movement JOIN place ON place.id IN (movement.origin, movement.target) AND place.kind = 'donor'
         JOIN balance ON balance.place = place.id AND balance.quantity > 0 JOIN lot ON lot.id = balance.lot WHERE movement.id > :movement`,
      )
      .pluck()
      .all({ movement });
  }

  /** Pins with the part each is about, and whole figures with how each is kept: what is said without moving anything. */
  keptWants(): readonly { readonly key: string; readonly variants: string }[] {
    return this.tables
      .prepare<{ key: string; variants: string }>(
        `SELECT 'pin ' || pin.lot || ' ' || pin.figure || ' ' || pin.quantity || ' ' || pin.isOrdered AS key, json_array(lot.variant) AS variants
         FROM pin JOIN lot ON lot.id = pin.lot
       UNION ALL
       SELECT 'donor ' || place.id || ' ' || place.keepWhole, (SELECT json_group_array(lot.variant) FROM balance JOIN lot ON lot.id = balance.lot
           WHERE balance.place = place.id AND balance.quantity > 0)
         FROM place WHERE place.kind = 'donor'`,
      )
      .all();
  }

  pins(): readonly (Pin & { readonly variant: string })[] {
    return this.tables
      .prepare<Omit<Pin, 'isOrdered'> & { readonly isOrdered: number; readonly variant: string }>(
        'SELECT pin.lot, pin.figure, pin.quantity, pin.isOrdered, lot.variant FROM pin JOIN lot ON lot.id = pin.lot',
      )
      .all()
      .map((row) => ({ ...row, isOrdered: row.isOrdered === 1 }));
  }

  /** Pieces of some parts that are lent, that stand in whole figures which are kept whole, or that something is wrong with, run by run. */
  asideOf(variants: readonly string[]): readonly AsideRow[] {
    return this.tables
      .prepare<Omit<AsideRow, 'defects' | 'alterations'> & { readonly defects: string; readonly alterations: string }>(
        `SELECT balance.id, balance.quantity, place.kind, place.keepWhole, place.name, place.dueOn, lot.defects, lot.alterations
           FROM lot JOIN balance ON balance.lot = lot.id JOIN place ON place.id = balance.place
          WHERE balance.quantity > 0 AND lot.variant IN (SELECT value FROM json_each(?))
            AND (place.kind = 'lent' OR (place.kind = 'donor' AND place.keepWhole = 1) OR lot.defects <> '[]' OR lot.alterations <> '[]')
          ORDER BY balance.id`,
      )
      .all(JSON.stringify(variants))
      .map((row) => ({
        ...row,
        defects: readDefects(JSON.parse(row.defects)),
        alterations: readAlterations(JSON.parse(row.alterations)),
      }));
  }

  /** What is on some donors. */
  onDonors(donors: readonly string[]): readonly { readonly place: string; readonly variant: string; readonly quantity: number }[] {
    return this.tables
      .prepare<{ place: string; variant: string; quantity: number }>(
        `SELECT balance.place, lot.variant, balance.quantity FROM balance JOIN lot ON lot.id = balance.lot
        WHERE balance.quantity > 0 AND balance.place IN (SELECT value FROM json_each(?))`,
      )
      .all(JSON.stringify(donors));
  }

  /** The day by which what is on its way should be here, by the place that is the parcel. */
  dueDays(): ReadonlyMap<string, string> {
    const rows = this.tables.table(PlaceEntity).find({ where: { kind: 'parcel' } });
    return new Map(rows.flatMap(({ id, dueOn }) => (dueOn === null ? [] : [[id, dueOn] as const])));
  }

  /** How many pieces are built into each figure. */
  builtInto(): ReadonlyMap<string, number> {
    const rows = this.tables
      .prepare<{ figure: string; pieces: number }>(
        `SELECT place.figure, SUM(balance.quantity) AS pieces FROM place JOIN balance ON balance.place = place.id
        WHERE place.kind = 'figure' AND place.figure IS NOT NULL AND balance.quantity > 0 GROUP BY place.figure`,
      )
      .all();
    return new Map(rows.map(({ figure, pieces }) => [figure, pieces]));
  }
}
