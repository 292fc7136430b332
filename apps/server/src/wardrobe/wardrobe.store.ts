import { Injectable } from '@nestjs/common';
import type { OwnedRun } from '@outfit/core';
import { Database } from '../platform/db/index.js';
import { DonorEntity, PieceEntity } from './wardrobe.entities.js';

/** Owned pieces and donors in their tables. */
@Injectable()
export class WardrobeStore {
  constructor(private readonly database: Database) {}

  pieces(): PieceEntity[] {
    return this.database.table(PieceEntity).find({ order: { variant: 'ASC', id: 'ASC' } });
  }

  /** The runs after one, in the order of `pieces`: for whoever goes through them some at a time. */
  piecesAfter({ variant, id }: Pick<PieceEntity, 'variant' | 'id'>, most: number): PieceEntity[] {
    return this.database
      .prepare('SELECT * FROM piece WHERE (variant, id) > (?, ?) ORDER BY variant, id LIMIT ?')
      .all(variant, id, most) as PieceEntity[];
  }

  piecesFrom(offset: number, most: number): PieceEntity[] {
    return this.database.prepare('SELECT * FROM piece ORDER BY variant, id LIMIT ? OFFSET ?').all(most, offset) as PieceEntity[];
  }

  counts(): { readonly runs: number; readonly pieces: number } {
    return this.database.prepare('SELECT COUNT(*) AS runs, COALESCE(SUM(quantity), 0) AS pieces FROM piece').get() as {
      runs: number;
      pieces: number;
    };
  }

  /** The pieces of some variants. */
  piecesOf(variants: readonly string[]): PieceEntity[] {
    return this.database.table(PieceEntity).find({ where: { variant: variants }, order: { variant: 'ASC', id: 'ASC' } });
  }

  /** How many pieces there are of every variant, as it was written down. */
  stock(): readonly OwnedRun[] {
    return this.database
      .prepare('SELECT variant, SUM(quantity) AS quantity FROM piece GROUP BY variant ORDER BY variant')
      .all() as OwnedRun[];
  }

  donors(): DonorEntity[] {
    return this.database.table(DonorEntity).find({ order: { id: 'ASC' } });
  }

  add(pieces: readonly Omit<PieceEntity, 'id'>[], donors: readonly Omit<DonorEntity, 'id'>[]): void {
    this.database.assertWriting();
    this.database.table(PieceEntity).insertAll(pieces);
    this.database.table(DonorEntity).insertAll(donors);
  }
}
