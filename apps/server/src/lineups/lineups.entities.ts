import { Column, Entity, PrimaryGeneratedColumn } from '../platform/sqlite/index.js';
import type { Outcome } from '@outfit/core/lineup';

/** A pair that was compared: never thrown away, only put aside. */
@Entity('pair_choice')
export class ChoiceEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') lineUp: string;
  @Column('text') who: string;
  @Column('text') first: string;
  @Column('text') second: string;
  @Column('text') outcome: Outcome;
  @Column('text') at: string;
  @Column('text', { nullable: true }) removedAt: string | null;
}

export const LINE_UP_ENTITIES = [ChoiceEntity];
