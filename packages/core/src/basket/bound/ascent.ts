import { carryOver, type Counts, countsOf } from './counts.js';
import { type Decided, Decomposition, type Losses } from './decomposition.js';
import type { MarketIndex } from '../reduce/index.js';

export interface ClimbEffort {
  readonly rounds: number;
  readonly halt: () => boolean;
  readonly onBound: (boundMinor: number) => void;
}

/** How much of the direction each round keeps, and of what is known of each slope's size. */
const KEPT = 0.98;
const KEPT_SQUARE = 0.999;
/** Keeps steps of slopes that are hardly known from growing beyond all measure. */
const AT_LEAST = 0.02;
const FAILURES_BEFORE_SHORTER = 60;
const SHORTER = 0.6;
const LONGER = 1.003;
/** A step is at first so many minor units, of those a unit costs on average. */
const FIRST_STEP = 0.002;
const LAST_STEP = 0.00002;
const FIRST_LEAF_STEPS = 20;
/** Rounds that what sellers did is remembered for, about. */
const REMEMBERED = 100;

/**
 * Raises the bound of a decomposition: subgradient ascent along a smoothed direction, each multiplier's step divided by how large its own
 * slope has been (Kingma and Ba, *Adam*, 2015), back to the best multipliers with a shorter step when nothing is gained for a while.
 */
export class Ascent {
  boundMinor = -Infinity;
  /** The share of the last rounds in which each seller sent a parcel: near 1 and near 0 where the best plans agree. */
  readonly opened: Float64Array;
  private decomposition: Decomposition;
  private best: Float64Array;
  private multipliers: Float64Array;
  private direction: Float64Array;
  private square: Float64Array;
  private slope: Float64Array;

  private constructor(
    decomposition: Decomposition,
    start: Float64Array,
    private step: number,
    private readonly lastStep: number,
    /** Sellers of whom it is decided, here, whether a parcel comes from them. */
    private readonly decided: Decided,
  ) {
    this.decomposition = decomposition;
    this.best = Float64Array.from(start);
    this.multipliers = Float64Array.from(start);
    this.direction = new Float64Array(start.length);
    this.square = new Float64Array(start.length);
    this.slope = new Float64Array(start.length);
    this.opened = new Float64Array(decomposition.index.market.sellers.length);
  }

  /** @param worth what another unit of each variant is worth, to begin with */
  static from(index: MarketIndex, worth: Float64Array): Ascent {
    const decomposition = new Decomposition(index, countsOf(index));
    const scale = unitCost(index, worth);
    return new Ascent(decomposition, decomposition.priceAt(worth), FIRST_STEP * scale, LAST_STEP * scale, new Map());
  }

  /** Two ascents from here on, of which every plan is bounded by one: a parcel comes from the seller, or none does. */
  split(seller: number): readonly [Ascent, Ascent] {
    const half = (way: 'open' | 'closed'): Ascent => {
      const { best, step, lastStep, decomposition, decided } = this;
      const own = new Ascent(
        decomposition,
        best,
        Math.max(step, FIRST_LEAF_STEPS * lastStep),
        lastStep,
        new Map([...decided, [seller, way]]),
      );
      own.direction.set(this.direction);
      own.square.set(this.square);
      own.opened.set(this.opened);
      own.boundMinor = this.boundMinor;
      return own;
    };
    return [half('open'), half('closed')];
  }

  /** The seller of whom it is least clear whether a parcel should come from him; −1 where all are clear. */
  countUndecided(): number {
    let which = -1;
    let least = 0.45;
    this.opened.forEach((share, s) => {
      const unclear = Math.abs(share - 0.5);
      if (unclear >= least || this.decided.has(s)) return;
      least = unclear;
      which = s;
    });
    return which;
  }

  /** Is nothing to be gained any more that is worth the time? */
  get isSpent(): boolean {
    return this.step < this.lastStep;
  }

