import type { Alteration, Certainty, Condition } from '@outfit/core';
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
  @Column('simple-json') alterations: Alteration[];
  @Column('text') certainty: Certainty;
  @Column('text', { nullable: true }) source: string | null;
  /** Whose it is; empty for one's own. */
  @Column('text') owner: string;
  /** The day it has to go back to whom it was borrowed from. */
  @Column('text', { nullable: true }) dueOn: string | null;
}
