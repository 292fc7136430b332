import { type Position, POSITIONS } from './positions.js';

/** Ages that decide how tall a figure should stand. */
export const AGE_BANDS = ['child', 'youth', 'adult', 'giant'] as const;
export type AgeBand = (typeof AGE_BANDS)[number];

/** A toy line: which positions its figures have, and its sizes in mm. Another line is another record. */
export interface System {
  readonly id: string;
  readonly name: string;
  /** The positions a figure of this line has, from the top down, and those it cannot stand or be built without. */
  readonly positions: readonly Position[];
  readonly needs: readonly Position[];
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

/** The measures of a system, which a person may set, with the words they are asked by and between what they lie. */
export const SYSTEM_MEASURES = [
  ['torsoMm', 'Torso', 1, 100, 'mm'],
  ['headMm', 'Head', 1, 100, 'mm'],
  ['neckPostMm', 'Neck post', 0, 50, 'mm'],
  ['headWantsMm', 'The head sits well on', 0, 50, 'mm'],
  ['headNeedsMm', 'The head holds on', 0, 50, 'mm'],
  ['bandToleranceMm', 'Height may be off by', 0, 50, 'mm'],
  ['backClearanceMm', 'Hair clears the back by', 0, 50, 'mm'],
  ['footHalfWidthMm', 'Feet, half width', 0.5, 100, 'mm'],
  ['footHalfDepthMm', 'Feet, half depth', 0.5, 100, 'mm'],
  ['halfDepthMm', 'Body, half depth', 0.5, 100, 'mm'],
  ['handOutMm', 'Hands stand out by', 0, 100, 'mm'],
  ['handForwardMm', 'Hands reach forward by', 0, 100, 'mm'],
  ['heldLean', 'A long thing in hand leans by', 0, 90, '°'],
  ['leastTilt', 'It must stand when tilted by', 0, 45, '°'],
] as const satisfies readonly (readonly [keyof System, string, number, number, string])[];
export type SystemMeasure = (typeof SYSTEM_MEASURES)[number][0];

/** The demo toy line: child stands on short legs, youth on mid, adult on standard, a giant on plates besides. */
export const P40: System = {
  id: 'P40',
  name: 'Jointed figures, 40 mm',
  positions: POSITIONS,
  needs: ['head', 'torso', 'arm.L', 'arm.R', 'hand.L', 'hand.R', 'hips', 'leg.L', 'leg.R'],
  neckPostMm: 4,
  headWantsMm: 2.4,
  headNeedsMm: 1.6,
  // Torso and head are 21.4; legs 7.8, 10.6 and 13.0; a giant stands on plates of 3.2.
  bandHeightMm: { child: 29.2, youth: 32, adult: 34.4, giant: 37.6 },
  bandToleranceMm: 1.2,
  bandsByAge: [
    { band: 'child', upTo: 12 },
    { band: 'youth', upTo: 17 },
  ],
  backClearanceMm: 1.2,
  footHalfWidthMm: 5.7,
  footHalfDepthMm: 3.5,
  torsoMm: 12.6,
  headMm: 8.8,
  leastTilt: 9,
  handOutMm: 6.7,
  handForwardMm: 3,
  heldLean: 40,
  halfDepthMm: 3.2,
  riskFromMinor: 1000,
};
