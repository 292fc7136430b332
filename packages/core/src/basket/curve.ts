import { priceDecision, type Decision, type Found } from './assemble.js';
import { buildModel } from './basketModel.js';
import { solveExactly } from './exact.js';
import type { ReducedMarket } from './market.js';
import type { BasketPlan } from './plan.js';

export type CurvePoint = BasketPlan['compared']['curve'][number];

export interface CurveEffort {
  readonly gap: number;
  /** Seconds for one point. */
  readonly seconds: number;
  isOver(): boolean;
}

/** Points at most; a plan of many parcels is asked about at evenly spread numbers. */
const MOST_POINTS = 8;

/**
 * What a plan costs with at most so many parcels, from the fewest that leave no more unfilled than the plan does up to
 * the plan's own number. Empty when time ran out before the fewest were known.
 */
export async function parcelsCurve(market: ReducedMarket, plan: Found, effort: CurveEffort): Promise<readonly CurvePoint[]> {
  const own = plan.priced.parcels.length;
  const maxShort = plan.priced.short.reduce((all, row) => all + row.quantity, 0);
  const last = { parcels: own, costMinor: plan.priced.costMinor };
  if (own <= 1) return [last];
  const solve = async (question: Parameters<typeof buildModel>[1], gap: number): Promise<Decision | null> => {
    const { decision } = await solveExactly(buildModel(market, question), null, {
      gap,
      seconds: effort.seconds,
      shouldStop: () => effort.isOver(),
      onProgress: () => undefined,
    });
    return decision;
  };
  const fewest = await solve({ fewestParcels: true, maxShort }, 0);
  if (!fewest || effort.isOver()) return [];
  const least = priceDecision(market, fewest).parcels.length;
  const points: CurvePoint[] = [];
  for (const parcels of spread(least, own - 1)) {
    if (effort.isOver()) break;
    const decision = await solve({ maxParcels: parcels, maxShort }, effort.gap);
    if (!decision) continue;
    const { costMinor, faults } = priceDecision(market, decision);
    if (faults === 0) points.push({ parcels, costMinor: Math.min(costMinor, points.at(-1)?.costMinor ?? Infinity) });
  }
  return [...points, last];
}

/** Whole numbers from `from` to `to`, evenly thinned to the most points. */
function spread(from: number, to: number): readonly number[] {
  const count = Math.min(MOST_POINTS - 1, to - from + 1);
  if (count <= 0) return [];
  if (count === 1) return [from];
  return [...new Set(Array.from({ length: count }, (_, i) => Math.round(from + (i * (to - from)) / (count - 1))))];
}
