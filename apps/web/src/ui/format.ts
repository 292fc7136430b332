/** 2026-11-23 as "23 November 2026". */
export const longDay = (iso: string): string =>
  new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeZone: 'UTC' }).format(new Date(iso));

/** "24 November 2026, 22:31:05" where the person is. */
export const longMoment = (iso: string): string =>
  new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'medium' }).format(new Date(iso));

export { count as plural } from '@outfit/core';

/** A sentence out of whatever a request failed with. */
export function sentenceOf(error: unknown): string {
  const message = (error as { data?: { message?: unknown } } | null)?.data?.message;
  return typeof message === 'string' ? message : 'Outfit cannot be reached. Check that it is still running; nothing you saved is lost.';
}
