import type { Condition } from '@outfit/core';
import { Column, Entity, PrimaryGeneratedColumn } from 'typeorm';

/** An owned physical part, or a run of alike ones in one place. */
@Entity('piece')
export class PieceEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') variant: string;
  @Column('integer') quantity: number;
  @Column('text') condition: Condition;
  @Column('text') place: string;
  @Column('text') note: string;
  @Column('text') addedAt: string;
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
