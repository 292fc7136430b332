import { Injectable } from '@nestjs/common';
import type { OwnedRun } from '@outfit/core';
import { type Movement, OUTSIDE } from '@outfit/core/wardrobe';
import { Database } from '../platform/db/index.js';
import type { Slice } from '../platform/log/index.js';
import { entrySlice, LedgerStore, madeSlices } from './ledger/worker.js';
import { EntryEntity, LotEntity, MovementEntity, PieceEntity, RunEntity } from './wardrobe.entities.js';

/** Pieces as they come in. */
export type NewPiece = Pick<PieceEntity, 'variant' | 'quantity' | 'condition' | 'place' | 'note' | 'addedAt'> & {
  readonly owner?: string | undefined;
  readonly dueOn?: string | undefined;
  readonly paidMinor?: number | undefined;
};

/** Owned pieces and donors in their tables. */
@Injectable()
export class WardrobeStore {
  private readonly ledger: LedgerStore;
  private counted: { readonly last: number; readonly runs: number; readonly pieces: number } | null = null;

  constructor(private readonly database: Database) {
    this.ledger = new LedgerStore(database);
  }

  pieces(): PieceEntity[] {
    return this.database.table(PieceEntity).find({ order: { variant: 'ASC', id: 'ASC' } });
  }

  /** So many runs after one of all that is owned, wherever it is: also what is lent, sealed, or on a whole figure. */
  ownedAfter(run: number, most: number): RunEntity[] {
    return this.database.table(RunEntity).select(`WHERE id > ? AND placeKind <> 'outside' ORDER BY id LIMIT ?`, run, most);
  }

  /** The runs of so many lots after one: for whoever goes through them some at a time. */
  piecesOfLots(after: number, many: number): PieceEntity[] {
    return this.database.table(PieceEntity).select('WHERE lot > ? AND lot <= ?', after, after + many);
  }

  /** Does any piece say what was paid for it, or any deed what it brought? */
  hasAmounts(): boolean {
    return (
      this.database.table(LotEntity).one('WHERE paidMinor IS NOT NULL LIMIT 1') !== null ||
      this.database.table(EntryEntity).one('WHERE broughtMinor IS NOT NULL LIMIT 1') !== null
    );
  }

  lastLot(): number {
    return this.database.table(LotEntity).greatest('id');
  }

  piecesFrom(offset: number, most: number): PieceEntity[] {
    return this.database.table(PieceEntity).select('ORDER BY variant, lot, id LIMIT ? OFFSET ?', most, offset);
  }

  /** All that lies in a place and below it, at hand or not; what is on whole figures that stand there is theirs. */
  piecesIn(place: string): RunEntity[] {
    return this.database.table(RunEntity).select(
      `JOIN (WITH RECURSIVE below(id) AS (SELECT ? UNION SELECT place.id FROM place JOIN below ON place.parent = below.id WHERE place.kind <> 'donor')
         SELECT id FROM below) AS below ON below.id = run.placeId ORDER BY run.variant, run.id`,
      place,
    );
  }

  /** How many runs and pieces are at hand: counted anew only when something was moved since. */
  counts(): { readonly runs: number; readonly pieces: number } {
    const last = this.database.table(MovementEntity).greatest('id');
    if (this.counted?.last !== last) this.counted = { last, ...this.countNow() };
    return { runs: this.counted.runs, pieces: this.counted.pieces };
  }

  private countNow(): { readonly runs: number; readonly pieces: number } {
    const counts = this.database.prepare<{ runs: number; pieces: number }>(
      'SELECT COUNT(*) AS runs, COALESCE(SUM(quantity), 0) AS pieces FROM piece',
    );
    return counts.get() ?? { runs: 0, pieces: 0 };
  }

  /** The pieces of some variants. */
  piecesOf(variants: readonly string[]): PieceEntity[] {
    return this.database.table(PieceEntity).find({ where: { variant: variants }, order: { variant: 'ASC', id: 'ASC' } });
  }

  /** How many pieces there are of every variant that could serve somebody, donors left out, as it was written down. */
  stock(): readonly OwnedRun[] {
    return this.database
      .prepare<OwnedRun>(
        `SELECT lot.variant, SUM(balance.quantity) AS quantity FROM lot JOIN balance ON balance.lot = lot.id JOIN place ON place.id = balance.place
          WHERE balance.quantity > 0 AND place.kind IN ('made', 'bench', 'sealed', 'parcel', 'figure') GROUP BY lot.variant ORDER BY lot.variant`,
      )
      .all();
  }

  /** What is on whole figures that may be taken apart: each part with how many there are and the first figure that has it. */
  onDonors(): readonly (OwnedRun & { readonly donor: string })[] {
    return this.database
      .prepare<OwnedRun & { donor: string }>(
        `SELECT lot.variant, SUM(balance.quantity) AS quantity, MIN(place.path) AS donor FROM place JOIN balance ON balance.place = place.id
           JOIN lot ON lot.id = balance.lot
          WHERE place.kind = 'donor' AND place.keepWhole = 0 AND balance.quantity > 0 GROUP BY lot.variant ORDER BY lot.variant`,
      )
      .all();
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
