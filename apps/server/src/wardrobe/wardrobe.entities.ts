import type { Certainty, Condition } from '@outfit/core';
import type { Defect } from '@outfit/core/wardrobe';
import { Column, Entity, PrimaryGeneratedColumn } from 'typeorm';

/** A run of alike pieces in one place that is at hand: a view over the ledger, which is written by its entries. */
@Entity('piece')
export class PieceEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') variant: string;
  @Column('integer') quantity: number;
  @Column('text') condition: Condition;
  @Column('text') place: string;
  @Column('text') note: string;
  @Column('text') addedAt: string;
  @Column('integer') lot: number;
  @Column('text') placeId: string;
  @Column('simple-json') defects: Defect[];
  @Column('text') certainty: Certainty;
  @Column('text', { nullable: true }) source: string | null;
  /** Whose it is; empty for one's own. */
  @Column('text') owner: string;
}

/** An owned whole figure, that may be taken apart unless it is kept whole. */
@Entity('donor')
export class DonorEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') officialFigure: string;
  @Column('text') place: string;
  @Column('text') note: string;
  @Column('boolean') keepWhole: boolean;
}
