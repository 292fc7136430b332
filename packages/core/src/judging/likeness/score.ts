import type { Feature, Weight } from '../../brief/index.js';

const POINTS: Record<Weight, number> = { must: 4, want: 2, nice: 1 };
/** A must answered less than half counts as missed, as a must that is less than half visible does. */
const MUST_NEEDS = 0.5;
/** A missed must caps the score here. */
const CAP = 60;

export const pointsOf = (feature: Feature): number => POINTS[feature.weight];

export const isMissed = (feature: Feature, s: number): boolean => feature.weight === 'must' && s < MUST_NEEDS;

/** 100 · Σ w·s / Σ w, held at 60 while a must is missed; 100 when nothing is asked. */
export function scoreOf(points: number, most: number, missed: boolean): number {
  const uncapped = most === 0 ? 100 : (100 * points) / most;
  return missed ? Math.min(CAP, uncapped) : uncapped;
}
