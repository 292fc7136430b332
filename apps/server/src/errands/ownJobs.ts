import { workerBeside } from '../platform/jobs/index.js';
import type { JobKind } from '../platform/jobs/index.js';

const closedWords = (what: string): string => `Outfit was closed while this ran. ${what}`;
const KEPT = 'What was worked out so far is kept.';

/** The kinds of long work that errands are made of. */
export const ERRAND_JOBS = {
  errand: {
    kind: 'errand',
    worker: workerBeside(import.meta.url, 'solving/basket.worker'),
    words: {
      closed: closedWords('The best plan so far is kept.'),
      broken: 'The solver broke off. The best plan so far, if any, is kept; try again.',
    },
  },
  copies: {
    kind: 'copies',
    worker: workerBeside(import.meta.url, 'solving/series.worker'),
    words: { closed: closedWords(KEPT), broken: `The solver broke off. ${KEPT} Try again.` },
  },
  cheaper: {
    kind: 'cheaper',
    worker: workerBeside(import.meta.url, 'solving/series.worker'),
    words: { closed: closedWords(KEPT), broken: `The solver broke off. ${KEPT} Try again.` },
  },
} as const satisfies Record<string, JobKind>;

/** What the results of an errand's jobs belong to, by which they are found again. */
export const ownerOf = (errand: string): string => `errand ${errand}`;
