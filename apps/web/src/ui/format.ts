/** 2026-11-23 as "23 November 2026". */
export const longDay = (iso: string): string => DAY.format(new Date(iso));
// Made once: making one takes longer than drawing a row.
const DAY = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' });

/** "24 November 2026, 22:31:05" where the person is. */
export const longMoment = (iso: string): string => MOMENT.format(new Date(iso));
const MOMENT = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'medium' });

/** "24 November 2026, 22:31" where the person is. */
export const longMinute = (iso: string): string => MINUTE.format(new Date(iso));
const MINUTE = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeStyle: 'short' });

export { count as plural, whole } from '@outfit/core';

/** A sentence out of whatever a request failed with. */
export function sentenceOf(error: unknown): string {
  const message = (error as { data?: { message?: unknown } } | null)?.data?.message;
  return typeof message === 'string' ? message : 'Outfit cannot be reached. Check that it is still running; nothing you saved is lost.';
}
