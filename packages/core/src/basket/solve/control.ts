import type { BasketPlan } from '../problem/index.js';

export const SOLVE_PHASES = ['searching', 'bounding', 'proving', 'comparing'] as const;

/** How far a solve has come. Money in minor units, as it would be paid; null until there is a plan or a bound. */
export interface SolveProgress {
  readonly phase: (typeof SOLVE_PHASES)[number];
  /** What the best plan so far costs, what it leaves unfilled apart. */
  readonly bestMinor: number | null;
  /** What of it is paid: no penalty and no loss of a donor is in it. */
  readonly paidMinor: number | null;
  /** No plan that fills as much costs less. */
  readonly boundMinor: number | null;
  readonly gap: number | null;
  /** Units the best plan so far leaves unfilled. */
  readonly short: number | null;
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
  /** The plan made last: planning begins with as much of it as still holds. */
  readonly last?: BasketPlan | undefined;
}

/** What a plan is worth knowing beside: each rule's price, fewest parcels, the curve. Left out, the plan stands alone. */
export const ALONE: SolveOptions = { comparisons: false };
