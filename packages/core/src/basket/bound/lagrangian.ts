import type { MarketIndex } from '../reduce/index.js';
import { creditPooled } from './pooled.js';
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
  const sellers = index.market.sellers.map((_, s) => new SellerBound(index, s));
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
  cost += creditPooled(index, multipliers, slope);
  const supply = new Float64Array(index.variants.length);
  for (const seller of sellers) cost -= seller.contribution(multipliers, supply);
  for (let v = 0; v < supply.length; v += 1) slope[v] = (slope[v] ?? 0) - (supply[v] ?? 0);
  return cost;
}
