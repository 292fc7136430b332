import { isCountry, isCurrency } from '@outfit/core';
import { amountIn, type Column, day, formerly, moneyIn, nameColumn, oneOf, Refusal, refuse, wholeNumber } from '../table/index.js';

const or = <T, D>(column: Column<T>, optional: D): Column<T | D> => ({
  name: column.name,
  optional,
  read: (cell, cellOf) => column.read(cell, cellOf),
});

const patternColumn = (name: string, pattern: RegExp, reason: string): Column<string> => ({
  name,
  read: (cell) => (pattern.test(cell) ? cell : refuse(reason)),
});

/** Postage by weight, "20:1.95 100:3.60": up to so many grams, what it costs. Tiers must rise in weight. */
const tiers = (name: string): Column<readonly { readonly upToG: number; readonly costMinor: number }[]> => ({
  name,
  read: (cell, cellOf) => {
    const currency = cellOf('currency');
    const found = cell.split(/\s+/).map((word) => /^(\d+(?:\.\d+)?):(\S+)$/.exec(word));
    const read: { upToG: number; costMinor: number }[] = [];
    for (const match of found) {
      if (!match) return refuse('Not postage such as 20:1.95 100:3.60.');
      const costMinor = amountIn(match[2] ?? '', currency, MOST_POSTAGE_MINOR);
      if (costMinor instanceof Refusal) return costMinor;
      read.push({ upToG: Number(match[1]), costMinor });
    }
    if (read.some((tier, i) => tier.upToG <= (read[i - 1]?.upToG ?? 0)))
      return refuse('The weights rise from one step to the next; these do not.');
    if (read.some((tier, i) => tier.costMinor < (read[i - 1]?.costMinor ?? 0)))
      return refuse('More weight never costs less postage; here it does.');
    return read;
  },
});

const percent = (name: string): Column<number> => ({
  name,
  read: (cell) => {
    const value = Number(cell.replace(',', '.'));
    return /^\d+([.,]\d{1,2})?$/.test(cell) && value <= 100 ? value : refuse('Not a percentage such as 21.');
  },
});

const MOST_POSTAGE_MINOR = 10_000_00;
/** A country by its two letters (ISO 3166-1); ZZ stands for none. */
const country = (name: string): Column<string> => ({
  name,
  read: (cell) => (isCountry(cell) ? cell : refuse('Not a country such as NL.')),
});

const currency = (name: string, example: string): Column<string> => ({
  name,
  read: (cell) => (isCurrency(cell) ? cell : refuse(`Not a currency such as ${example}.`)),
});

const YES_NO = ['yes', 'no'] as const;

/** Columns of a file of sellers and their terms (docs/formats/sellers-csv.md). Money is in the seller's own currency. */
export const sellerColumns = () => ({
  id: patternColumn('seller', /^[a-z0-9][a-z0-9-]{0,59}$/, 'A short name has small letters, figures and hyphens.'),
  name: nameColumn('name'),
  country: country('country'),
  currency: currency('currency', 'EUR'),
  days: wholeNumber('days', 0, 365),
  postage: tiers('postage'),
  minimumMinor: formerly('minimum', or(moneyIn('sells from'), 0)),
  handlingMinor: formerly('handling', or(moneyIn('packing'), 0)),
  freePostageFromMinor: formerly('free postage from', or(moneyIn('posts free from'), null)),
  dutyAboveMinor: or(moneyIn('duty above'), null),
  dutyPercent: or(percent('duty percent'), 0),
  dutyFeeMinor: or(moneyIn('duty fee'), 0),
  trusted: oneOf('trusted', YES_NO, 'yes'),
  thirdParty: oneOf('third-party', YES_NO, 'no'),
});

/** Notes each row whose key the file has had already: two rows of one thing cannot both be meant. */
export function notTwice<Row>(column: string, keyOf: (row: Row) => string, reason: string) {
  const seen = new Set<string>();
  return (row: Row): { readonly column: string; readonly reason: string } | null =>
    seen.size === seen.add(keyOf(row)).size ? { column, reason } : null;
}

const MOST_RATE = 1e6;

/**
 * Columns of a file of exchange rates (docs/formats/rates-csv.md): what one unit is worth in the workspace's currency `own`,
 * which has no rate. No day is after `today`.
 */
export const rateColumns = (own: string, today: string) => ({
  currency: {
    name: 'currency',
    read: (cell: string) => {
      if (!isCurrency(cell)) return refuse('Not a currency such as GBP.');
      return cell === own ? refuse(`Everything is reckoned in ${own}; it has no rate of its own.`) : cell;
    },
  },
  day: day('day', today),
  perUnit: {
    name: 'rate',
    read: (cell: string) => {
      const value = Number(cell.replace(',', '.'));
      return /^\d{1,7}([.,]\d{1,9})?$/.test(cell) && value > 0 && value < MOST_RATE ? value : refuse('Not a rate such as 1.16.');
    },
  },
});
