const DAY_MS = 86_400_000;

/** Earlier and later days than these are slips of the hand, in anything a person keeps here. */
const FIRST_DAY = '1900-01-01';
export const LAST_DAY = '2199-12-31';

/**
 * Days since 1 January 1970 of an ISO day, or of the day an ISO time falls on in UTC. NaN for what is no day.
 *
 * @example dayNumber('1970-01-31') // 30
 */
export const dayNumber = (day: string): number => Math.floor(Date.parse(`${day.slice(0, 10)}T00:00:00Z`) / DAY_MS);

/**
 * The ISO day so many days after 1 January 1970.
 *
 * @example isoDay(30) // '1970-01-31'
 */
export const isoDay = (number: number): string => new Date(number * DAY_MS).toISOString().slice(0, 10);

/** Whole days from one ISO day to another; negative when `to` is before `from`. */
export const daysBetween = (from: string, to: string): number => dayNumber(to) - dayNumber(from);

/**
 * Is a text a day of the calendar, written 2026-12-24, that a person can mean? The 31st of February is none, nor is any day
 * before 1900 or after 2199.
 */
export function isDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text) || text < FIRST_DAY || text > LAST_DAY) return false;
  const number = dayNumber(text);
  return Number.isFinite(number) && isoDay(number) === text;
}

const MONTHS = [
  ...['January', 'February', 'March', 'April', 'May', 'June'],
  ...['July', 'August', 'September', 'October', 'November', 'December'],
] as const;

/**
 * An ISO day as a sentence tells it.
 *
 * @example longDay('2026-12-04') // '4 December 2026'
 */
export function longDay(day: string): string {
  const [year = '', month = '', of = ''] = day.slice(0, 10).split('-');
  return `${Number(of)} ${MONTHS[Number(month) - 1] ?? ''} ${year}`;
}
