import { decisionIn, emptyDecision, type Decision, type Found, type PricedDecision, priceDecision } from '../decision/index.js';
import type { ModelQuestion } from '../model/index.js';
import { type BasketPlan, type BasketProblem, mostThatStand, type PlanStatus, unitsByName, worthOf } from '../problem/index.js';
import { type ReducedMarket, reduceMarket, type UsableOffer, withoutImpossible } from '../reduce/index.js';
import type { CurvePoint } from './curve.js';
import { fillingFactor, shortageOf, withShortage } from './filling.js';
import { whatBinds, whyInfeasible } from './reasons.js';

/**
 * What a solve knows so far: the best plan, how little any plan can cost and leave unfilled. It searches a market in which shortage
 * may count several times over and what nobody can fill is set aside, and tells plans in the figures of the problem itself.
 */
export class Best {
  readonly market: ReducedMarket;
  found: Found | null = null;
  cheapestEach: Found | null = null;
  /** What fewer parcels come to; null while nobody has worked it out. */
  curve: readonly CurvePoint[] | null = null;
  /** The least shortage any plan can have, as far as it is known, in the market that is searched. */
  leastShortage = 0;
  /** The most that wholes which stand can count together, as far as it is known. */
  mostWorth: number;
  isBounded = false;
  /** A bound of the cost in the market that is searched. */
  private boundMinor: number;
  /** How many times over shortage counts in it. */
  private readonly factor: number;
  private readonly offers: ReadonlyMap<string, UsableOffer>;
  /** Units nobody can fill, set aside before anything is searched. */
  private readonly impossible: ReadonlyMap<string, number>;

  constructor(private readonly problem: BasketProblem) {
    const { problem: possible, missing } = withoutImpossible(problem);
    this.impossible = missing;
    this.factor = problem.rules.fillFirst ? fillingFactor(possible) : 1;
    this.market = reduceMarket(withShortage(possible, this.factor));
    this.offers = new Map(this.market.offers.map((usable) => [usable.offer.id, usable]));
    this.boundMinor = mostCredit(this.market);
    this.mostWorth = worthOf(
      mostThatStand(
        problem.wholes,
        unitsByName(this.market.needs, (need) => need.quantity),
      ),
      problem.wholes,
    );
  }

  /** What the wholes that stand by the best plan count together; below zero while there is no plan. */
  standingWorth(): number {
    return this.found?.priced.standingWorth ?? -1;
  }

  /** Is it proven that by no plan more stands? Where standing does not come first, nothing has to be. */
  isStandingSettled(): boolean {
    return !this.problem.rules.standFirst || this.standingWorth() >= this.mostWorth;
  }

  /** What the best plan leaves unfilled, in the market that is searched; Infinity while there is no plan. */
  shortage(): number {
    return this.found ? shortageOf(this.found.priced.short, this.market) : Infinity;
  }

  /** Is it proven that by no plan more stands than by the best one, nor less is left unfilled? What does not come first need not be. */
  isSettled(): boolean {
    return this.isStandingSettled() && (!this.problem.rules.fillFirst || this.shortage() <= this.leastShortage);
  }

  /** What a model says of money alone, as a cost in the market that is searched. */
  asCost = (question: ModelQuestion, money: number): number =>
    question.maxShortageMinor === undefined ? money : money + this.leastShortage;

  /** Takes a bound that a model proved. */
  raiseBy(question: ModelQuestion, bound: number): void {
    const own = this.asCost(question, bound);
    // A model may leave out what no better plan takes: what it proves beyond the best plan says nothing of what was left out.
    this.raise(this.found ? Math.min(own, this.found.priced.costMinor) : own);
  }

  /**
   * Is the gap asked for reached, and nothing left undone that could stand or be filled? A plan that costs no money or earns has no gap in per
   * cent: it is done when proven.
   */
  isDone(): boolean {
    return this.isSettled() && this.gap() <= this.problem.effort.gap;
  }

  /** How far the best plan, or one of another cost, may be above the least money, as a share of its own; Infinity where that cannot be said. */
  gap(costMinor = this.found?.priced.costMinor ?? Infinity): number {
    if (!this.found) return Infinity;
    if (this.boundMinor >= costMinor) return 0;
    const money = costMinor - this.shortage();
    return money > 0 ? (costMinor - this.boundMinor) / money : Infinity;
  }

