import type { Prepare } from '../../platform/sqlite/index.js';
import type { PieceEntity } from '../wardrobe.entities.js';

const RUN = `balance.id, lot.id AS lot, lot.variant, balance.quantity, lot.condition, place.path AS place, place.id AS placeId, lot.note, lot.addedAt,
  lot.defects, lot.alterations, lot.certainty, lot.source, lot.owner, lot.dueOn`;
const HELD = `FROM balance JOIN lot ON lot.id = balance.lot JOIN place ON place.id = balance.place WHERE balance.quantity > 0`;

/** A run with the day it is due back, whichever way. */
export type DueRow = PieceEntity & { readonly person: string; readonly placeDueOn: string | null };

/** What is asked of the ledger to find what waits for a decision. */
export class SortingRecord {
  constructor(private readonly prepare: Prepare) {}

  unsureCount(): number {
    return this.prepare(`SELECT COUNT(*) ${HELD} AND lot.certainty <> 'sure' AND place.kind NOT IN ('sealed', 'outside')`)
      .pluck()
      .get() as number;
  }

  unsure(most: number): PieceEntity[] {
    return this.prepare(
      `SELECT ${RUN} ${HELD} AND lot.certainty <> 'sure' AND place.kind NOT IN ('sealed', 'outside') ORDER BY lot.addedAt, balance.id LIMIT ?`,
    ).all(most) as PieceEntity[];
  }

  lent(): DueRow[] {
    return this.prepare(
      `SELECT ${RUN}, place.name AS person, place.dueOn AS placeDueOn ${HELD} AND place.kind = 'lent' ORDER BY place.dueOn IS NULL, place.dueOn, balance.id`,
    ).all() as DueRow[];
  }

  borrowed(): DueRow[] {
    return this.prepare(
      `SELECT ${RUN}, lot.owner AS person, lot.dueOn AS placeDueOn ${HELD} AND lot.owner <> '' AND place.kind <> 'outside'
        ORDER BY lot.dueOn IS NULL, lot.dueOn, balance.id`,
    ).all() as DueRow[];
  }

  /** The runs of these numbers. */
  runs(ids: readonly number[]): PieceEntity[] {
    return this.prepare(`SELECT ${RUN} ${HELD} AND balance.id IN (SELECT value FROM json_each(?)) ORDER BY lot.variant, balance.id`).all(
      JSON.stringify(ids),
    ) as PieceEntity[];
  }
}
