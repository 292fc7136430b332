import type { Alteration, Certainty, Condition } from '@outfit/core';
import type { Defect } from '@outfit/core/wardrobe';

/** So many pieces of a part that came in. */
export interface DemoPiece {
  readonly variant: string;
  readonly quantity: number;
  readonly condition: Condition;
  readonly place: string;
  readonly note: string;
  readonly certainty?: Certainty;
  /** Whom it is borrowed from, and in how many days it has to go back. */
  readonly owner?: string;
  readonly dueInDays?: number;
  readonly paidMinor?: number;
}

/** An owned whole figure, with the official parts that are not on it. */
export interface DemoDonor {
  readonly officialFigure: string;
  readonly place: string;
  readonly keepWhole: boolean;
  readonly missing: readonly string[];
}

/** Pieces of a part that lie in a place, for something that is done with them. */
export interface DemoRun {
  readonly variant: string;
  readonly place: string;
  readonly quantity: number;
}

/** What was done in the wardrobe on a day, told by how long ago that is. */
export type DemoDeed = { readonly daysAgo: number; readonly sentence: string } & (
  | { readonly kind: 'came'; readonly pieces: readonly DemoPiece[] }
  | { readonly kind: 'whole figures'; readonly donors: readonly DemoDonor[] }
  | { readonly kind: 'sealed'; readonly name: string; readonly figure: string; readonly place: string }
  | { readonly kind: 'moved'; readonly run: DemoRun; readonly to: string }
  | { readonly kind: 'lent'; readonly run: DemoRun; readonly person: string; readonly dueInDays: number }
  | { readonly kind: 'sold'; readonly run: DemoRun; readonly broughtMinor: number }
  | { readonly kind: 'marked'; readonly run: DemoRun; readonly defect: Defect }
  | { readonly kind: 'altered'; readonly run: DemoRun; readonly alteration: Alteration }
);