  /** By how many minor units the bound, or else the best plan, misses the gap asked for. */
  missingUnits(): number {
    if (!this.found) return Infinity;
    const money = this.found.priced.costMinor - this.shortage();
    return this.found.priced.costMinor - this.boundMinor - this.problem.effort.gap * money;
  }

  /** The gap to ask a model for: of the money, whatever the model's own objective counts besides. */
  gapFor(question: ModelQuestion): number {
    const { gap } = this.problem.effort;
    if (question.maxShortageMinor !== undefined || !this.found) return gap;
    const { costMinor } = this.found.priced;
    return costMinor <= 0 ? gap : (gap * Math.max(0, costMinor - this.shortage())) / costMinor;
  }

  raise(bound: number): void {
    if (!Number.isFinite(bound)) return;
    this.isBounded = true;
    this.boundMinor = Math.max(this.boundMinor, Math.ceil(bound - TOLERANCE_MINOR));
  }

  /**
   * Takes a decision if it breaks no rule and is better than the best: more stands by it or it fills more, where these come first, else it
   * costs less. Says whether it did.
   */
  offer(made: Decision): boolean {
    const decision = decisionIn(this.offers, made);
    const priced = priceDecision(this.market, decision);
    if (priced.faults > 0 || (this.found && !this.isBetter(priced, this.found.priced))) return false;
    this.found = { decision, priced };
    return true;
  }

  private isBetter(a: PricedDecision, b: PricedDecision): boolean {
    const { standFirst, fillFirst } = this.problem.rules;
    const stands = standFirst ? a.standingWorth - b.standingWorth : 0;
    if (stands !== 0) return stands > 0;
    const fills = fillFirst ? shortageOf(a.short, this.market) - shortageOf(b.short, this.market) : 0;
    return fills < 0 || (fills === 0 && a.costMinor < b.costMinor);
  }

  /** A decision in the figures of the problem itself: shortage counted once, and what nobody can fill counted too. */
  private truly({ priced }: Found): { readonly costMinor: number; readonly shortageMinor: number; readonly short: BasketPlan['short'] } {
    const searched = shortageOf(priced.short, this.market);
    const short = this.withImpossible(priced.short);
    const costs = new Map(this.problem.needs.map((need) => [need.id, need.shortCostMinor ?? 0]));
    const shortageMinor = short.reduce((all, { need, quantity }) => all + quantity * (costs.get(need) ?? 0), 0);
    return { costMinor: priced.costMinor - searched + shortageMinor, shortageMinor, short };
  }

  private withImpossible(short: BasketPlan['short']): BasketPlan['short'] {
    const units = new Map(this.impossible);
    for (const { need, quantity } of short) units.set(need, (units.get(need) ?? 0) + quantity);
    return [...units].map(([need, quantity]) => ({ need, quantity })).sort((a, b) => (a.need < b.need ? -1 : 1));
  }

  /** What nobody can fill, in the figures of the problem. */
  private impossibleMinor(): number {
    return this.problem.needs.reduce((all, need) => all + (this.impossible.get(need.id) ?? 0) * (need.shortCostMinor ?? 0), 0);
  }

