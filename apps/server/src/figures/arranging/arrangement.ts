import type { Brief } from '@outfit/core';
import type { LineUpPlan } from '@outfit/core/lineup';
import type { Document, Slice, Subject } from '../../platform/log/index.js';
import type { Spots } from '../record/index.js';

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

/** What a deed changed of line-ups and of who stands in them, as slices of the history: the line-ups first, then who stands how, then looks. */
export function slicesOf(before: Arrangement, after: Arrangement, lineUp: string | null): readonly Slice[] {
  const each = (subject: Subject, was: Arranged = {}, is: Arranged = {}): readonly Slice[] =>
    Object.entries(is).map(([item, state]) => ({ subject, item, before: was[item] ?? null, after: state }));
  const order = (subject: Subject, item: string, was?: readonly string[], is?: readonly string[]): readonly Slice[] =>
    is ? [{ subject, item, before: { order: was }, after: { order: is } }] : [];
  const [looksBefore, looksAfter] = [before, after].map(({ looks = {} }) =>
    Object.fromEntries(Object.entries(looks).map(([look, spots]) => [look, { spots }])),
  );
  return [
    ...each('line-up', before.lineUps, after.lineUps),
    ...each('stance', withoutBrief(before.figures), withoutBrief(after.figures)),
    ...each('figure', briefsOf(before.figures), briefsOf(after.figures)),
    ...each('look', looksBefore, looksAfter),
    ...order('order of figures', lineUp ?? '', before.order, after.order),
    ...order('order of line-ups', 'all', before.lineUpOrder, after.lineUpOrder),
  ];
}

type Arranged = Readonly<Record<string, Document>>;

const withoutBrief = (figures: Arrangement['figures'] = {}): Arranged =>
  Object.fromEntries(
    Object.entries(figures)
      .map(([id, { brief: _, ...stance }]) => [id, stance] as const)
      .filter(([, stance]) => Object.keys(stance).length > 0),
  );

const briefsOf = (figures: Arrangement['figures'] = {}): Arranged =>
  Object.fromEntries(Object.entries(figures).flatMap(([id, { brief }]) => (brief ? [[id, { brief }]] : [])));
