import { Ascent, lagrangianBound } from '../bound/index.js';
import type { Decision, Found } from '../decision/index.js';
import { buildModel, type ModelQuestion, solveExactly } from '../model/index.js';
import type { BasketPlan, BasketProblem, Reason, PlanStatus } from '../problem/index.js';
import { indexMarket, type MarketIndex, type ReducedMarket, startingWorth } from '../reduce/index.js';
import { cheapestEach, searchBaskets } from '../search/index.js';
import { parcelsCurve } from './curve.js';
import { decisionOf } from './again.js';
import { Best, TOLERANCE_MINOR } from './best.js';
import { closeIn } from './closingIn.js';
import { ALONE, type SolveControl, type SolveOptions, type SolveProgress } from './control.js';
import { oneByOne } from './oneByOne.js';
import { ruleCosts } from './ruleCosts.js';
import {
  COMPARING_SECONDS,
  SEARCH_SHARE,
  ONE_BY_ONE_SHARE,
  STANDING_SHARE,
  SHORTAGE_SHARE,
  CLOSE_IN_SHARE,
  CLOSE_IN_SHARE_OF_BOUND_TRIPS,
  PART_SHARE,
  LATEST_START,
  TRIES_PER_ROW,
  MOST_TRIES,
  LARGE_FROM_ROWS,
  ROUND_SHARES,
  SMALL_SHARE,
  BOUND_ROUNDS,
} from './shares.js';
import { marketStillOpen } from './stillOpen.js';

