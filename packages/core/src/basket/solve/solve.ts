import { lagrangianBound } from '../bound/index.js';
import { type Decision, emptyDecision, type Found, type PricedDecision, priceDecision } from '../decision/index.js';
import { buildModel, solveExactly } from '../model/index.js';
import type { BasketPlan, BasketProblem, PlanStatus } from '../problem/index.js';
import { indexMarket, type MarketIndex, type ReducedMarket, reduceMarket, startingWorth } from '../reduce/index.js';
import { cheapestEach, searchBaskets } from '../search/index.js';
import { type CurvePoint, parcelsCurve } from './curve.js';
import { whatBinds, whyInfeasible } from './reasons.js';
import { ruleCost, setRules } from './ruleCosts.js';

export const SOLVE_PHASES = ['searching', 'bounding', 'proving', 'comparing'] as const;

/** How far a solve has come. Money in minor units; null until there is a plan or a bound. */
export interface SolveProgress {
  readonly phase: (typeof SOLVE_PHASES)[number];
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

export interface SolveOptions {
  /** Once the plan stands, work out what each rule costs, the fewest parcels and the curve of cost against parcels. */
  readonly comparisons: boolean;
}

/** What a plan is worth knowing beside: each rule's price, fewest parcels, the curve. Left out, the plan stands alone. */
const ALONE: SolveOptions = { comparisons: false };

/**
 * Solves a basket problem that passed its schema and `problemFaults`: reduction, a search for a first plan, a Lagrangian
 * bound, then the exact model started from the plan and stopped at the gap asked for. The result is never dearer than
 * the search's plan or than cheapest-each where that keeps the rules; `boundMinor` is never above the optimum.
 */
export async function solveBasket(
  problem: BasketProblem,
  control: SolveControl,
  options: SolveOptions = { comparisons: true },
): Promise<BasketPlan> {
  return new Solve(problem, control).run(options);
}

class Solve {
  private readonly market: ReducedMarket;
  private readonly index: MarketIndex;
  private readonly startedAt: number;
  /** Rows that make solving long: offers and needs. */
  private readonly size: number;
  private readonly isLarge: boolean;
  private best: Found | null = null;
  private boundMinor: number;
  private isBounded = false;
  private cheapestEachMinor: number | null = null;
  private curve: readonly CurvePoint[] = [];

  constructor(
    private readonly problem: BasketProblem,
    private readonly control: SolveControl,
  ) {
    this.startedAt = control.now();
    this.market = reduceMarket(problem);
    this.index = indexMarket(this.market);
    this.boundMinor = mostCredit(this.market);
    this.size = this.index.offerSeller.length + this.market.needs.length;
    this.isLarge = this.size > LARGE_FROM_ROWS;
  }

  async run({ comparisons }: SolveOptions): Promise<BasketPlan> {
    this.tell('searching');
    const each = cheapestEach(this.index);
    this.cheapestEachMinor = each?.priced.costMinor ?? null;
    if (each) this.offer(each.decision);

    const worth = this.searchAndBound();
    if (this.isLarge && !this.isDone()) await this.proveInPart(worth);
    const hasTime = !this.isLarge || this.elapsed() < this.problem.effort.seconds * LATEST_START;
    const exact = !this.isDone() && hasTime ? await this.prove() : null;
    const plan = this.best ? this.plan() : this.nothing(exact?.outcome === 'infeasible');
    if (!comparisons || this.control.shouldStop()) return this.told(plan);
    this.tell('comparing');
    const rules = await this.ruleCosts(plan);
    if (this.best) await this.drawCurve(this.best);
    return this.told({ ...(this.best ? this.plan(plan.status) : plan), reasons: [...plan.reasons, ...rules] });
  }

  /**
   * Search and bound by turns, each round longer than the last, until the gap is reached or both have had their share of
   * the time. What the bound says a part is worth helps the search to judge bundles. Returns that worth.
   */
  private searchAndBound(): Float64Array {
    const { effort } = this.problem;
    const halt = (): boolean => this.control.shouldStop() || this.isDone() || this.elapsed() > effort.seconds * SEARCH_SHARE;
    let worth = startingWorth(this.index);
    const rounds = this.isLarge ? SEARCH_ROUNDS : 1;
    for (let round = 0; round < rounds && (round === 0 || !halt()); round += 1) {
      const tries = Math.min(MOST_TRIES, Math.ceil((400 + TRIES_PER_ROW * this.size) * 2 ** (round + 1 - rounds)));
      const start = round === 0 ? undefined : this.best?.decision;
      this.offer(
        searchBaskets(this.index, {
          tries,
          worth,
          halt,
          seed: round,
          onBetter: (decision) => this.offer(decision),
          ...(start && { start }),
        }),
      );
      this.tell('bounding');
      if (this.isLarge) worth = this.bound(worth, halt);
    }
    return worth;
  }

