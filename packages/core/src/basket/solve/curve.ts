import { type Decision, type Found, priceDecision } from '../decision/index.js';
import { buildModel, type ExactResult, type ModelQuestion, solveExactly } from '../model/index.js';
import { indexMarket, type ReducedMarket, startingWorth } from '../reduce/index.js';
import { searchBaskets } from '../search/index.js';
import { answers, shortageOf } from './filling.js';

/** What a trip of at most so many parcels comes to: what is paid, and what counts against it besides. */
export interface CurvePoint {
  readonly parcels: number;
  readonly paidMinor: number;
  readonly besideMinor: number;
  readonly gap: number;
}

export interface CurveEffort {
  /** What every point must come up to: as much stands and is filled as by the plan. */
  readonly asMuch: ModelQuestion;
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
 * What a trip comes to with at most so many parcels, from the fewest by which as much stands and is filled as by the plan up to one less
 * than the plan's own number; none where the same cannot be had in fewer. Null when time ran out before that was known.
 */
export async function parcelsCurve(market: ReducedMarket, plan: Found, effort: CurveEffort): Promise<readonly CurvePoint[] | null> {
  const own = plan.priced.parcels.length;
  if (own <= 1) return [];
  const solve = async (question: ModelQuestion, start: Decision | null, gap: number): Promise<ExactResult> =>
    solveExactly(buildModel(market, question), start, {
      gap,
      seconds: effort.seconds,
      shouldStop: () => effort.isOver(),
      onProgress: () => undefined,
    });
  const { decision: fewest } = await solve({ ...effort.asMuch, fewestParcels: true }, null, 0);
  if (!fewest || effort.isOver()) return null;
  const least = priceDecision(market, fewest).parcels.length;
  const points: CurvePoint[] = [];
  for (const parcels of spread(least, own - 1)) {
    if (effort.isOver()) break;
    const start = soundOf(market, [search(market, plan.decision, parcels, effort), ...(parcels === least ? [fewest] : [])], {
      ...effort.asMuch,
      maxParcels: parcels,
    });
    const { decision: found, bound } = await solve({ ...effort.asMuch, maxParcels: parcels }, start, effort.gap);
    const best = soundOf(market, [...(found ? [found] : []), ...(start ? [start] : [])], { ...effort.asMuch, maxParcels: parcels });
    if (!best) continue;
    // A plan of so few parcels is a plan like any other: where it is cheaper than the plan, it is the plan.
    effort.onDecision(best);
    const { costMinor, paidMinor, short } = priceDecision(market, best);
    const moneyMinor = costMinor - shortageOf(short, market);
    const gap = moneyMinor <= 0 ? 0 : Math.min(1, Math.max(0, (moneyMinor - Math.ceil(bound - TOLERANCE_MINOR)) / moneyMinor));
    const before = points.at(-1);
    // More parcels allowed never cost more than fewer.
    const isDearer = before && before.paidMinor + before.besideMinor <= moneyMinor;
    points.push(isDearer ? { ...before, parcels } : { parcels, paidMinor, besideMinor: moneyMinor - paidMinor, gap });
  }
  return points.length === 0 && least < own ? null : points;
}

/** A plan of at most so many parcels by search, begun from the plan that has more. */
function search(market: ReducedMarket, start: Decision, maxParcels: number, effort: CurveEffort): Decision {
  const { problem } = market;
  const index = indexMarket({ ...market, problem: { ...problem, rules: { ...problem.rules, maxParcels } } });
  return searchBaskets(index, { tries: SEARCH_TRIES, worth: startingWorth(index), halt: () => effort.isOver(), start });
}

/** The cheapest of some decisions that keeps all rules and comes up to a question; null when none does. */
function soundOf(market: ReducedMarket, decisions: readonly Decision[], question: ModelQuestion): Decision | null {
  let best: { readonly decision: Decision; readonly costMinor: number } | null = null;
  for (const decision of decisions) {
    const priced = priceDecision(market, decision);
    if (!answers(priced, question, market)) continue;
    if (!best || priced.costMinor < best.costMinor) best = { decision, costMinor: priced.costMinor };
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
