import type { Alteration } from '../figure/index.js';
import type { BodyPart } from './joints.js';

/** Where a piece lies before anything is done: in a place that is opened, on the figure's own tray, or on a body. */
export type PieceSource =
  | { readonly kind: 'place'; readonly id: string; readonly path: string }
  | { readonly kind: 'tray' }
  | { readonly kind: 'body'; readonly body: string };

/** A piece of a figure that is built. */
export interface BenchPiece extends BodyPart {
  readonly turned: boolean;
  /** What is still to be done to it, in this order. */
  readonly alterations: readonly Alteration[];
  readonly from: PieceSource;
}

/** One figure that is to stand there in the end; of copies, one of them. */
export interface BenchCopy {
  readonly id: string;
  /** The figure it is a copy of: copies have one tray. */
  readonly figure: string;
  readonly name: string;
  readonly pieces: readonly BenchPiece[];
}

/** A whole figure, or a figure that is built otherwise, with what is on it now. */
export interface BenchBody {
  readonly id: string;
  readonly name: string;
  /** Where it stands. */
  readonly path: string;
  readonly parts: readonly BodyPart[];
  /** The copy it becomes; null for one that only gives something. */
  readonly becomes: string | null;
}

/** Where a piece goes in a step. */
export type Stop =
  | { readonly kind: 'tray'; readonly figure: string }
  /** Beside, to go back in the same block of steps. */
  | { readonly kind: 'aside' }
  | { readonly kind: 'body'; readonly body: string }
  | { readonly kind: 'copy'; readonly copy: string }
  | { readonly kind: 'away' };

export interface PieceMove {
  readonly piece: string;
  readonly to: Stop;
}

export const STEP_KINDS = ['fetch', 'take apart', 'put back', 'put away', 'alter', 'build', 'look'] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** What to mind before a step. One of an id is told once in a session. */
export interface Caution {
  readonly id: string;
  readonly title: string;
  readonly text: string;
  /** The part it is about, so that another piece of it or another part can be taken instead; null when it is about the work. */
  readonly variant: string | null;
}

/** One thing to do at the bench: as a line of the list, and as a sentence with what helps. */
export interface BenchStep {
  readonly kind: StepKind;
  /** The pieces it is about. */
  readonly pieces: readonly string[];
  /** Where they go in it; nothing for what moves nothing. */
  readonly moves: readonly PieceMove[];
  readonly title: string;
  readonly sentence: string;
  readonly hint: string | null;
  readonly cautions: readonly Caution[];
  /** What is done to the pieces of a step that alters; null for others. */
  readonly alteration: Alteration | null;
  /** The figure it builds; null for what is done for several or on other bodies. */
  readonly figure: string | null;
}
