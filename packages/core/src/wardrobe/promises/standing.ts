import type { SpotServed } from './book.js';

/** What keeps a figure from being built though every piece of it is at hand: parts its look lacks, a mark that blocks. */
const HINDRANCES = ['unfinished', 'blocked'] as const;
export type Hindrance = (typeof HINDRANCES)[number];

/** What a figure waits for. */
export const STANDINGS = ['wanting', 'waiting', ...HINDRANCES, 'ready to build', 'built', 'to be changed'] as const;
export type Standing = (typeof STANDINGS)[number];

/** A figure's standing, with how many pieces it lacks and how many are not at hand yet. */
export interface FigureStanding {
  readonly standing: Standing;
  readonly toBuy: number;
  readonly onTheirWay: number;
}

/**
 * What a figure waits for: *wanting* while pieces are to buy, *waiting* while some are sealed or on their way, *unfinished* or *blocked* when
 * all are at hand and its look cannot be built, else *ready to build*, *built* when all are on it. One that holds pieces its chosen look does not want is *to be changed*; half of it built is still
 * to be built. Null when its look is empty.
 *
 * @param holds pieces that are built into it, wanted or not
 * @param hindrance what keeps its look from being built; asked only where nothing else does
 */
export function standingOfFigure(
  served: readonly SpotServed[],
  copies: number,
  holds: number,
  hindrance: () => Hindrance | null = () => null,
): FigureStanding | null {
  if (served.length === 0) return null;
  const toBuy = served.reduce((all, spot) => all + spot.lacks, 0);
  const count = (test: (reach: string) => boolean): number =>
    served.reduce((all, spot) => all + spot.given.reduce((sum, { run, quantity }) => sum + (test(run.reach) ? quantity : 0), 0), 0);
  const onTheirWay = count((reach) => reach === 'sealed' || reach === 'coming');
  const built = count((reach) => reach === 'built');
  const isWhole = built === served.length * copies;
  if (isWhole && holds === built) return { standing: 'built', toBuy: 0, onTheirWay: 0 };
  if (holds > built) return { standing: 'to be changed', toBuy, onTheirWay };
  const isHere = toBuy === 0 && onTheirWay === 0;
  if (isHere) return { standing: hindrance() ?? 'ready to build', toBuy, onTheirWay };
  return { standing: toBuy > 0 ? 'wanting' : 'waiting', toBuy, onTheirWay };
}
