import type { Position } from '../../anatomy/index.js';
import type { Variant } from '../../catalogue/index.js';
import type { CheckId } from '../marks.js';
import type { CheckSets } from './checkSets.js';

/** Where a candidate is wanted: a position, and the place in its stack. */
export interface Spot {
  readonly position: Position;
  readonly place?: number | undefined;
}

/** The ranked variants of a position, the best first, as columns: they cross from a worker without being copied. */
export interface CandidateRanking {
  /** Rows of `catalogue.data.variants`. */
  readonly rows: Uint32Array;
  /** Where each would be anchored, as a place in `POSITIONS`. */
  readonly anchors: Uint8Array;
  readonly gains: Float64Array;
  /** Gain less penalties: what the order goes by. */
  readonly ranks: Float64Array;
  /** Problems raised and settled. */
  readonly raises: CheckSets;
  readonly settles: CheckSets;
  readonly blocked: Uint8Array;
  /** The row that is worn already, or −1. */
  readonly worn: number;
}

/** One variant for a position, and what the look becomes with it on. */
export interface Candidate {
  readonly variant: Variant;
  readonly position: Position;
  readonly worn: boolean;
  readonly likenessGain: number;
  readonly raises: readonly CheckId[];
  readonly settles: readonly CheckId[];
  readonly rank: number;
  readonly blocked: boolean;
  readonly owned: number;
  /** None lies loose, and one may come off a donor. */
  readonly isOnDonor: boolean;
  readonly landedMinor: number | null;
}
