import { type Feature, WEIGHT_POINTS } from '../../brief/index.js';

/** A must answered less than half counts as missed, as a must that is less than half visible does. */
const MUST_NEEDS = 0.5;
/** A missed must caps the score here. */
const CAP = 60;

export const pointsOf = (feature: Feature): number => WEIGHT_POINTS[feature.weight];

export const isMissed = (feature: Feature, s: number): boolean => feature.weight === 'must' && s < MUST_NEEDS;

/** What lacks parts cannot be more like its brief than this: it is not even a figure yet. */
const CAP_LACKING = 90;

/** What holds a score down beside its wishes: a missed must, parts that are lacking. */
export interface Held {
  readonly missed: boolean;
  readonly lacking: boolean;
}

/** 100 · Σ w·s / Σ w, held at 60 while a must is missed and at 90 while parts are lacking; 100 when nothing is asked, whatever lacks. */
export function scoreOf(points: number, most: number, { missed, lacking }: Held): number {
  if (most === 0) return 100;
  return Math.min((100 * points) / most, missed ? CAP : 100, lacking ? CAP_LACKING : 100);
}
