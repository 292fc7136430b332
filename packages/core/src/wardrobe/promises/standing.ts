import type { SpotServed } from './book.js';

/** What a figure waits for. */
export const STANDINGS = ['wanting', 'waiting', 'ready to build', 'built', 'to be changed'] as const;
export type Standing = (typeof STANDINGS)[number];

/** A figure's standing, with how many pieces it lacks and how many are not at hand yet. */
export interface FigureStanding {
  readonly standing: Standing;
  readonly toBuy: number;
  readonly onTheirWay: number;
}

/**
 * What a figure waits for: *wanting* while pieces are to buy, *waiting* while some are sealed or on their way, *ready to build* when all are
 * at hand, *built* when all are on it. One that holds pieces its chosen look does not want is *to be changed*; half of it built is still
 * to be built. Null when its look is empty.
 *
 * @param holds pieces that are built into it, wanted or not
 */
export function standingOfFigure(served: readonly SpotServed[], copies: number, holds: number): FigureStanding | null {
  if (served.length === 0) return null;
  const toBuy = served.reduce((all, spot) => all + spot.lacks, 0);
  const count = (test: (reach: string) => boolean): number =>
    served.reduce((all, spot) => all + spot.given.reduce((sum, { run, quantity }) => sum + (test(run.reach) ? quantity : 0), 0), 0);
  const onTheirWay = count((reach) => reach === 'sealed' || reach === 'coming');
  const built = count((reach) => reach === 'built');
  const isWhole = built === served.length * copies;
  if (isWhole && holds === built) return { standing: 'built', toBuy: 0, onTheirWay: 0 };
  if (holds > built) return { standing: 'to be changed', toBuy, onTheirWay };
  return { standing: toBuy > 0 ? 'wanting' : onTheirWay > 0 ? 'waiting' : 'ready to build', toBuy, onTheirWay };
}
