import { refuse, type Column } from './table.js';

const MOST_TEXT = 200;

/** Any text up to 200 characters. */
export const text = (name: string, optional?: string): Column<string> => ({
  name,
  ...(optional === undefined ? {} : { optional }),
  read: (cell) => (cell.length > MOST_TEXT ? refuse(`Longer than ${MOST_TEXT} characters.`) : cell),
});

/** A whole number between two others. */
export const wholeNumber = (name: string, least: number, most: number, optional?: number): Column<number> => ({
  name,
  ...(optional === undefined ? {} : { optional }),
  read: (cell) => {
    const value = Number(cell);
    if (!/^[+-]?\d+$/.test(cell)) return refuse('Not a whole number.');
    return value < least || value > most ? refuse(`Must be between ${least} and ${most}.`) : value;
  },
});

const MOST_MONEY_MINOR = 100_000_00;

/** Money such as 0.42 or 0,42, read as minor units. */
export const money = (name: string): Column<number> => ({
  name,
  read: (cell) => {
    const match = /^(-?)(\d+)(?:[.,](\d{1,2}))?$/.exec(cell);
    if (!match) return refuse('Not an amount such as 0.42.');
    const [, sign, units = '0', cents = ''] = match;
    const minor = Number(units) * 100 + Number(cents.padEnd(2, '0'));
    if (sign === '-') return refuse('A price cannot be negative.');
    return minor > MOST_MONEY_MINOR ? refuse('Dearer than 100,000.00: surely a slip.') : minor;
  },
});

/** One of a few words. */
export const oneOf = <T extends string>(name: string, words: readonly T[], optional?: T): Column<T> => ({
  name,
  ...(optional === undefined ? {} : { optional }),
  read: (cell) => words.find((word) => word === cell.toLowerCase()) ?? refuse(`Must be one of ${words.join(', ')}.`),
});

/** A day such as 2026-03-12 that exists. */
export const day = (name: string, optional?: string): Column<string> => ({
  name,
  ...(optional === undefined ? {} : { optional }),
  read: (cell) => {
    const date = new Date(`${cell}T00:00:00Z`);
    const real = /^\d{4}-\d{2}-\d{2}$/.test(cell) && !Number.isNaN(date.getTime()) && date.toISOString().startsWith(cell);
    return real ? cell : refuse('Not a day such as 2026-03-12.');
  },
});

/** A name that must be known; `hint` may offer the nearest. */
export const known = (name: string, isKnown: (value: string) => boolean, unknown: (value: string) => string): Column<string> => ({
  name,
  read: (cell) => (isKnown(cell) ? cell : refuse(unknown(cell))),
});
