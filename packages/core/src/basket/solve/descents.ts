import { type Decision, decisionIn, type Found, priceDecision } from '../decision/index.js';
import { buildModel, type ExactResult, type ModelQuestion, solveExactly } from '../model/index.js';
import { indexMarket, type ReducedMarket, startingWorth, type UsableOffer, withOffers } from '../reduce/index.js';
import { searchBaskets } from '../search/index.js';
import { answers } from './filling.js';
import { Neighbourhoods } from './neighbourhoods.js';

export interface DescentControl {
  now(): number;
  isOver(): boolean;
  onProgress(): void;
  /** Told of every plan that is met. */
  offer(decision: Decision): void;
  /** The gap that a model of part of the plan is solved to. */
  readonly gap: number;
}

/** Needs decided anew at a time, to begin with and at the least. */
const FREE_NEEDS = 45;
const LEAST_FREE_NEEDS = 8;
const MODEL_SECONDS = 2;
const MERGE_SECONDS = 4;
/** Neighbourhoods without a better plan, after which a descent has come to its end. */
const MOST_FAILURES = 9;
/** So many descents are first made in short, each given up sooner, before what they end in is put together and gone on with. */
const SCOUTS = 4;
const SCOUT_FAILURES = 3;
/** What the next neighbourhood is larger by after one without a better plan, and smaller by after one that took too long. */
const LARGER = 1.04;
const SMALLER = 0.9;
/** Changes tried for the plan that a descent begins with. */
const START_TRIES = 30_000;
/** The best ends that are put together. */
const MOST_ENDS = 6;
/** Descents without a better end, after which a better plan is hardly to be expected. */
const MOST_IDLE = 4;
/** Where no more sellers than this lie near, the exact model of all of it is tried first. */
const FEW_SELLERS = 50;
const NEAR_SECONDS = 6;

/**
 * Plans by descent: parts of a plan are decided anew, exactly, one after another, until none gets better; then another plan is begun with. What
 * the descents end in is put together: the exact model of everything that any of those plans buys (Blum and others, *Construct, merge, solve
 * and adapt*, 2016).
 */
export class Descents {
  private current: Found | null;
  private readonly ends: Found[] = [];
  /** Descents that ended since one of them led to a better plan than any before. */
  private idle = 0;
  private isNearSolved = false;
  private size = FREE_NEEDS;
  private failures = 0;
  private seed = 0;
  private neighbourhoods: Neighbourhoods;
  /** Has the exact model of all that lies near led to a better plan, or not been asked yet? */
  private isNearWorthIt = true;
  private readonly offers: ReadonlyMap<string, UsableOffer>;

  constructor(
    private readonly market: ReducedMarket,
    private near: ReducedMarket,
    first: Found,
    private readonly question: ModelQuestion,
    private readonly draw: () => number,
    private readonly control: DescentControl,
  ) {
    this.current = first;
    this.offers = new Map(market.offers.map((usable) => [usable.offer.id, usable]));
    this.neighbourhoods = new Neighbourhoods(market, near, draw);
  }

  /** Is a better plan hardly to be expected any more? */
  get isSpent(): boolean {
    return this.isNearSolved || this.idle >= MOST_IDLE;
  }

  /** Goes on for a while with the offers that lie near. */
  async run(near: ReducedMarket, until: number): Promise<void> {
    this.near = near;
    this.neighbourhoods = new Neighbourhoods(this.market, near, this.draw);
    if (this.seed === 0) this.current = better(this.current, this.begin());
    if (near.sellers.length <= FEW_SELLERS && this.isNearWorthIt && this.current) await this.solveNear(this.current);
    while (!this.control.isOver() && this.control.now() < until) await this.step();
  }

  /** The exact model of all that lies near; it is asked again as long as that helps. */
  private async solveNear(current: Found): Promise<void> {
    const { decision, outcome } = await this.solve(this.near, current, NEAR_SECONDS);
    this.isNearSolved = outcome === 'optimal';
    this.current = better(current, decision && this.sound(decision));
    this.isNearWorthIt = this.current !== current && !this.isNearSolved;
  }

  private async step(): Promise<void> {
    const { current } = this;
    if (!current) {
      this.current = this.begin() ?? this.ends[0] ?? null;
      this.failures = 0;
      this.size = FREE_NEEDS;
      return;
    }
    const began = this.control.now();
    const { decision, outcome } = await this.solve(this.neighbourhoods.around(current, this.size), current, MODEL_SECONDS);
    const found = decision && this.sound(decision);
    if (found && found.priced.costMinor < current.priced.costMinor) {
      this.current = found;
      this.failures = 0;
    } else this.failures += 1;
    const isQuick = this.control.now() - began < MODEL_SECONDS / 3;
    if (outcome !== 'optimal') this.size = Math.max(LEAST_FREE_NEEDS, Math.floor(this.size * SMALLER));
    else if (this.failures > 0 && isQuick) this.size = Math.min(this.market.needs.length, Math.ceil(this.size * LARGER));
    const isScouting = this.ends.length < SCOUTS;
    if (this.failures >= (isScouting ? SCOUT_FAILURES : MOST_FAILURES)) await this.end(this.current ?? current);
  }

  private async end(last: Found): Promise<void> {
    this.current = null;
    this.idle += 1;
    if (last.priced.costMinor < Math.min(Infinity, ...this.ends.map(({ priced }) => priced.costMinor))) this.idle = 0;
    this.ends.push(last);
    if (this.ends.length < SCOUTS) return;
    const isFirst = this.ends.length === SCOUTS;
    this.ends.sort((a, b) => a.priced.costMinor - b.priced.costMinor);
    this.ends.splice(MOST_ENDS);
    const [best] = this.ends;
    if (!best) return;
    const bought = new Set(
      this.ends.flatMap(({ decision }) => [...decision.bought].flatMap(([usable, n]) => (n > 0 ? [usable.offer.id] : []))),
    );
    const merged = withOffers(
      this.market,
      this.market.offers.filter((usable) => bought.has(usable.offer.id)),
    );
    const { decision } = await this.solve(merged, best, MERGE_SECONDS);
    const found = decision && this.sound(decision);
    if (isFirst) this.current = best;
    if (!found || found.priced.costMinor >= best.priced.costMinor) return;
    this.current = found;
    this.idle = 0;
  }

  private begin(): Found | null {
    const index = indexMarket(this.near);
    this.seed += 1;
    return this.sound(
      searchBaskets(index, { tries: START_TRIES, worth: startingWorth(index), halt: () => this.control.isOver(), seed: 1000 + this.seed }),
    );
  }

  private async solve(market: ReducedMarket, start: Found, seconds: number): Promise<ExactResult> {
    return solveExactly(buildModel(market, this.question), start.decision, {
      gap: this.control.gap,
      seconds,
      shouldStop: () => this.control.isOver(),
      onProgress: () => this.control.onProgress(),
      onDecision: (better) => void this.sound(better),
    });
  }

  /** A decision that breaks no rule and by which as much stands and is filled as has to. */
  private sound(made: Decision): Found | null {
    const decision = decisionIn(this.offers, made);
    const priced = priceDecision(this.market, decision);
    if (!answers(priced, this.question, this.market)) return null;
    this.control.offer(decision);
    return { decision, priced };
  }
}

/** The cheaper of two plans, the first where they cost the same. */
const better = (a: Found | null, b: Found | null): Found | null => (a && b ? (b.priced.costMinor < a.priced.costMinor ? b : a) : (a ?? b));
