import type { MarketIndex } from '../reduce/index.js';
import { SellerBound } from './sellerBound.js';

/** What was proven, and the multipliers that prove it: what another unit of each variant is worth. */
export interface LagrangianBound {
  readonly boundMinor: number;
  readonly multipliers: Float64Array;
}

export interface BoundEffort {
  readonly rounds: number;
  /** The best cost known; only steers the steps. */
  readonly bestMinor: number;
  /** Starting multipliers; the better they are, the sooner the bound is good. */
  readonly start: Float64Array;
  readonly halt: () => boolean;
  /** Fill each parcel in whole units: a better bound, at several times the work. */
  readonly inWholeUnits?: boolean;
  readonly onBound?: (boundMinor: number) => void;
}

/** Weight of the newest direction, and how patient the step length is. */
const SMOOTHING = 0.08;
const FAILURES_BEFORE_SHORTER = 12;

/**
 * A lower bound by Lagrangian relaxation: supply and use of each variant are tied by a price instead of a constraint, so
 * that needs and sellers fall apart into small problems solved exactly or from above. The multipliers are improved with
 * the volume algorithm (Barahona and Anbil, 2000): steps along an exponentially smoothed subgradient.
 * Rules of the whole trip (parcels, budget) and one-seller wishes are left out, which can only lower the bound.
 */
export function lagrangianBound(index: MarketIndex, effort: BoundEffort): LagrangianBound {
  const sellers = index.market.sellers.map((_, s) => new SellerBound(index, s, effort.inWholeUnits));
  const count = index.variants.length;
  const slope = new Float64Array(count);
  const multipliers = Float64Array.from(effort.start);
  let bound = evaluate(index, sellers, multipliers, slope);
  const best = Float64Array.from(multipliers);
  const direction = Float64Array.from(slope);
  let length = 0.5;
  let failures = 0;
  for (let round = 0; round < effort.rounds; round += 1) {
    if (round % 16 === 0 && effort.halt()) break;
    let square = 0;
    for (let v = 0; v < count; v += 1) square += (direction[v] ?? 0) ** 2;
    if (square < 1e-9) break;
    const step = (length * Math.max(1, effort.bestMinor - bound + 0.002 * effort.bestMinor)) / square;
    for (let v = 0; v < count; v += 1) multipliers[v] = Math.max(0, (best[v] ?? 0) + step * (direction[v] ?? 0));
    const value = evaluate(index, sellers, multipliers, slope);
    for (let v = 0; v < count; v += 1) direction[v] = SMOOTHING * (slope[v] ?? 0) + (1 - SMOOTHING) * (direction[v] ?? 0);
    if (value > bound) {
      bound = value;
      best.set(multipliers);
      failures = 0;
      length = Math.min(1.5, length * 1.05);
      effort.onBound?.(bound);
    } else if (++failures >= FAILURES_BEFORE_SHORTER) {
      length *= 0.75;
      failures = 0;
      if (length < 1e-4) break;
    }
  }
  return { boundMinor: bound, multipliers: best };
}

/** Costs are whole minor units: a plan that is better than another costs at least one less. */
const ONE_MINOR = 1;

/** What buying from each seller would lift the bound by, whether that pays or not: 0 for those the relaxation buys from. */
export interface OpeningLosses {
  readonly boundMinor: number;
  readonly losses: Float64Array;
}

/** The bound, worked out anew at the multipliers that are given, and what opening each seller would add to it. */
export function openingLosses(index: MarketIndex, multipliers: Float64Array): OpeningLosses {
  const bounds = index.market.sellers.map((_, s) => new SellerBound(index, s, true));
  const boundMinor = evaluate(index, bounds, multipliers, new Float64Array(index.variants.length));
  const supply = new Float64Array(index.variants.length);
  return {
    boundMinor,
    losses: Float64Array.from(bounds, (seller) => seller.contribution(multipliers, supply) - seller.whenOpen(multipliers)),
  };
}

/**
 * Sellers no better plan buys from: where opening one would lift the bound to the cost of the best plan (reduced cost fixing, Wolsey,
 * *Integer Programming*, 1998).
 */
export const sellersRuledOut = ({ boundMinor, losses }: OpeningLosses, bestMinor: number): ReadonlySet<number> =>
  new Set([...losses.keys()].filter((s) => boundMinor + (losses[s] ?? 0) > bestMinor - ONE_MINOR + ROUNDING));

/** The relaxed cost at some multipliers; `slope` receives what each variant lacks (wanted less supplied). */
function evaluate(index: MarketIndex, sellers: readonly SellerBound[], multipliers: Float64Array, slope: Float64Array): number {
  slope.fill(0);
  let cost = 0;
  for (let n = 0; n < index.needOptions.length; n += 1) {
    let least = index.needShort[n] ?? Infinity;
    let variant = -1;
    for (const option of index.needOptions[n] ?? []) {
      const price = option.penalty + (multipliers[option.variant] ?? 0);
      if (price < least) {
        least = price;
        variant = option.variant;
      }
    }
    const quantity = index.needQuantity[n] ?? 0;
    cost += quantity * least;
    if (variant >= 0) slope[variant] = (slope[variant] ?? 0) + quantity;
  }
  let credits = 0;
  for (let v = 0; v < index.variants.length; v += 1) {
    const price = multipliers[v] ?? 0;
    const owned = index.ownedQuantity[v] ?? 0;
    const gain = price - (index.ownedCost[v] ?? 0);
    if (owned > 0 && gain > 0) {
      cost -= owned * gain;
      slope[v] = (slope[v] ?? 0) - owned;
    }
    const credit = (index.resaleCredit[v] ?? 0) - price;
    const upTo = index.resaleUpTo[v] ?? 0;
    if (upTo > 0) credits = ROUNDING;
    if (upTo > 0 && credit > 0) {
      cost -= upTo * credit;
      slope[v] = (slope[v] ?? 0) + upTo;
    }
  }
  const supply = new Float64Array(index.variants.length);
  for (const seller of sellers) cost -= seller.contribution(multipliers, supply);
  for (let v = 0; v < supply.length; v += 1) slope[v] = (slope[v] ?? 0) - (supply[v] ?? 0);
  return cost - credits;
}

/** The credit for leftovers is rounded once, half up: it may be half a minor unit more than it says. */
const ROUNDING = 0.5;