  plan(seconds: number, status?: PlanStatus): BasketPlan {
    const found = this.found ?? { decision: emptyDecision, priced: priceNothing(this.market) };
    const { priced } = found;
    const { costMinor, shortageMinor, short } = this.found ? this.truly(found) : { costMinor: 0, shortageMinor: 0, short: [] };
    const { fillFirst, standFirst } = this.problem.rules;
    const searched = shortageOf(priced.short, this.market);
    const least = this.impossibleMinor() + Math.floor(Math.min(this.leastShortage, searched) / this.factor);
    // Whatever fills as much costs no less money than the bound says; where it is not settled how much can be filled, shortage itself
    // may still fall to its own bound.
    const bound = fillFirst ? this.boundMinor - searched + least : this.boundMinor + this.impossibleMinor();
    // Plans by which more stands may leave more unfilled and cost less: while it is open whether there are any, nothing is known of money.
    const boundMinor = Math.min(costMinor, this.isStandingSettled() ? bound : mostCredit(this.market) + this.impossibleMinor());
    const money = costMinor - shortageMinor;
    const gap = gapOf(costMinor, boundMinor, money);
    const curve = this.found ? this.points(priced, costMinor - shortageMinor - priced.paidMinor, gap) : [];
    const isProven = this.isSettled() && boundMinor === costMinor;
    return {
      status: status ?? (isProven ? 'proven' : this.isDone() ? 'within-gap' : 'stopped'),
      costMinor,
      boundMinor,
      gap,
      shortageMinor,
      leastShortageMinor: fillFirst ? least : null,
      standing: priced.standing,
      standingWorth: priced.standingWorth,
      mostStandingWorth: standFirst ? Math.max(this.mostWorth, priced.standingWorth) : null,
      seconds,
      paidMinor: priced.paidMinor,
      parcels: priced.parcels,
      fills: priced.fills,
      short,
      leftovers: priced.leftovers,
      // A plan on the way says what it costs; what it may be compared with and what binds it is said of the last one.
      compared: {
        ...this.againstEach(priced),
        fewestParcelsMinor: curve[0]?.costMinor ?? null,
        curve,
      },
      reasons: status === undefined ? whatBinds(this.market, { ...priced, short }, this.problem, this.isSettled()) : [],
    };
  }

  /** What each part at its cheapest would be paid, where just as much is filled by it; else how much more it leaves unfilled. */
  private againstEach(priced: PricedDecision): Pick<BasketPlan['compared'], 'cheapestEachMinor' | 'cheapestEachLacks'> {
    const each = this.cheapestEach?.priced;
    if (!each) return { cheapestEachMinor: null, cheapestEachLacks: null };
    const units = ({ short }: PricedDecision): number => short.reduce((all, { quantity }) => all + quantity, 0);
    const isAsMuch =
      each.standingWorth === priced.standingWorth && shortageOf(each.short, this.market) === shortageOf(priced.short, this.market);
    return { cheapestEachMinor: isAsMuch ? each.paidMinor : null, cheapestEachLacks: Math.max(0, units(each) - units(priced)) };
  }

  /** The curve, up to the plan itself. */
  private points({ parcels, paidMinor }: PricedDecision, besideMinor: number, gap: number): BasketPlan['compared']['curve'] {
    if (this.curve === null && parcels.length > 1) return [];
    const fewer = (this.curve ?? [])
      .filter((point) => point.parcels < parcels.length)
      .map((point) => ({ parcels: point.parcels, costMinor: point.paidMinor, besideMinor: point.besideMinor, gap: point.gap }));
    return [...fewer, { parcels: parcels.length, costMinor: paidMinor, besideMinor, gap }];
  }

  /** No plan: none there can be, or none found in time. */
  nothing(seconds: number, isInfeasible: boolean): BasketPlan {
    const plan = this.plan(seconds, isInfeasible ? 'infeasible' : 'stopped');
    return {
      ...plan,
      boundMinor: 0,
      gap: 0,
      shortageMinor: 0,
      leastShortageMinor: plan.leastShortageMinor === null ? null : 0,
      short: [],
      standing: [],
      standingWorth: 0,
      mostStandingWorth: plan.mostStandingWorth === null ? null : 0,
      reasons: isInfeasible ? whyInfeasible(this.market, this.problem) : [{ kind: 'not found' }],
    };
  }
}

const priceNothing = (market: ReducedMarket): PricedDecision => ({ ...priceDecision(market, emptyDecision), costMinor: 0, paidMinor: 0 });

/** The least any plan can cost without looking further: nothing paid, and every leftover sold. */
const mostCredit = ({ resale, problem }: ReducedMarket): number =>
  -Math.ceil([...resale.values()].reduce((all, row) => all + row.valueMinor * row.upTo, 0) * problem.rules.resaleShare);

/** Every cost is whole minor units, so a bound may be rounded up; solver tolerance is given away first. */
export const TOLERANCE_MINOR = 0.01;

/** The gap about money: shortage counts in neither the plan nor its bound. */
const gapOf = (cost: number, bound: number, money: number): number => (money <= 0 ? 0 : Math.max(0, (cost - bound) / money));
