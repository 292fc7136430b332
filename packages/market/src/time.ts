const DAY_MS = 86_400_000;

/** Days since 1970 of an ISO day. */
export const dayNumber = (day: string): number => Math.floor(Date.parse(`${day.slice(0, 10)}T00:00:00Z`) / DAY_MS);

/** The ISO day so many days after 1970. */
export const isoDay = (number: number): string => new Date(number * DAY_MS).toISOString().slice(0, 10);
