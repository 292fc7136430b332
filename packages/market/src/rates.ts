import { type Rate, seeded, seedOf } from '@outfit/core';
import { dayNumber } from './time.js';

/** What one unit of each currency is worth in euro, give or take: the walk goes around these. */
const USUAL = { GBP: 1.16, SEK: 0.088 } as const;

/** Exchange rates of a day into euro: a slow seeded swell of some per cent around the usual rate. */
export function ratesOn(seed: number, day: string): readonly Rate[] {
  return Object.entries(USUAL).map(([currency, usual]) => {
    const phase = seeded(seedOf(seed, currency))() * 2 * Math.PI;
    const days = dayNumber(day);
    const perUnit = usual * (1 + 0.02 * Math.sin(days / 47 + phase) + 0.008 * Math.sin(days / 11 + 2 * phase));
    return { currency, day, perUnit: Math.round(perUnit * 1e5) / 1e5 };
  });
}
