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

export type View = 'front' | 'back';

/** A mould's outline and inner lines for each view. `outline` clips the prints; without it nothing is printed. */
export interface Silhouette {
  readonly front: readonly Shape[];
  readonly back: readonly Shape[];
  readonly outline?: string;
}

/** Orders of depth shared by all parts of the front view; the back view has its own. */
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