  /** Climbs for so many rounds; says what bound was reached. */
  climb({ rounds, halt, onBound }: ClimbEffort): number {
    const opened = new Float64Array(this.opened.length);
    let failures = 0;
    this.hasReached(this.decomposition.evaluate(this.multipliers, this.slope, undefined, this.decided), onBound);
    for (let round = 0; round < rounds && !this.isSpent; round += 1) {
      if (round % 16 === 0 && halt()) break;
      this.move();
      const isBetter = this.hasReached(this.decomposition.evaluate(this.multipliers, this.slope, opened, this.decided), onBound);
      for (let s = 0; s < opened.length; s += 1)
        this.opened[s] = (this.opened[s] ?? 0) + ((opened[s] ?? 0) - (this.opened[s] ?? 0)) / REMEMBERED;
      if (isBetter) {
        failures = 0;
        this.step *= LONGER;
      } else if (++failures >= FAILURES_BEFORE_SHORTER) {
        failures = 0;
        this.step *= SHORTER;
        this.multipliers.set(this.best);
      }
    }
    return this.boundMinor;
  }

  losses(): CountLosses {
    return { ...this.decomposition.losses(this.best), of: this.decomposition.counts };
  }

  /** Leaves out counts that no better plan takes, which `losses` tells. Those that are kept go on from where they were. */
  narrow(isOpen: (count: number) => boolean): void {
    const { counts: from } = this.decomposition;
    const open = new Set<number>();
    from.units.forEach((units, count) => {
      if (isOpen(count)) open.add(keyOf(from.shelf[count] ?? 0, units));
    });
    if (open.size === from.units.length) return;
    const to = countsOf(this.decomposition.index, (shelf, units) => open.has(keyOf(shelf, units)));
    this.moveTo(new Decomposition(this.decomposition.index, to));
  }

  /** Leaves out what another has left out. */
  narrowAs({ decomposition }: Ascent): void {
    if (decomposition !== this.decomposition) this.moveTo(decomposition);
  }

  private moveTo(decomposition: Decomposition): void {
    const moved = (values: Float64Array): Float64Array =>
      carryOver(decomposition.index, values, this.decomposition.counts, decomposition.counts);
    this.best = moved(this.best);
    this.multipliers = Float64Array.from(this.best);
    this.direction = moved(this.direction);
    this.square = moved(this.square);
    this.slope = new Float64Array(decomposition.size);
    this.decomposition = decomposition;
  }

  private move(): void {
    const { multipliers, direction, square, slope, step } = this;
    for (let i = 0; i < slope.length; i += 1) {
      const own = slope[i] ?? 0;
      const before = direction[i] ?? 0;
      if (own === 0 && before === 0) continue;
      const now = KEPT * before + (1 - KEPT) * own;
      const size = KEPT_SQUARE * (square[i] ?? 0) + (1 - KEPT_SQUARE) * own * own;
      direction[i] = now;
      square[i] = size;
      multipliers[i] = Math.max(0, (multipliers[i] ?? 0) + (step * now) / (Math.sqrt(size) + AT_LEAST));
    }
  }

  private hasReached(value: number, onBound: (boundMinor: number) => void): boolean {
    if (value <= this.boundMinor) return false;
    this.boundMinor = value;
    this.best.set(this.multipliers);
    onBound(value);
    return true;
  }
}

/** What a wanted unit costs on average, in minor units, at least one. */
function unitCost(index: MarketIndex, worth: Float64Array): number {
  let units = 0;
  let cost = 0;
  index.needOptions.forEach(([option], n) => {
    if (!option) return;
    units += index.needQuantity[n] ?? 0;
    cost += (index.needQuantity[n] ?? 0) * (worth[option.variant] ?? 0);
  });
  return Math.max(1, cost / Math.max(1, units));
}

/** Losses, and the counts they speak of. */
export interface CountLosses extends Losses {
  readonly of: Counts;
}

const keyOf = (shelf: number, units: number): number => shelf * 16 + units;
