import { entryAt } from './entryAt.js';
/** How money of a currency is written, and how many decimals its units have: both by ISO 4217, as the platform knows them. */
interface Writing {
  readonly format: Intl.NumberFormat;
  readonly decimals: number;
}

const writings = new Map<string, Writing>();

function writingOf(currency: string): Writing {
  let writing = writings.get(currency);
  if (!writing) {
    const format = new Intl.NumberFormat('en-GB', { style: 'currency', currency });
    writings.set(currency, (writing = { format, decimals: format.resolvedOptions().maximumFractionDigits ?? 2 }));
  }
  return writing;
}

/**
 * Decimals of a currency by ISO 4217. Throws RangeError for what is no currency code.
 *
 * @example decimalsOf('EUR') // 2
 * @example decimalsOf('JPY') // 0
 * @example decimalsOf('KWD') // 3
 */
export const decimalsOf = (currency: string): number => writingOf(currency).decimals;

/**
 * Money as people write it. `minor` is in minor units (cents) of an ISO 4217 currency; both kinds of zero read 0.00.
 * Throws RangeError for what is no currency code.
 *
 * @example money(420, 'EUR') // '€4.20'
 * @example money(420, 'JPY') // 'JP¥420'
 */
export function money(minor: number, currency: string): string {
  return writingOf(currency).format.format(minor === 0 ? 0 : unitsOf(minor, currency));
}

/**
 * Minor units as units of their currency, for what reckons with numbers.
 *
 * @example unitsOf(420, 'EUR') // 4.2
 */
export const unitsOf = (minor: number, currency: string): number => minor / 10 ** decimalsOf(currency);

/**
 * The other way round, to the nearest minor unit.
 *
 * @example minorOf(4.2, 'EUR') // 420
 */
export const minorOf = (units: number, currency: string): number => Math.round(units * 10 ** decimalsOf(currency));

/**
 * Minor units as a plain number with the decimals of their currency, for files and for fields.
 *
 * @example inUnits(420, 'EUR') // '4.20'
 * @example inUnits(420, 'JPY') // '420'
 */
export const inUnits = (minor: number, currency: string): string => unitsOf(minor, currency).toFixed(decimalsOf(currency));

const REGIONS = new Intl.DisplayNames('en', { type: 'region', fallback: 'none' });

/** Is this a country by its two letters (ISO 3166-1)? ZZ stands for none. */
export const isCountry = (code: string): boolean => /^[A-Z]{2}$/.test(code) && code !== 'ZZ' && REGIONS.of(code) !== undefined;

/** Is it a currency that money can be in, as an ISO 4217 code in capitals? */
export const isCurrency = (code: string): boolean => CURRENCIES.has(code);
const CURRENCIES: ReadonlySet<string> = new Set(Intl.supportedValuesOf('currency'));

/**
 * Shares a whole sum over weights so that the shares add up to it, to the cent: each gets its part rounded down, and what is
 * left goes one unit each to the largest remainders, the first of equals first (the largest-remainder method of Hamilton,
 * 1792). Everything by count when no weight is above nothing. Sums and shares in minor units; the sum may be negative.
 *
 * @example shareToCent(300, [10, 90]) // [30, 270]
 * @example shareToCent(100, [1, 1, 1]) // [34, 33, 33]
 */
export function shareToCent(sumMinor: number, weights: readonly number[]): readonly number[] {
  const all = weights.reduce((sum, weight) => sum + Math.max(0, weight), 0);
  const exact = weights.map((weight) => sumMinor * (all > 0 ? Math.max(0, weight) / all : 1 / weights.length));
  const shares = exact.map(Math.floor);
  let left = sumMinor - shares.reduce((sum, share) => sum + share, 0);
  const byRemainder = [...exact.keys()].sort((a, b) => remainder(exact, b) - remainder(exact, a) || a - b);
  for (const i of byRemainder) {
    if (left <= 0) break;
    shares[i] = entryAt(shares, i) + 1;
    left -= 1;
  }
  return shares;
}

/** Floating dust is swept off, or 29.999999 would count as almost a cent more than 30. */
const remainder = (exact: readonly number[], i: number): number =>
  Math.round((entryAt(exact, i) - Math.floor(entryAt(exact, i))) * 1e6) / 1e6;

/** What stands in a field for an amount: minor units, nothing at all, or what is no amount. */
export type Amount = number | 'nothing' | 'unreadable';

const SIGN = '(?:[A-Za-z]{2,3}|[€£$¥])?';
const AMOUNT = new RegExp(`^${SIGN} ?(\\d{1,9})(?:[.,](\\d{1,3}))? ?${SIGN}$`);

/**
 * An amount as it is typed, in minor units of a currency: with a point or a comma before its decimals, of which it may have as many as
 * the currency has, and a sign before or behind it or none. Thousands are not told apart, as 1.234 would be one thing here and
 * another there.
 *
 * @example amountOf('3,95', 'EUR') // 395
 * @example amountOf('12 €', 'EUR') // 1200
 * @example amountOf(' ', 'EUR') // 'nothing'
 * @example amountOf('1.234', 'EUR') // 'unreadable'
 * @example amountOf('1200', 'JPY') // 1200
 * @example amountOf('12.5', 'JPY') // 'unreadable'
 */
export function amountOf(text: string, currency: string): Amount {
  if (text.trim() === '') return 'nothing';
  const [, units, decimals = ''] = AMOUNT.exec(text.trim()) ?? [];
  const most = decimalsOf(currency);
  if (units === undefined || decimals.length > most) return 'unreadable';
  return Number(units + decimals.padEnd(most, '0'));
}
