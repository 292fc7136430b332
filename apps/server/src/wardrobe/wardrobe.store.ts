import { Injectable } from '@nestjs/common';
import type { OwnedRun } from '@outfit/core';
import { type Movement, OUTSIDE } from '@outfit/core/wardrobe';
import { Database } from '../platform/db/index.js';
import type { Slice } from '../platform/log/index.js';
import { entrySlice, LedgerRecord, madeSlices } from './ledger/index.js';
import { PieceEntity } from './wardrobe.entities.js';

/** Pieces as they come in. */
export type NewPiece = Pick<PieceEntity, 'variant' | 'quantity' | 'condition' | 'place' | 'note' | 'addedAt'> & {
  readonly owner?: string | undefined;
  readonly dueOn?: string | undefined;
  readonly paidMinor?: number | undefined;
};

/** Owned pieces and donors in their tables. */
@Injectable()
export class WardrobeStore {
  private readonly ledger: LedgerRecord;
  private counted: { readonly last: number; readonly runs: number; readonly pieces: number } | null = null;

  constructor(private readonly database: Database) {
    this.ledger = new LedgerRecord((sql) => database.prepare(sql));
  }

  pieces(): PieceEntity[] {
    return this.database.table(PieceEntity).find({ order: { variant: 'ASC', id: 'ASC' } });
  }

  /** So many runs after one of all that is owned, wherever it is: also what is lent, sealed, or on a whole figure. */
  ownedAfter(run: number, most: number): PieceEntity[] {
    return this.database
      .prepare(
        `SELECT balance.id, lot.id AS lot, lot.variant, balance.quantity, lot.condition, place.path AS place, place.id AS placeId, lot.note,
           lot.addedAt, lot.defects, lot.alterations, lot.certainty, lot.source, lot.owner, lot.dueOn
         FROM lot JOIN balance ON balance.lot = lot.id JOIN place ON place.id = balance.place
         WHERE balance.id > ? AND balance.quantity > 0 AND place.kind <> 'outside' ORDER BY balance.id LIMIT ?`,
      )
      .all(run, most) as PieceEntity[];
  }

  /** The runs of so many lots after one: for whoever goes through them some at a time. */
  piecesOfLots(after: number, many: number): PieceEntity[] {
    return this.database.prepare('SELECT * FROM piece WHERE lot > ? AND lot <= ?').all(after, after + many) as PieceEntity[];
  }

  lastLot(): number {
    return this.database.prepare('SELECT COALESCE(MAX(id), 0) FROM lot').pluck().get() as number;
  }

  piecesFrom(offset: number, most: number): PieceEntity[] {
    return this.database.prepare('SELECT * FROM piece ORDER BY variant, lot, id LIMIT ? OFFSET ?').all(most, offset) as PieceEntity[];
  }

  /** All that lies in a place and below it, at hand or not; what is on whole figures that stand there is theirs. */
  piecesIn(place: string): PieceEntity[] {
    return this.database
      .prepare(
        `WITH RECURSIVE below(id) AS (SELECT ? UNION SELECT place.id FROM place JOIN below ON place.parent = below.id WHERE place.kind <> 'donor')
         SELECT balance.id, lot.id AS lot, lot.variant, balance.quantity, lot.condition, place.path AS place, place.id AS placeId, lot.note,
           lot.addedAt, lot.defects, lot.alterations, lot.certainty, lot.source, lot.owner, lot.dueOn
         FROM below JOIN balance ON balance.place = below.id JOIN lot ON lot.id = balance.lot JOIN place ON place.id = balance.place
         WHERE balance.quantity > 0 ORDER BY lot.variant, balance.id`,
      )
      .all(place) as PieceEntity[];
  }

  /** How many runs and pieces are at hand: counted anew only when something was moved since. */
  counts(): { readonly runs: number; readonly pieces: number } {
    const last = this.database.prepare('SELECT COALESCE(MAX(id), 0) FROM movement').pluck().get() as number;
    if (this.counted?.last !== last) this.counted = { last, ...this.countNow() };
    return { runs: this.counted.runs, pieces: this.counted.pieces };
  }

  private countNow(): { readonly runs: number; readonly pieces: number } {
    return this.database.prepare('SELECT COUNT(*) AS runs, COALESCE(SUM(quantity), 0) AS pieces FROM piece').get() as {
      runs: number;
      pieces: number;
    };
  }

  /** The pieces of some variants. */
  piecesOf(variants: readonly string[]): PieceEntity[] {
    return this.database.table(PieceEntity).find({ where: { variant: variants }, order: { variant: 'ASC', id: 'ASC' } });
  }

  /** How many pieces there are of every variant that could serve somebody, donors left out, as it was written down. */
  stock(): readonly OwnedRun[] {
    return this.database
      .prepare(
        `SELECT lot.variant, SUM(balance.quantity) AS quantity FROM lot JOIN balance ON balance.lot = lot.id JOIN place ON place.id = balance.place
          WHERE balance.quantity > 0 AND place.kind IN ('made', 'bench', 'sealed', 'parcel', 'figure') GROUP BY lot.variant ORDER BY lot.variant`,
      )
      .all() as OwnedRun[];
  }

  /** What is on whole figures that may be taken apart: each part with how many there are and the first figure that has it. */
  onDonors(): readonly (OwnedRun & { readonly donor: string })[] {
    return this.database
      .prepare(
        `SELECT lot.variant, SUM(balance.quantity) AS quantity, MIN(place.path) AS donor FROM place JOIN balance ON balance.place = place.id
           JOIN lot ON lot.id = balance.lot
          WHERE place.kind = 'donor' AND place.keepWhole = 0 AND balance.quantity > 0 GROUP BY lot.variant ORDER BY lot.variant`,
      )
      .all() as (OwnedRun & { donor: string })[];
  }

  /** Enters pieces as one deed; returns what it changed. Places made for them are part of it. */
  add(pieces: readonly NewPiece[], sentence: string, at: string): readonly Slice[] {
    this.database.assertWriting();
    this.ledger.forgetMadePlaces();
    const movements = pieces.map(({ quantity, place, ...lot }): Movement => {
      const to = this.ledger.placeAt(place);
      return { lot: this.ledger.addLot(lot), quantity, from: OUTSIDE, to };
    });
    const entry = this.ledger.enter({ at, kind: 'counted', sentence, because: 'hand' }, movements);
    return [...madeSlices(this.ledger), entrySlice(entry, true)];
  }

  /** Lots whose kept balances are not what their movements say. */
  faults(): number {
    return this.ledger.faults();
  }

  rebuild(): void {
    this.ledger.rebuild();
  }
}
