import type { ChangeKind } from '@outfit/core';

/** The lines of undo: what a page is about, each with an Undo and a Redo of its own. */
export const LINES = ['look', 'figure', 'line-up', 'workroom', 'catalogue', 'wardrobe', 'market', 'ranking', 'ideas', 'settings'] as const;
export type Line = (typeof LINES)[number];

/** A line of undo: what its page is about, and which of them. */
export interface LineOf {
  readonly line: Line;
  readonly item: string;
}

/**
 * What a deed changes: every kind of thing that can be put back, with the line of undo it stands in wherever it was done; null
 * for what stands in the line of the page alone. An area registers how each of its own is put back.
 */
export const SUBJECTS = {
  look: 'look',
  figure: 'figure',
  stance: null,
  'line-up': null,
  'order of figures': null,
  'order of line-ups': null,
  entry: null,
  place: null,
  lot: null,
  pin: null,
  photograph: null,
  consumable: null,
  parcel: null,
  session: null,
  catalogue: null,
  market: null,
  choice: null,
  idea: null,
  owed: null,
  poll: null,
  settings: 'settings',
} as const satisfies Readonly<Record<string, Line | null>>;
export type Subject = keyof typeof SUBJECTS;

/** A state of something, as a document of its area's own; null where it is not there. */
export type Document = Readonly<Record<string, unknown>>;

/** What a deed changed of one thing. */
export interface Slice {
  readonly subject: Subject;
  readonly item: string;
  readonly before: Document | null;
  readonly after: Document | null;
}

/** One row of the append-only log. */
export interface Change extends LineOf {
  readonly id: number;
  /** ISO 8601. */
  readonly at: string;
  readonly kind: ChangeKind;
  readonly label: string;
  /** What within the item it was about, when the item is many things: "colours raven". */
  readonly about: string | null;
  /** The edit that an undo or redo is about. */
  readonly refersTo: number | null;
}
