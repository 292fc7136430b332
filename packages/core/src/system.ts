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
}

const TORSO_AND_HEAD_MM = 12.6 + 8.8;

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
};
