import type { BasketProblem } from '@outfit/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** One shopping trip planned for a look; its plan is the result of its job. */
@Entity('errand')
export class ErrandEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') figure: string;
  @Column('text') look: string;
  @Column('integer') copies: number;
  @Column('text') createdAt: string;
  @Column('text') job: string;
  @Column('simple-json') problem: BasketProblem;
}
