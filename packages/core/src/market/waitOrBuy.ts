import { count } from '../kernel/index.js';
import { quantile } from './summary.js';
import { type PricePoint, type Trend, TREND_DAYS } from './trend.js';

/** Whether to wait or to buy, by which rule, and in a sentence. */
export interface Advice {
  readonly verdict: 'buy' | 'wait' | 'either';
  readonly rule: 'low' | 'deadline' | 'falling' | 'scarce' | 'none';
  readonly sentence: string;
}

export interface AdviceInput {
  readonly nowMinor: number;
  readonly points: readonly PricePoint[];
  readonly today: number;
  readonly trend: Trend | null;
  /** Sellers who have it in stock. */
  readonly sellers: number;
  /** Days until it must be there, and the days the quickest delivery takes; null when there is no deadline. */
  readonly deadline: { readonly days: number; readonly deliveryDays: number } | null;
}

/** Sellers that must hold stock before waiting is safe. */
const SAFE_SELLERS = 3;

/**
 * The first quartile of the last 90 days, in minor units; null without any record. A price under it is *low*. Days by `dayNumber`.
 */
export function lowMark(points: readonly PricePoint[], today: number): number | null {
  const recent = points.filter((point) => point.day <= today && point.day > today - TREND_DAYS).map((point) => point.minor);
  if (recent.length === 0) return null;
  return Math.round(
    quantile(
      [...recent].sort((a, b) => a - b),
      0.25,
    ),
  );
}

/**
 * Wait or buy, in this order: buy when delivery leaves no time, buy when the price is low, wait when it falls and enough sellers hold
 * stock, else either. The sentence names the rule that decided, with its numbers.
 */
export function waitOrBuy({ nowMinor, points, today, trend, sellers, deadline }: AdviceInput): Advice {
  const low = lowMark(points, today);
  if (deadline && deadline.days <= deadline.deliveryDays)
    return {
      verdict: 'buy',
      rule: 'deadline',
      sentence:
        deadline.days < deadline.deliveryDays
          ? `Buy at once: the quickest seller takes ${count(deadline.deliveryDays, 'day')}, so it comes ${count(deadline.deliveryDays - deadline.days, 'day')} late.`
          : `Buy today: the quickest seller takes ${count(deadline.deliveryDays, 'day')}, and that is all there is.`,
    };
  if (low !== null && nowMinor < low)
    return { verdict: 'buy', rule: 'low', sentence: 'Buy: the price is under the lowest quarter of the last 90 days.' };
  if (trend?.direction === 'falling' && sellers >= SAFE_SELLERS)
    return { verdict: 'wait', rule: 'falling', sentence: `Wait: the price is falling, and ${sellers} sellers have it in stock.` };
  if (sellers < SAFE_SELLERS && trend?.direction === 'falling')
    return {
      verdict: 'either',
      rule: 'scarce',
      sentence: `The price is falling, but only ${sellers === 1 ? 'one seller has' : `${sellers} sellers have`} it: waiting may miss it.`,
    };
  return { verdict: 'either', rule: 'none', sentence: 'Neither low nor falling: no reason to hurry, none to wait.' };
}