/**
 * Solves a basket problem that passed its schema and `problemFaults`: reduction, a search for a first plan, a Lagrangian
 * bound, closing in from both sides (`closeIn`), then the exact model of all that is still open, started
 * from the plan and stopped at the gap asked for. Under `standFirst` the most that can stand, under `fillFirst` the least shortage is found
 * and proven by itself, and money is minimised among the plans that have it (basket problem, *Standing first*, *Filling first*). The result is never dearer than
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
  private readonly best: Best;
  constructor(
    private readonly problem: BasketProblem,
    private readonly control: SolveControl,
  ) {
    this.startedAt = control.now();
    this.best = new Best(problem);
    this.market = this.best.market;
    this.index = indexMarket(this.market);
    this.size = this.index.offerSeller.length + this.market.needs.length;
    this.isLarge = this.size > LARGE_FROM_ROWS;
  }

  async run({ comparisons, last }: SolveOptions): Promise<BasketPlan> {
    this.tell('searching');
    const each = cheapestEach(this.index);
    this.best.cheapestEach = each;
    if (each) this.offer(each.decision);
    if (last) this.offer(decisionOf(last, this.market));

    this.search(0, startingWorth(this.index));
    if (this.problem.rules.standFirst) {
      this.standOneByOne();
      await this.settleWorth();
    }
    if (this.problem.rules.fillFirst) await this.settleShortage();
    const worth = this.searchAndBound();
    const isOver = (): boolean => this.control.shouldStop() || this.best.isDone();
    const ascent = this.isLarge && !isOver() ? Ascent.from(this.index, worth) : null;
    if (ascent) await this.closeIn(ascent);
    if (ascent && !isOver()) await this.proveInPart(ascent, worth);
    const hasTime = !this.isLarge || this.elapsedMs() < this.problem.effort.seconds * LATEST_START;
    const exact = !this.best.isDone() && hasTime ? await this.prove(ascent) : null;
    const plan = this.best.found ? this.plan() : this.best.nothing(this.elapsedMs(), exact?.outcome === 'infeasible');
    if (!comparisons || this.control.shouldStop()) return this.showPlan(plan);
    this.tell('comparing');
    const rules = await this.ruleCosts(plan);
    if (!this.best.found) return this.showPlan({ ...plan, reasons: [...plan.reasons, ...rules] });
    await this.drawCurve(this.best.found);
    const compared = this.plan();
    return this.showPlan({ ...compared, reasons: [...compared.reasons, ...rules] });
  }

  /** Begins with wholes that stand, where the search did not let all of them: what a model finds is told only once it has found something. */
  private standOneByOne(): void {
    if (this.best.isStandingSettled()) return;
    const until = this.elapsedMs() + this.problem.effort.seconds * ONE_BY_ONE_SHARE;
    oneByOne(this.problem, {
      isOver: () => this.control.shouldStop() || this.elapsedMs() > until,
      offer: (decision) => {
        this.offer(decision);
        return this.best.standingWorth();
      },
    });
  }

  /** What wholes that stand can count at most: proven by a model that asks for nothing else, where not all stand by the first plan. */
  private async settleWorth(): Promise<void> {
    if (this.best.isStandingSettled()) return;
    const bound = await this.settle({ mostStanding: true }, this.elapsedMs() + this.problem.effort.seconds * STANDING_SHARE);
    if (bound !== null) this.best.mostWorth = Math.min(this.best.mostWorth, Math.floor(TOLERANCE_MINOR - bound));
  }

  /**
   * The least shortage the rules allow: none when a plan is short of nothing, else proven by a model that asks for nothing but it, of plans
   * by which as much stands. A bound of it is kept where time runs out.
   */
  private async settleShortage(): Promise<void> {
    if (this.best.shortage() === 0) return;
    const bound = await this.settle({ ...this.asManyStand(), leastShortage: true }, this.problem.effort.seconds * SHORTAGE_SHARE);
    if (bound !== null) this.best.leastShortage = Math.max(0, Math.ceil(bound - TOLERANCE_MINOR));
  }

  /** Asks for what comes before money; the bound of what is asked for, or null where there is none. Ends at a time of the whole solve. */
  private async settle(question: ModelQuestion, until: number): Promise<number | null> {
    const { bound, decision, outcome } = await solveExactly(buildModel(this.market, question), this.best.found?.decision ?? null, {
      gap: 0,
      seconds: until - this.elapsedMs(),
      shouldStop: () => this.control.shouldStop() || this.elapsedMs() > until,
      onProgress: () => this.tell('searching'),
      onDecision: (found) => this.offer(found),
    });
    if (decision) this.offer(decision);
    return outcome !== 'infeasible' && Number.isFinite(bound) ? bound : null;
  }

  /** The question of plans by which as much stands as by the best one. */
  private asManyStand(): ModelQuestion {
    return this.problem.rules.standFirst && this.best.found ? { leastStandingWorth: this.best.standingWorth() } : {};
  }

  /** The question of least money among plans by which as much stands and is filled as by the best one. */
  private asMuch(): ModelQuestion {
    const fills = this.problem.rules.fillFirst && this.best.found ? { maxShortageMinor: this.best.shortage() } : {};
    return { ...this.asManyStand(), ...fills };
  }

  /**
   * Search and bound by turns, each round longer than the last, until the gap is reached or both have had their share of
   * the time. What the bound says a part is worth helps the search to judge bundles. Returns that worth.
   */
  private searchAndBound(): Float64Array {
    const { effort } = this.problem;
    const halt = (): boolean => this.control.shouldStop() || this.best.isDone() || this.elapsedMs() > effort.seconds * SEARCH_SHARE;
    let worth = startingWorth(this.index);
    const rounds = this.isLarge ? ROUND_SHARES.length : 1;
    for (let round = 0; round < rounds; round += 1) {
      if (round > 0 && halt()) break;
      if (round > 0) this.search(round, worth);
      this.tell('bounding');
      if (this.isLarge) worth = this.bound(worth, halt);
    }
    return worth;
  }

  /** One round of the search, longer than the one before; the first begins with what is known, later ones stay near the best. */
  private search(round: number, worth: Float64Array): void {
    const { effort } = this.problem;
    const share = this.isLarge ? (ROUND_SHARES[round] ?? 1) : SMALL_SHARE;
    const tries = Math.min(MOST_TRIES, Math.ceil((400 + TRIES_PER_ROW * this.size) * share));
    const start = round === 0 ? undefined : this.best.found?.decision;
    this.offer(
      searchBaskets(this.index, {
        tries,
        worth,
        halt: () => this.control.shouldStop() || this.best.isDone() || this.elapsedMs() > effort.seconds * SEARCH_SHARE,
        seed: round,
        onBetter: (decision) => this.offer(decision),
        ...(start && { start }),
      }),
    );
  }

  private bound(start: Float64Array, halt: () => boolean): Float64Array {
    const { boundMinor, multipliers } = lagrangianBound(this.index, {
      rounds: BOUND_ROUNDS,
      bestMinor: this.best.found?.priced.costMinor ?? 0,
      start,
      halt,
      onBound: (value) => {
        this.best.raise(value);
        this.tell('bounding');
      },
    });
    this.best.raise(boundMinor);
    return multipliers;
  }

  /** Closes the gap from both sides; the rest of the time is left to exact models, more of it where rules of the whole trip escape the bound. */
  private async closeIn(root: Ascent): Promise<void> {
    const { rules, effort, needs } = this.problem;
    const isTripBound = rules.budgetMinor !== null || needs.some((need) => need.sameSeller);
    const until = effort.seconds * (isTripBound ? CLOSE_IN_SHARE_OF_BOUND_TRIPS : CLOSE_IN_SHARE);
    await closeIn(this.index, this.best, root, this.asMuch(), {
      now: () => this.elapsedMs(),
      isOver: () => this.control.shouldStop() || this.best.isDone() || this.elapsedMs() > until,
      onProgress: (phase) => this.tell(phase),
      offer: (decision) => this.offer(decision),
    });
  }

  /**
   * The model with lots in part: the solver cuts it far better than whole lots. Its bound holds for whole lots too, and
   * its plans say which sellers to look at; the search makes sound plans of them.
   */
  private async proveInPart(ascent: Ascent, worth: Float64Array): Promise<void> {
    const { effort } = this.problem;
    const nearby: Decision[] = [];
    const until = effort.seconds * PART_SHARE;
    const question = { ...this.asMuch(), inPart: true };
    const built = buildModel(this.stillOpen(ascent), question);
    const { bound, decision } = await solveExactly(built, this.best.found?.decision ?? null, {
      gap: this.best.gapFor(question),
      seconds: until - this.elapsedMs(),
      shouldStop: () => this.control.shouldStop() || this.best.isDone() || this.elapsedMs() > until,
      onProgress: (_, value) => {
        this.best.raiseBy(question, value);
        this.tell('bounding');
      },
      onDecision: (found) => nearby.push(found),
    });
    this.best.raiseBy(question, bound);
    if (decision) nearby.push(decision);
    for (const start of nearby.slice(-3).reverse()) {
      if (this.best.isDone() || this.control.shouldStop()) return;
      const polished = searchBaskets(this.index, {
        tries: MOST_TRIES / 3,
        worth,
        start,
        halt: () => this.best.isDone() || this.control.shouldStop() || this.elapsedMs() > effort.seconds,
        onBetter: (better) => this.offer(better),
      });
      this.offer(polished);
    }
  }

  /**
   * The market without what no better plan buys, while it is proven how much can be filled. What a model proves of it
   * holds of the whole market up to the cost of the best plan.
   */
  private stillOpen(ascent: Ascent): ReducedMarket {
    const { found } = this.best;
    return found && this.best.isSettled() ? marketStillOpen(this.index, found, ascent.losses()) : this.market;
  }

  private async prove(ascent: Ascent | null) {
    const { effort } = this.problem;
    const question = this.asMuch();
    const exact = await solveExactly(
      buildModel(ascent ? this.stillOpen(ascent) : this.market, question),
      this.best.found?.decision ?? null,
      {
        gap: this.best.gapFor(question),
        seconds: effort.seconds - this.elapsedMs(),
        shouldStop: () => this.control.shouldStop() || this.best.isDone() || this.elapsedMs() > effort.seconds,
        onProgress: (_, bound) => {
          this.best.raiseBy(question, bound);
          this.tell('proving');
        },
        onDecision: (decision) => this.offer(decision),
      },
    );
    if (exact.decision) this.offer(exact.decision);
    if (exact.outcome !== 'infeasible') this.best.raiseBy(question, exact.bound);
    return exact;
  }

  private showPlan(plan: BasketPlan): BasketPlan {
    this.control.onPlan(plan);
    return plan;
  }

  /** Time for comparisons: some more than the plan itself was given, so that small trips are always compared. */
  private hasTimeToCompare = (): boolean =>
    !this.control.shouldStop() && this.elapsedMs() < this.problem.effort.seconds + COMPARING_SECONDS;

  private ruleCosts(plan: BasketPlan): Promise<readonly Reason[]> {
    const effort = { gap: this.problem.effort.gap, seconds: COMPARING_SECONDS / 4 };
    return ruleCosts(this.problem, plan, {
      isOver: () => !this.hasTimeToCompare(),
      // What keeps the rule is a plan without it too: that is where planning without it begins.
      solve: (without) =>
        solveBasket({ ...without, effort }, this.quietly(), { ...ALONE, ...(plan.status !== 'infeasible' && { last: plan }) }),
    });
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
    this.best.curve = await parcelsCurve(this.market, best, {
      gap: this.problem.effort.gap,
      asMuch: { ...this.asMuch(), maxShortageMinor: this.best.shortage() },
      isOver: () => !this.hasTimeToCompare(),
      seconds: COMPARING_SECONDS / 4,
      onDecision: (decision) => this.offer(decision),
    });
  }

  private elapsedMs(): number {
    return Math.round((this.control.now() - this.startedAt) * 1000) / 1000;
  }

  private offer(decision: Decision): void {
    if (this.best.offer(decision)) this.control.onPlan(this.plan('stopped'));
  }

  private plan(status?: PlanStatus): BasketPlan {
    return this.best.plan(this.elapsedMs(), status);
  }

  private tell(phase: SolveProgress['phase']): void {
    const plan = this.best.found ? this.plan('stopped') : null;
    this.control.onProgress({
      phase,
      bestMinor: plan ? plan.costMinor - plan.shortageMinor : null,
      paidMinor: plan?.paidMinor ?? null,
      boundMinor: plan && this.best.isBounded ? Math.max(0, plan.boundMinor - (plan.leastShortageMinor ?? plan.shortageMinor)) : null,
      gap: plan && this.best.isBounded ? plan.gap : null,
      short: plan ? plan.short.reduce((all, row) => all + row.quantity, 0) : null,
      seconds: this.elapsedMs(),
    });
  }
}