  private bound(start: Float64Array, halt: () => boolean): Float64Array {
    const { boundMinor, multipliers } = lagrangianBound(this.index, {
      rounds: BOUND_ROUNDS,
      bestMinor: this.best?.priced.costMinor ?? 0,
      start,
      halt,
      onBound: (value) => {
        this.raise(value);
        this.tell('bounding');
      },
    });
    this.raise(boundMinor);
    return multipliers;
  }

  /**
   * The model with lots in part: the solver cuts it far better than whole lots. Its bound holds for whole lots too, and
   * its plans say which sellers to look at; the search makes sound plans of them.
   */
  private async proveInPart(worth: Float64Array): Promise<void> {
    const { effort } = this.problem;
    const nearby: Decision[] = [];
    const until = effort.seconds * PART_SHARE;
    const built = buildModel(this.market, { inPart: true });
    const { bound, decision } = await solveExactly(built, this.best?.decision ?? null, {
      gap: effort.gap,
      seconds: until - this.elapsed(),
      shouldStop: () => this.control.shouldStop() || this.isDone() || this.elapsed() > until,
      onProgress: (_, value) => {
        this.raise(value);
        this.tell('bounding');
      },
      onDecision: (found) => nearby.push(found),
    });
    this.raise(bound);
    if (decision) nearby.push(decision);
    for (const start of nearby.slice(-3).reverse()) {
      if (this.isDone() || this.control.shouldStop()) return;
      const polished = searchBaskets(this.index, {
        tries: MOST_TRIES / 3,
        worth,
        start,
        halt: () => this.isDone() || this.control.shouldStop() || this.elapsed() > effort.seconds,
        onBetter: (better) => this.offer(better),
      });
      this.offer(polished);
    }
  }

  private async prove() {
    const { effort } = this.problem;
    const exact = await solveExactly(buildModel(this.market), this.best?.decision ?? null, {
      gap: effort.gap,
      seconds: effort.seconds - this.elapsed(),
      shouldStop: () => this.control.shouldStop() || this.isDone() || this.elapsed() > effort.seconds,
      onProgress: (_, bound) => {
        this.raise(bound);
        this.tell('proving');
      },
      onDecision: (decision) => this.offer(decision),
    });
    if (exact.decision) this.offer(exact.decision);
    if (exact.outcome !== 'infeasible') this.raise(exact.bound);
    return exact;
  }

  private told(plan: BasketPlan): BasketPlan {
    this.control.onPlan(plan);
    return plan;
  }

  /** Time for comparisons: some more than the plan itself was given, so that small trips are always compared. */
  private hasTimeToCompare = (): boolean => !this.control.shouldStop() && this.elapsed() < this.problem.effort.seconds + COMPARING_SECONDS;

  /** What each rule costs, by solving without it. */
  private async ruleCosts(plan: BasketPlan): Promise<readonly string[]> {
    const sentences: string[] = [];
    for (const rule of setRules(this.problem)) {
      if (!this.hasTimeToCompare()) break;
      const effort = { gap: this.problem.effort.gap, seconds: COMPARING_SECONDS / 4 };
      const without = await solveBasket({ ...rule.without, effort }, this.quietly(), ALONE);
      const sentence = ruleCost(rule, plan, without);
      if (sentence !== null) sentences.push(sentence);
    }
    return sentences;
  }

  /** The same clock and stop for a side question, whose plans and progress nobody is told. */
  private quietly(): SolveControl {
    return {
      now: () => this.control.now(),
      shouldStop: () => !this.hasTimeToCompare(),
      onProgress: () => undefined,
      onPlan: () => undefined,
    };
  }

  private async drawCurve(best: Found): Promise<void> {
    this.curve = await parcelsCurve(this.market, best, {
      gap: this.problem.effort.gap,
      isOver: () => !this.hasTimeToCompare(),
      seconds: COMPARING_SECONDS / 4,
    });
  }

