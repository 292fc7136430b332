import { amountOf, inUnits, isCurrency, isDay, LAST_DAY, money, textFault, type TextRule } from '@outfit/core';
import { type Column, type Refusal, refuse } from './table.js';

const MOST_TEXT = 200;

/** A sentence of its own out of the end of one. */
export const asReason = (fault: string): string => `${fault.charAt(0).toUpperCase()}${fault.slice(1)}.`;

const textColumn = (column: string, rule: Omit<TextRule, 'most'>, optional?: string): Column<string> => ({
  name: column,
  ...(optional === undefined ? {} : { optional }),
  read: (cell) => {
    const fault = textFault(cell, { most: MOST_TEXT, ...rule });
    return fault === null ? cell : refuse(asReason(fault));
  },
});

/** What other things are known by: a name or a number. */
export const nameColumn = (column: string): Column<string> => textColumn(column, { name: true });

/** A text up to 200 characters on one line. */
export const text = (column: string, optional?: string): Column<string> => textColumn(column, {}, optional);

/** A text that may have several lines, as a cell of a spreadsheet may. */
export const remarks = (column: string, optional?: string): Column<string> => textColumn(column, { lines: true }, optional);

/** A whole number between two others. */
export const wholeNumber = (name: string, least: number, most: number, optional?: number): Column<number> => ({
  name,
  ...(optional === undefined ? {} : { optional }),
  read: (cell) => {
    const value = Number(cell);
    if (!/^[+-]?\d+$/.test(cell)) return refuse('Not a whole number.');
    return value < least || value > most ? refuse(`Not between ${least} and ${most}.`) : value;
  },
});

const MOST_MONEY_MINOR = 100_000_00;
/** In a currency nobody knows an amount is read as in most; the currency's own cell says what is wrong. */
const USUAL = 'EUR';

/** Minor units of an amount in a cell, or why there is none. */
export function amountIn(cell: string, currency: string, mostMinor = MOST_MONEY_MINOR): number | Refusal {
  const known = isCurrency(currency) ? currency : USUAL;
  if (/^-\d/.test(cell)) return refuse('A price cannot be negative.');
  const minor = /^\d/.test(cell) ? amountOf(cell, known) : 'unreadable';
  if (typeof minor === 'string') return refuse(`Not an amount such as ${inUnits(42, known)}${known === USUAL ? '' : ` in ${known}`}.`);
  return minor > mostMinor ? refuse(`Dearer than ${money(mostMinor, known)}: surely a slip.`) : minor;
}

/**
 * Money such as 0.42 or 0,42, read as minor units of the row's currency; `leastMinor` is the least that is no slip. Most files have the
 * currency in the row itself.
 */
export const moneyIn = (
  name: string,
  leastMinor = 0,
  currencyOf: (cellOf: (column: string) => string) => string = (cellOf) => cellOf('currency'),
): Column<number> => ({
  name,
  read: (cell, cellOf) => {
    const currency = currencyOf(cellOf);
    const minor = amountIn(cell, currency);
    return typeof minor === 'number' && minor < leastMinor ? refuse(`Nothing costs less than ${money(leastMinor, currency)}.`) : minor;
  },
});

/** One of a few words. */
export const oneOf = <T extends string>(name: string, words: readonly T[], optional?: T): Column<T> => ({
  name,
  ...(optional === undefined ? {} : { optional }),
  read: (cell) => words.find((word) => word === cell.toLowerCase()) ?? refuse(`Not known; known are ${words.join(', ')}.`),
});

/** A day such as 2026-03-12 that exists, and is not after `last`. */
export const day = (name: string, last = LAST_DAY): Column<string> => ({
  name,
  read: (cell) => {
    if (!isDay(cell)) return refuse('Not a day such as 2026-03-12.');
    return cell > last ? refuse(`Not yet: it is ${last}.`) : cell;
  },
});

/** A name that must be known; `hint` may offer the nearest. */
export const knownColumn = (name: string, isKnown: (value: string) => boolean, unknown: (value: string) => string): Column<string> => ({
  name,
  read: (cell) => (isKnown(cell) ? cell : refuse(unknown(cell))),
});
