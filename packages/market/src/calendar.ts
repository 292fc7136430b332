import { dayNumber, isoDay } from './time.js';

/** The day the seeded world stands on when a market opens, whatever day that is for the person. */
const OPENING = dayNumber('2026-11-27');

/** The year the sources of the made-up world are reckoned from. */
export const OPENING_YEAR = 2026;

/**
 * Days of the seeded world. Prices, stock, codes, rates and bins are drawn by these numbers and never by the calendar's, so a
 * market opened today and one opened in three years ask the same on their first day, and the same on each day after it.
 */
export interface WorldDays {
  /** The day of the world that an ISO day is; 0 is some decades before the market opened. */
  numberOf(day: string): number;
  /** The other way round: the ISO day of a day of the world. */
  dayOf(number: number): string;
}

/**
 * @param opened ISO day the market opened on
 * For example: worldDays('2030-02-28').numberOf('2030-03-01') is one more than on the day it opened.
 */
export function worldDays(opened: string): WorldDays {
  const ahead = dayNumber(opened) - OPENING;
  return { numberOf: (day) => dayNumber(day) - ahead, dayOf: (number) => isoDay(number + ahead) };
}
