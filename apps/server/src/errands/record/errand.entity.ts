import type { Adjustments, BasketProblem } from '@outfit/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';
import type { ErrandSettingsDto } from '../errands.dto.js';

/** A look an errand shops for. Looks of one group are never shown together. */
export interface StoredLine {
  readonly figure: string;
  readonly look: string;
  readonly copies: number;
  readonly group: string | null;
}

/** One shopping trip planned for some looks; its plan is the result of its job. `scope` is the figure or line-up it was begun from. */
@Entity('errand')
export class ErrandEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') scope: string;
  @Column('text') title: string;
  /** What the person calls it; null while it goes by its title. */
  @Column('text', { nullable: true }) name: string | null;
  /** When it was put in the bin; null while it stands. */
  @Column('text', { nullable: true }) removedAt: string | null;
  @Column('simple-json') lines: readonly StoredLine[];
  @Column('simple-json') settings: ErrandSettingsDto;
  @Column('simple-json') adjustments: Adjustments;
  @Column('text') createdAt: string;
  @Column('text') job: string;
  @Column('simple-json') problem: BasketProblem;
  /** Errands in the order they were planned; a clock may go back, this does not. */
  @Column('integer') ordinal: number;
  /** Offers ticked off while shopping. */
  @Column('simple-json') ticked: readonly string[];
}
