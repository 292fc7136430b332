/** What a worker may do with the row of its own job. */
import type { Tables } from '../sqlite/index.js';
import { JobEntity } from './job.entity.js';

/**
 * Writes down, in the very transaction that does the work, that it is done: whoever asks after a power cut hears what became of it, and
 * not that nothing was done.
 */
export const endJob = (tables: Tables, id: string, result: unknown, endedAt: string): void =>
  void tables.table(JobEntity).update({ id }, { state: 'done', result, endedAt });
