import type { BasketPlan } from '@outfit/core';
import type { SolveProgress } from '@outfit/core/basket';
import { Column, Entity, PrimaryColumn } from 'typeorm';

export const JOB_STATES = ['running', 'done', 'stopped', 'failed', 'interrupted'] as const;
export type JobState = (typeof JOB_STATES)[number];

/** A piece of long work. `result` holds the best plan so far and stays, whatever happens to the job. */
@Entity('job')
export class JobEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') kind: 'errand';
  @Column('text') state: JobState;
  @Column('text') startedAt: string;
  @Column('text', { nullable: true }) endedAt: string | null;
  @Column('simple-json', { nullable: true }) progress: SolveProgress | null;
  @Column('simple-json', { nullable: true }) result: BasketPlan | null;
  @Column('text', { nullable: true }) error: string | null;
}
