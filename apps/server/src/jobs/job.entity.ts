import { Column, Entity, PrimaryColumn } from 'typeorm';

export const JOB_STATES = ['running', 'done', 'stopped', 'failed', 'interrupted'] as const;
export type JobState = (typeof JOB_STATES)[number];

export const JOB_KINDS = ['errand', 'import', 'copies', 'cheaper'] as const;
export type JobKind = (typeof JOB_KINDS)[number];

/** A piece of long work. `result` holds the best so far and stays, whatever happens to the job; its shape is the kind's. */
@Entity('job')
export class JobEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') kind: JobKind;
  @Column('text') state: JobState;
  @Column('text') startedAt: string;
  @Column('text', { nullable: true }) endedAt: string | null;
  @Column('simple-json', { nullable: true }) progress: unknown;
  @Column('simple-json', { nullable: true }) result: unknown;
  @Column('text', { nullable: true }) error: string | null;
}
