import { Column, Entity, JsonColumn, PrimaryColumn } from '../sqlite/index.js';

/** What a kind of job tells of itself is its own: whoever asks for its result knows what it is. */
const readOwn = (json: unknown): unknown => json;

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
  @JsonColumn(readOwn, { nullable: true }) progress: unknown;
  @JsonColumn(readOwn, { nullable: true }) result: unknown;
  @Column('text', { nullable: true }) error: string | null;
}
