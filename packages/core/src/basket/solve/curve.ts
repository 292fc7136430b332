import { type Decision, type Found, priceDecision } from '../decision/index.js';
import { buildModel, type ModelQuestion, solveExactly } from '../model/index.js';
import type { BasketPlan } from '../problem/index.js';
import { indexMarket, type ReducedMarket, startingWorth } from '../reduce/index.js';
import { searchBaskets } from '../search/index.js';

export type CurvePoint = BasketPlan['compared']['curve'][number];

export interface CurveEffort {
  readonly gap: number;
  /** Seconds for one point. */
  readonly seconds: number;
  isOver(): boolean;
}

/** Points at most; a plan of many parcels is asked about at evenly spread numbers. */
const MOST_POINTS = 8;
/** Changes the search tries for one point. */
const SEARCH_TRIES = 6000;

/**
 * What a plan costs with at most so many parcels, from the fewest that leave no more unfilled than the plan does up to
 * the plan's own number. Empty when time ran out before the fewest were known.
 */
export async function parcelsCurve(market: ReducedMarket, plan: Found, effort: CurveEffort): Promise<readonly CurvePoint[]> {
  const own = plan.priced.parcels.length;
  const maxShort = plan.priced.short.reduce((all, row) => all + row.quantity, 0);
  const last = { parcels: own, costMinor: plan.priced.costMinor };
  if (own <= 1) return [last];
  const solve = async (question: ModelQuestion, start: Decision | null, gap: number): Promise<Decision | null> => {
    const { decision } = await solveExactly(buildModel(market, question), start, {
      gap,
      seconds: effort.seconds,
      shouldStop: () => effort.isOver(),
      onProgress: () => undefined,
    });
    return decision;
  };
  const fewest = await solve({ fewestParcels: true, maxShort }, null, 0);
  if (!fewest || effort.isOver()) return [];
  const least = priceDecision(market, fewest).parcels.length;
  const points: CurvePoint[] = [];
  for (const parcels of spread(least, own - 1)) {
    if (effort.isOver()) break;
    const start = soundOf(
      market,
      [searched(market, plan.decision, parcels, effort), ...(parcels === least ? [fewest] : [])],
      parcels,
      maxShort,
    );
    const found = await solve({ maxParcels: parcels, maxShort }, start, effort.gap);
    const best = soundOf(market, [...(found ? [found] : []), ...(start ? [start] : [])], parcels, maxShort);
    if (!best) continue;
    points.push({ parcels, costMinor: Math.min(priceDecision(market, best).costMinor, points.at(-1)?.costMinor ?? Infinity) });
  }
  return [...points, last];
}

/** A plan of at most so many parcels by search, begun from the plan that has more. */
function searched(market: ReducedMarket, start: Decision, maxParcels: number, effort: CurveEffort): Decision {
  const { problem } = market;
  const index = indexMarket({ ...market, problem: { ...problem, rules: { ...problem.rules, maxParcels } } });
  return searchBaskets(index, { tries: SEARCH_TRIES, worth: startingWorth(index), halt: () => effort.isOver(), start });
}

/** The cheapest of some decisions that keeps all rules, so many parcels and so few left unfilled; null when none does. */
function soundOf(market: ReducedMarket, decisions: readonly Decision[], maxParcels: number, maxShort: number): Decision | null {
  let best: { readonly decision: Decision; readonly costMinor: number } | null = null;
  for (const decision of decisions) {
    const { costMinor, faults, parcels, short } = priceDecision(market, decision);
    const missing = short.reduce((all, row) => all + row.quantity, 0);
    if (faults > 0 || parcels.length > maxParcels || missing > maxShort) continue;
    if (!best || costMinor < best.costMinor) best = { decision, costMinor };
  }
  return best?.decision ?? null;
}

/** Whole numbers from `from` to `to`, evenly thinned to the most points. */
function spread(from: number, to: number): readonly number[] {
  const count = Math.min(MOST_POINTS - 1, to - from + 1);
  if (count <= 0) return [];
  if (count === 1) return [from];
  return [...new Set(Array.from({ length: count }, (_, i) => Math.round(from + (i * (to - from)) / (count - 1))))];
}
