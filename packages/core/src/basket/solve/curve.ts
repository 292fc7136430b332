import { type Decision, type Found, priceDecision } from '../decision/index.js';
import { buildModel, type ExactResult, type ModelQuestion, solveExactly } from '../model/index.js';
import { indexMarket, type ReducedMarket, startingWorth } from '../reduce/index.js';
import { searchBaskets } from '../search/index.js';
import { shortageOf } from './filling.js';

/** What a trip of at most so many parcels comes to. */
export interface CurvePoint {
  readonly parcels: number;
  readonly moneyMinor: number;
  readonly shortageMinor: number;
  readonly gap: number;
}

export interface CurveEffort {
  readonly gap: number;
  /** Called with every plan that is met. */
  onDecision(decision: Decision): void;
  /** Seconds for one point. */
  readonly seconds: number;
  isOver(): boolean;
}

/** Given away to the tolerance of the solver before a bound is rounded up to whole minor units. */
const TOLERANCE_MINOR = 0.01;

/** Points at most; a plan of many parcels is asked about at evenly spread numbers. */
const MOST_POINTS = 8;
/** Changes the search tries for one point. */
const SEARCH_TRIES = 6000;

/**
 * What a trip comes to with at most so many parcels, from the fewest that leave no more unfilled than the plan does up to one less
 * than the plan's own number; none where the same cannot be had in fewer. Null when time ran out before that was known.
 */
export async function parcelsCurve(market: ReducedMarket, plan: Found, effort: CurveEffort): Promise<readonly CurvePoint[] | null> {
  const own = plan.priced.parcels.length;
  const maxShortageMinor = shortageOf(plan.priced.short, market);
  if (own <= 1) return [];
  const solve = async (question: ModelQuestion, start: Decision | null, gap: number): Promise<ExactResult> =>
    solveExactly(buildModel(market, question), start, {
      gap,
      seconds: effort.seconds,
      shouldStop: () => effort.isOver(),
      onProgress: () => undefined,
    });
  const { decision: fewest } = await solve({ fewestParcels: true, maxShortageMinor }, null, 0);
  if (!fewest || effort.isOver()) return null;
  const least = priceDecision(market, fewest).parcels.length;
  const points: CurvePoint[] = [];
  for (const parcels of spread(least, own - 1)) {
    if (effort.isOver()) break;
    const start = soundOf(
      market,
      [search(market, plan.decision, parcels, effort), ...(parcels === least ? [fewest] : [])],
      parcels,
      maxShortageMinor,
    );
    const { decision: found, bound } = await solve({ maxParcels: parcels, maxShortageMinor }, start, effort.gap);
    const best = soundOf(market, [...(found ? [found] : []), ...(start ? [start] : [])], parcels, maxShortageMinor);
    if (!best) continue;
    // A plan of so few parcels is a plan like any other: where it is cheaper than the plan, it is the plan.
    effort.onDecision(best);
    const { costMinor, short } = priceDecision(market, best);
    const shortageMinor = shortageOf(short, market);
    const moneyMinor = costMinor - shortageMinor;
    const gap = moneyMinor <= 0 ? 0 : Math.min(1, Math.max(0, (moneyMinor - Math.ceil(bound - TOLERANCE_MINOR)) / moneyMinor));
    const before = points.at(-1);
    // More parcels allowed never cost more than fewer.
    points.push(before && before.moneyMinor <= moneyMinor ? { ...before, parcels } : { parcels, moneyMinor, shortageMinor, gap });
  }
  return points.length === 0 && least < own ? null : points;
}

/** A plan of at most so many parcels by search, begun from the plan that has more. */
function search(market: ReducedMarket, start: Decision, maxParcels: number, effort: CurveEffort): Decision {
  const { problem } = market;
  const index = indexMarket({ ...market, problem: { ...problem, rules: { ...problem.rules, maxParcels } } });
  return searchBaskets(index, { tries: SEARCH_TRIES, worth: startingWorth(index), halt: () => effort.isOver(), start });
}

/** The cheapest of some decisions that keeps all rules, so many parcels and so few left unfilled; null when none does. */
function soundOf(market: ReducedMarket, decisions: readonly Decision[], maxParcels: number, maxShortageMinor: number): Decision | null {
  let best: { readonly decision: Decision; readonly costMinor: number } | null = null;
  for (const decision of decisions) {
    const { costMinor, faults, parcels, short } = priceDecision(market, decision);
    if (faults > 0 || parcels.length > maxParcels || shortageOf(short, market) > maxShortageMinor) continue;
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
