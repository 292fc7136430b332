import { Column, Entity, PrimaryColumn } from 'typeorm';

export const JOB_STATES = ['running', 'done', 'stopped', 'failed', 'interrupted'] as const;
export type JobState = (typeof JOB_STATES)[number];

/** A piece of long work. `result` holds the best so far and stays, whatever happens to the job; its shape is the kind's. */
@Entity('job')
export class JobEntity {
  @PrimaryColumn('text') id: string;
  /** One of the kinds that areas registered. */
  @Column('text') kind: string;
  /** What its result belongs to, by which it can be found again; null for what is only looked at once and then swept. */
  @Column('text', { nullable: true }) owner: string | null;
  @Column('text') state: JobState;
  @Column('text') startedAt: string;
  @Column('text', { nullable: true }) endedAt: string | null;
  @Column('simple-json', { nullable: true }) progress: unknown;
  @Column('simple-json', { nullable: true }) result: unknown;
  @Column('text', { nullable: true }) error: string | null;
}
