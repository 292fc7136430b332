/** Ages that decide how tall a figure should stand. */
export const AGE_BANDS = ['child', 'youth', 'adult', 'giant'] as const;
export type AgeBand = (typeof AGE_BANDS)[number];

/** The sizes of a toy line, in mm. Another line is another record. */
export interface System {
  readonly id: string;
  /** Length of the neck post, and how much of it the head wants and must have. */
  readonly neckPostMm: number;
  readonly headWantsMm: number;
  readonly headNeedsMm: number;
  /** Standing height wanted for each age band. */
  readonly bandHeightMm: Readonly<Record<AgeBand, number>>;
  /** How far a figure may be off its band before it shows. */
  readonly bandToleranceMm: number;
  /** The oldest year of age in each band, youngest band first; older ones are adults. */
  readonly bandsByAge: readonly { readonly band: AgeBand; readonly upTo: number }[];
  /** How far something may stand off the back before hair that hangs there is pushed up. */
  readonly backClearanceMm: number;
  /** Height of a usual torso and of a usual head. */
  readonly torsoMm: number;
  readonly headMm: number;
  /** Half the width and half the depth a figure stands on. */
  readonly footHalfWidthMm: number;
  readonly footHalfDepthMm: number;
  /** A figure that topples at a smaller tilt than this, in degrees, wants a stand. */
  readonly leastTilt: number;
  /** How far hands reach to the side and before the body, and how deep half the body is. */
  readonly handOutMm: number;
  readonly handForwardMm: number;
  /** How far a long thing in one hand leans outwards, in degrees. */
  readonly heldLean: number;
  readonly halfDepthMm: number;
  /** A piece worth more than this is named before its arms or hands are taken off, in minor units. */
  readonly riskFromMinor: number;
}

const TORSO_MM = 12.6;
const HEAD_MM = 8.8;
const TORSO_AND_HEAD_MM = TORSO_MM + HEAD_MM;

/** The demo toy line: child stands on short legs, youth on mid, adult on standard, a giant on plates besides. */
export const P40: System = {
  id: 'P40',
  neckPostMm: 4,
  headWantsMm: 2.4,
  headNeedsMm: 1.6,
  bandHeightMm: {
    child: TORSO_AND_HEAD_MM + 7.8,
    youth: TORSO_AND_HEAD_MM + 10.6,
    adult: TORSO_AND_HEAD_MM + 13,
    giant: TORSO_AND_HEAD_MM + 13 + 3.2,
  },
  bandToleranceMm: 1.2,
  bandsByAge: [
    { band: 'child', upTo: 12 },
    { band: 'youth', upTo: 17 },
  ],
  backClearanceMm: 1.2,
  footHalfWidthMm: 5.7,
  footHalfDepthMm: 3.5,
  torsoMm: TORSO_MM,
  headMm: HEAD_MM,
  leastTilt: 9,
  handOutMm: 6.7,
  handForwardMm: 3,
  heldLean: 40,
  halfDepthMm: 3.2,
  riskFromMinor: 1000,
};
