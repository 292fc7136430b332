import { type Rate, seededRandom, seedOf } from '@outfit/core';
import type { WorldDays } from './calendar.js';

/** What one unit of each currency is worth in euro, give or take: the walk goes around these. */
const USUAL = { GBP: 1.16, SEK: 0.088 } as const;

/** Exchange rates of a day into euro: a slow seeded swell of some per cent around the usual rate. */
export function ratesOn(seed: number, days: WorldDays, day: string): readonly Rate[] {
  return Object.entries(USUAL).map(([currency, usual]) => {
    const phase = seededRandom(seedOf(seed, currency))() * 2 * Math.PI;
    const at = days.numberOf(day);
    const perUnit = usual * (1 + 0.02 * Math.sin(at / 47 + phase) + 0.008 * Math.sin(at / 11 + 2 * phase));
    return { currency, day, perUnit: Math.round(perUnit * 1e5) / 1e5 };
  });
}
