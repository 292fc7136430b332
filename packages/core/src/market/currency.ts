import { decimalsOf } from '../kernel/index.js';

/** What one unit of a currency was worth in the workspace's own on a day (ISO 8601). */
export interface Rate {
  readonly currency: string;
  readonly day: string;
  readonly perUnit: number;
}

/**
 * What one minor unit of a currency is worth in minor units of another, of a rate between their units: currencies differ in decimals.
 *
 * @example perMinorOf(1.16, 'GBP', 'EUR') // 1.16
 * @example perMinorOf(0.5, 'JPY', 'EUR') // 50
 */
export const perMinorOf = (perUnit: number, from: string, to: string): number => perUnit * 10 ** (decimalsOf(to) - decimalsOf(from));

/**
 * Money in minor units of one currency converted into minor units of another, rounded half up.
 *
 * @example convert(250, 0.1) // 25
 */
export const convert = (minor: number, perMinor: number): number => Math.floor(minor * perMinor + 0.5);

/**
 * The newest rate of a currency on or before a day, else its oldest: a price from before the first rate is still better told at some rate
 * than not at all. 1 for the workspace's own; null when none is known.
 */
export function rateFor(rates: readonly Rate[], currency: string, own: string, day: string): Rate | null {
  if (currency === own) return { currency, day, perUnit: 1 };
  const known = rates.filter((rate) => rate.currency === currency).sort((a, b) => a.day.localeCompare(b.day));
  return known.filter((rate) => rate.day <= day).at(-1) ?? known[0] ?? null;
}
