/**
 * What fills a shape: a colour of the variant (`c0` …) or of the motif (`m0` …), the tint of an inner line,
 * a flat shade, a flat light, white, or nothing.
 */
export type Fill = `c${0 | 1 | 2}` | `m${0 | 1 | 2}` | 'shade' | 'light' | 'ink' | 'white' | 'none';

/**
 * One path of a silhouette or motif, in tenths of a millimetre, y downwards, relative to the part's own origin.
 * `z` orders shapes of all parts together; `line` draws an outer line, a thinner inner one in the tint of `lineOf`,
 * or none; `mirror` repeats the path on the other side.
 */
export interface Shape {
  readonly d: string;
  readonly fill: Fill;
  readonly z?: number;
  readonly line?: 'outer' | 'inner' | 'stroke';
  /** Stroke width in tenths of a mm for `stroke` lines, which are drawn in the fill's colour. */
  readonly width?: number;
  readonly lineOf?: Fill;
  readonly mirror?: boolean;
  readonly opacity?: number;
}

/** The sides a figure is looked at from; *left* is the figure's own left. */
export const VIEWS = ['front', 'back', 'left', 'right'] as const;
export type View = (typeof VIEWS)[number];

/**
 * A mould's outline and inner lines from each side. `side` is drawn as seen from the figure's left, facing left; the
 * right is its mirror. Where it is missing the front serves: the thing looks alike all round. `outline` and
 * `sideOutline` clip the prints; without them nothing is printed.
 */
export interface Silhouette {
  readonly front: readonly Shape[];
  readonly back: readonly Shape[];
  readonly side?: readonly Shape[];
  /** The figure's right side, still drawn facing left, where it differs from the left. */
  readonly rightSide?: readonly Shape[];
  readonly outline?: string;
  readonly sideOutline?: string;
}

/** A thing that looks alike from everywhere. */
export const allRound = (shapes: readonly Shape[]): Silhouette => ({ front: shapes, back: shapes });

/** Orders of depth shared by all parts, the same in every view. */
export const Z = {
  farBehind: 0,
  behind: 4,
  legs: 10,
  arms: 15,
  neckPost: 18,
  torso: 20,
  waist: 24,
  held: 31,
  hands: 33,
  neck: 36,
  head: 40,
  headgear: 50,
  front: 60,
} as const;
