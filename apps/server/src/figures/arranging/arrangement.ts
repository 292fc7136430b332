import type { Brief, LookPart } from '@outfit/core';
import type { LineUpPlan } from '@outfit/core/lineup';

/** What of a figure its line-up can change. Of its brief only the fields that change: what was written since stays. */
export interface Stance {
  readonly lineUp?: string;
  readonly place?: number;
  readonly role?: string;
  readonly faction?: string;
  readonly free?: readonly string[];
  readonly brief?: Partial<Brief>;
  readonly removedAt?: string | null;
}

/** The parts of a look at some spots; null where there is none. What is worn elsewhere stays. */
export type Spots = Readonly<Record<string, LookPart | null>>;

/**
 * What of line-ups and of who stands in them a deed changed, before or after it: the history keeps that and no more.
 */
export interface Arrangement {
  /** The figures of the line-up, in their order. */
  readonly order?: readonly string[];
  /** The line-ups of the workspace, in their order. */
  readonly lineUpOrder?: readonly string[];
  readonly lineUps?: Readonly<
    Record<string, { readonly name?: string; readonly plan?: LineUpPlan | null; readonly removedAt?: string | null }>
  >;
  readonly figures?: Readonly<Record<string, Stance>>;
  readonly looks?: Readonly<Record<string, Spots>>;
}
