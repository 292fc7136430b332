import { day, money, oneOf, text, wholeNumber } from './cells.js';
import { refuse, type Column } from './table.js';

const or = <T, D>(column: Column<T>, optional: D): Column<T | D> => ({ name: column.name, optional, read: (cell) => column.read(cell) });

const written = (name: string, pattern: RegExp, reason: string): Column<string> => ({
  name,
  read: (cell) => (pattern.test(cell) ? cell : refuse(reason)),
});

/** Postage by weight, "20:1.95 100:3.60": up to so many grams, what it costs. Tiers must rise in weight. */
const tiers = (name: string): Column<readonly { readonly upToG: number; readonly costMinor: number }[]> => ({
  name,
  read: (cell) => {
    const found = cell.split(/\s+/).map((word) => /^(\d+(?:\.\d+)?):(\d+)(?:[.,](\d{1,2}))?$/.exec(word));
    const read = found.flatMap((match) =>
      match ? [{ upToG: Number(match[1]), costMinor: Number(match[2]) * 100 + Number((match[3] ?? '').padEnd(2, '0')) }] : [],
    );
    if (read.length === 0 || read.length < found.length) return refuse('Not postage such as 20:1.95 100:3.60.');
    return read.some((tier, i) => tier.upToG <= (read[i - 1]?.upToG ?? 0)) ? refuse('The weights must rise.') : read;
  },
});

const percent = (name: string): Column<number> => ({
  name,
  read: (cell) => {
    const value = Number(cell.replace(',', '.'));
    return /^\d+([.,]\d{1,2})?$/.test(cell) && value <= 100 ? value : refuse('Not a percentage such as 21.');
  },
});

const YES_NO = ['yes', 'no'] as const;

/** Columns of a file of sellers and their terms (docs/formats/sellers-csv.md). Money is in the seller's own currency. */
export const sellerColumns = () => ({
  id: written('seller', /^[a-z0-9][a-z0-9-]{0,59}$/, 'A short name has small letters, figures and hyphens.'),
  name: text('name'),
  country: written('country', /^[A-Z]{2}$/, 'Not a country such as NL.'),
  currency: written('currency', /^[A-Z]{3}$/, 'Not a currency such as EUR.'),
  days: wholeNumber('days', 0, 365),
  postage: tiers('postage'),
  minimumMinor: or(money('minimum'), 0),
  handlingMinor: or(money('handling'), 0),
  freePostageFromMinor: or(money('free postage from'), null),
  dutyAboveMinor: or(money('duty above'), null),
  dutyPercent: or(percent('duty percent'), 0),
  dutyFeeMinor: or(money('duty fee'), 0),
  trusted: oneOf('trusted', YES_NO, 'yes'),
  thirdParty: oneOf('third-party', YES_NO, 'no'),
});

/** Columns of a file of exchange rates (docs/formats/rates-csv.md): what one unit is worth in the workspace's currency. */
export const rateColumns = () => ({
  currency: written('currency', /^[A-Z]{3}$/, 'Not a currency such as GBP.'),
  day: day('day'),
  perUnit: {
    name: 'rate',
    read: (cell: string) => {
      const value = Number(cell.replace(',', '.'));
      return Number.isFinite(value) && value > 0 && value < 1e6 ? value : refuse('Not a rate such as 1.16.');
    },
  },
});
