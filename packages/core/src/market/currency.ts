/** What one unit of a currency was worth in the workspace's own on a day (ISO 8601). */
export interface Rate {
  readonly currency: string;
  readonly day: string;
  readonly perUnit: number;
}

/**
 * Money in minor units of one currency converted at a rate, rounded half up.
 *
 * @example converted(250, 0.1) // 25
 */
export const converted = (minor: number, perUnit: number): number => Math.floor(minor * perUnit + 0.5);

/**
 * The newest rate of a currency on or before a day, else its oldest: a price from before the first rate is still better told at some rate
 * than not at all. 1 for the workspace's own; null when none is known.
 */
export function rateFor(rates: readonly Rate[], currency: string, own: string, day: string): Rate | null {
  if (currency === own) return { currency, day, perUnit: 1 };
  const known = rates.filter((rate) => rate.currency === currency).sort((a, b) => a.day.localeCompare(b.day));
  return known.filter((rate) => rate.day <= day).at(-1) ?? known[0] ?? null;
}