  /** Is the gap asked for reached? A plan that costs nothing or earns has no gap in per cent: it is done when proven. */
  private isDone(): boolean {
    if (!this.best) return false;
    const { costMinor } = this.best.priced;
    return this.boundMinor >= costMinor || (costMinor > 0 && gapOf(costMinor, this.boundMinor) <= this.problem.effort.gap);
  }

  private elapsed(): number {
    return Math.round((this.control.now() - this.startedAt) * 1000) / 1000;
  }

  private raise(bound: number): void {
    if (!Number.isFinite(bound)) return;
    this.isBounded = true;
    this.boundMinor = Math.max(this.boundMinor, Math.ceil(bound - TOLERANCE_MINOR));
  }

  /** Takes a decision if it breaks no rule and costs less than the best. */
  private offer(decision: Decision): void {
    const priced = priceDecision(this.market, decision);
    if (priced.faults > 0 || (this.best && priced.costMinor >= this.best.priced.costMinor)) return;
    this.best = { decision, priced };
    this.control.onPlan(this.plan('stopped'));
  }

  private tell(phase: SolveProgress['phase']): void {
    const bestMinor = this.best?.priced.costMinor ?? null;
    this.control.onProgress({
      phase,
      bestMinor,
      boundMinor: this.isBounded ? this.boundMinor : null,
      gap: bestMinor === null || !this.isBounded ? null : gapOf(bestMinor, this.boundMinor),
      seconds: this.elapsed(),
    });
  }

  private plan(status?: PlanStatus): BasketPlan {
    const priced = this.best?.priced ?? nothingPriced(this.market);
    const boundMinor = Math.min(priced.costMinor, this.boundMinor);
    const gap = gapOf(priced.costMinor, boundMinor);
    return {
      status: status ?? (boundMinor === priced.costMinor ? 'proven' : this.isDone() ? 'within-gap' : 'stopped'),
      costMinor: priced.costMinor,
      boundMinor,
      gap,
      seconds: this.elapsed(),
      paidMinor: priced.paidMinor,
      parcels: priced.parcels,
      fills: priced.fills,
      short: priced.short,
      leftovers: priced.leftovers,
      // A plan on the way says what it costs; what it may be compared with and what binds it is said of the last one.
      compared: {
        cheapestEachMinor: this.cheapestEachMinor,
        fewestParcelsMinor: this.curve[0]?.costMinor ?? null,
        curve: this.curve,
      },
      reasons: status === undefined ? whatBinds(this.market, priced) : [],
    };
  }

  private nothing(isInfeasible: boolean): BasketPlan {
    const plan = this.plan(isInfeasible ? 'infeasible' : 'stopped');
    return {
      ...plan,
      boundMinor: 0,
      gap: 0,
      short: [],
      reasons: isInfeasible ? whyInfeasible(this.market) : ['No plan was found in the time given.'],
    };
  }
}

const nothingPriced = (market: ReducedMarket): PricedDecision => ({ ...priceDecision(market, emptyDecision), costMinor: 0, paidMinor: 0 });

/** The least any plan can cost without looking further: nothing paid, and every leftover sold. */
const mostCredit = ({ resale, problem }: ReducedMarket): number =>
  -Math.ceil([...resale.values()].reduce((all, row) => all + row.valueMinor * row.upTo, 0) * problem.rules.resaleShare);

/** Every cost is whole minor units, so a bound may be rounded up; solver tolerance is given away first. */
const TOLERANCE_MINOR = 0.01;

/** Seconds that comparing may take beyond the time for the plan. */
const COMPARING_SECONDS = 12;

/** Shares of the time that search and bound may take at most; proving needs the rest. */
const SEARCH_SHARE = 0.25;
const PART_SHARE = 0.7;
/** A large model takes seconds to build and presolve: it is not begun when the time is nearly over. */
const LATEST_START = 0.8;
const TRIES_PER_ROW = 6;
const MOST_TRIES = 120_000;
/** Small problems are proven before a bound by relaxation would pay. */
const LARGE_FROM_ROWS = 600;
const SEARCH_ROUNDS = 4;
const BOUND_ROUNDS = 500;

const gapOf = (cost: number, bound: number): number => (cost <= 0 ? 0 : Math.max(0, (cost - bound) / cost));
