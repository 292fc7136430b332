import type { ChangeKind } from '@outfit/core';

/** What a person changes: each keeps its own line of undo and redo. */
export const SUBJECTS = ['look', 'figure', 'line-up', 'workroom', 'catalogue', 'wardrobe', 'market', 'ranking', 'ideas'] as const;
export type Subject = (typeof SUBJECTS)[number];

/** One row of the append-only log: a deed, with how its item was before and after it. */
export interface Change {
  readonly id: number;
  /** ISO 8601. */
  readonly at: string;
  readonly subject: Subject;
  readonly item: string;
  readonly kind: ChangeKind;
  readonly label: string;
  /** What within the item it was about, when the item is many things: "colours raven". */
  readonly about: string | null;
  /** The edit that an undo or redo is about. */
  readonly refersTo: number | null;
  /** Documents of the subject's own; null when there is nothing to go back to. */
  readonly before: unknown;
  readonly after: unknown;
}
