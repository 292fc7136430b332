import type { Database as Connection } from 'better-sqlite3';
import type { Document } from '../../platform/log/index.js';

const SELLER =
  'id, name, kind, country, currency, days, trusted, thirdParty, minimumMinor, handlingMinor, postage, freePostageFromMinor, duty, reliability';
const RATE = 'currency, day, perUnit, origin';
const OFFER = 'id, seller, kind, item, priceMinor, stock, multiple, condition, seenOn, origin';

type Raw = Readonly<Record<string, string | number | null>>;
const named = (columns: string): string =>
  columns
    .split(', ')
    .map((column) => `@${column}`)
    .join(', ');

/** A seller as the history keeps it: documents as documents, truths as truths; null where there is none. */
export function sellerOf(connection: Connection, id: string): Document | null {
  const row = connection.prepare(`SELECT ${SELLER} FROM main.seller WHERE id = ?`).get(id) as Raw | undefined;
  if (!row) return null;
  const { postage, duty, trusted, thirdParty, ...rest } = row;
  const read = (text: Raw[string] | undefined): unknown => (typeof text === 'string' ? (JSON.parse(text) as unknown) : null);
  return { ...rest, postage: read(postage), duty: read(duty), trusted: trusted === 1, thirdParty: thirdParty === 1 };
}

/** Writes a seller as the history keeps it. */
export function writeSeller(connection: Connection, { postage, duty, trusted, thirdParty, ...rest }: Document): void {
  const text = (value: unknown): string | null => (value === null || value === undefined ? null : JSON.stringify(value));
  const row = { ...rest, postage: text(postage), duty: text(duty), trusted: Number(trusted), thirdParty: Number(thirdParty) };
  const sets = SELLER.split(', ').map((column) => `${column} = excluded.${column}`);
  connection
    .prepare(`INSERT INTO main.seller (${SELLER}) VALUES (${named(SELLER)}) ON CONFLICT (id) DO UPDATE SET ${sets.join(', ')}`)
    .run(row);
}

export function rateOf(connection: Connection, { currency, day }: { readonly currency: string; readonly day: string }): Document | null {
  const row = connection.prepare(`SELECT ${RATE} FROM main.rate WHERE currency = ? AND day = ?`).get(currency, day);
  return (row as Document | undefined) ?? null;
}

export function writeRate(connection: Connection, rate: Document): void {
  connection.prepare(`INSERT OR REPLACE INTO main.rate (${RATE}) VALUES (${named(RATE)})`).run(rate);
}

export function writeOffer(connection: Connection, offer: Document): void {
  connection.prepare(`INSERT OR REPLACE INTO main.offer (${OFFER}) VALUES (${named(OFFER)})`).run(offer);
}
