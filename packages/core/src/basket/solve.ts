import { emptyDecision, priceDecision, type PricedDecision } from './assemble.js';
import { buildModel } from './basketModel.js';
import { solveExactly } from './exact.js';
import { cheapestEach, searchSellers } from './heuristic.js';
import { reduceMarket, type ReducedMarket } from './market.js';
import type { BasketPlan, PlanStatus } from './plan.js';
import type { BasketProblem } from './problem.js';
import { whyInfeasible, whatBinds } from './reasons.js';

/** How far a solve has come. Money in minor units; null until there is a plan or a bound. */
export interface SolveProgress {
  readonly phase: 'comparing' | 'searching' | 'proving';
  readonly bestMinor: number | null;
  readonly boundMinor: number | null;
  readonly gap: number | null;
  readonly seconds: number;
}

export interface SolveControl {
  /** Seconds on any clock; only differences are used. */
  now(): number;
  shouldStop(): boolean;
  onProgress(progress: SolveProgress): void;
  /** Called with every better plan, so that a stop or a crash keeps the best. */
  onPlan(plan: BasketPlan): void;
}

/**
 * Solves a basket problem that passed its schema, `problemFaults` and `unsupported`. Reduction, a search over sellers,
 * then the exact model bounded by it. The result is never dearer than the search's plan or than cheapest-each where
 * that keeps the rules; `boundMinor` is never above the optimum.
 */
export async function solveBasket(problem: BasketProblem, control: SolveControl): Promise<BasketPlan> {
  const startedAt = control.now();
  const elapsed = (): number => Math.round((control.now() - startedAt) * 1000) / 1000;
  const market = reduceMarket(problem);
  const searchSeconds = problem.effort.seconds * SEARCH_SHARE;
  const each = cheapestEach(market);
  const cheapestEachMinor = each?.priced.costMinor ?? null;
  const progress = (phase: SolveProgress['phase'], best: number | null, bound: number | null): void =>
    control.onProgress({
      phase,
      bestMinor: best,
      boundMinor: bound,
      gap: best === null || bound === null ? null : gapOf(best, bound),
      seconds: elapsed(),
    });
  progress('comparing', null, null);

  const planOf = (priced: PricedDecision, status: PlanStatus, boundMinor: number): BasketPlan => ({
    status,
    costMinor: priced.costMinor,
    boundMinor,
    gap: gapOf(priced.costMinor, boundMinor),
    seconds: elapsed(),
    paidMinor: priced.paidMinor,
    parcels: priced.parcels,
    fills: priced.fills,
    short: priced.short,
    leftovers: priced.leftovers,
    compared: { cheapestEachMinor, fewestParcelsMinor: null, curve: [] },
    reasons: status === 'infeasible' ? whyInfeasible(market) : whatBinds(market, priced),
  });
  const byHand = each && soundest(market, [each.decision]);
  if (byHand) control.onPlan(planOf(byHand.priced, 'stopped', 0));
  let best = soundest(market, [
    searchSellers(market, () => control.shouldStop() || elapsed() > searchSeconds).decision,
    ...(each ? [each.decision] : []),
  ]);
  if (best) control.onPlan(planOf(best.priced, 'stopped', 0));
  progress('searching', best?.priced.costMinor ?? null, null);

  const exact = await solveExactly(buildModel(market), best?.decision ?? null, {
    gap: problem.effort.gap,
    seconds: problem.effort.seconds - elapsed(),
    shouldStop: () => control.shouldStop(),
    onProgress: (_, bound) => progress('proving', best?.priced.costMinor ?? null, wholeBound(bound)),
  });
  if (exact.decision) best = soundest(market, [exact.decision, ...(best ? [best.decision] : [])]);
  if (!best) {
    const nothing = priceDecision(market, emptyDecision);
    return exact.outcome === 'infeasible'
      ? planOf({ ...nothing, costMinor: 0, paidMinor: 0 }, 'infeasible', 0)
      : planOf({ ...nothing, costMinor: 0 }, 'stopped', 0);
  }
  const bound = Math.min(best.priced.costMinor, wholeBound(exact.bound));
  const gap = gapOf(best.priced.costMinor, bound);
  const plan = planOf(best.priced, gap === 0 ? 'proven' : gap <= problem.effort.gap ? 'within-gap' : 'stopped', bound);
  control.onPlan(plan);
  return plan;
}

/** The cheapest of the decisions that break no rule. */
function soundest(market: ReducedMarket, decisions: readonly Parameters<typeof priceDecision>[1][]) {
  let best: { decision: (typeof decisions)[number]; priced: PricedDecision } | null = null;
  for (const decision of decisions) {
    const priced = priceDecision(market, decision);
    if (priced.faults === 0 && (!best || priced.costMinor < best.priced.costMinor)) best = { decision, priced };
  }
  return best;
}

/** Every cost is whole minor units, so a bound may be rounded up; solver tolerance is given away first. */
const wholeBound = (bound: number): number => (Number.isFinite(bound) ? Math.max(0, Math.ceil(bound - TOLERANCE_MINOR)) : 0);
const TOLERANCE_MINOR = 0.01;
/** The search may take this share of the time; proving needs the rest. */
const SEARCH_SHARE = 0.02;

const gapOf = (cost: number, bound: number): number => (cost <= 0 ? 0 : Math.max(0, (cost - bound) / cost));
