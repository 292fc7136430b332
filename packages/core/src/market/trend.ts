import { entryAt } from '../kernel/index.js';
/** A recorded price: the day as a number of days, money in minor units. */
export interface PricePoint {
  readonly day: number;
  readonly minor: number;
}

/** How a price moves, in minor units a day, with the interval the slope lies in at 95 per cent. */
export interface Trend {
  readonly perDay: number;
  readonly low: number;
  readonly high: number;
  readonly points: number;
  readonly direction: 'rising' | 'falling' | 'steady';
}

export const TREND_DAYS = 90;
const LEAST_POINTS = 4;
const NORMAL_95 = 1.959964;

/**
 * The Theil–Sen slope: the median of the slopes between all pairs of points of the last 90 days before `today`, with Sen's
 * interval by the normal approximation (P. K. Sen, *Estimates of the regression coefficient based on Kendall's tau*, 1968).
 * It rises or falls only when the whole interval does. Null with fewer than four points.
 */
export function trendOf(points: readonly PricePoint[], today: number): Trend | null {
  const recent = points.filter((point) => point.day <= today && point.day > today - TREND_DAYS);
  const n = recent.length;
  if (n < LEAST_POINTS) return null;
  const slopes: number[] = [];
  recent.forEach((a, i) => {
    for (const b of recent.slice(i + 1)) if (b.day !== a.day) slopes.push((b.minor - a.minor) / (b.day - a.day));
  });
  if (slopes.length === 0) return null;
  slopes.sort((a, b) => a - b);
  const count = slopes.length;
  const half = (NORMAL_95 * Math.sqrt((n * (n - 1) * (2 * n + 5)) / 18)) / 2;
  const at = (rank: number): number => entryAt(slopes, Math.max(0, Math.min(count - 1, rank)));
  const low = at(Math.floor(count / 2 - half) - 1);
  const high = at(Math.ceil(count / 2 + half));
  const middle = (at(Math.floor((count - 1) / 2)) + at(Math.ceil((count - 1) / 2))) / 2;
  return { perDay: middle, low, high, points: n, direction: low > 0 ? 'rising' : high < 0 ? 'falling' : 'steady' };
}
