import type { Database as Connection } from 'better-sqlite3';
import { type Document, turnDeed, type TurnedRow, type TurnOutcome, TurnRefused, type TurnTask } from '../../platform/log/index.js';
import { preparing } from '../../platform/sqlite/index.js';
import { LowestRecord } from '../records/index.js';
import { writeOffer, writeRate, writeSeller } from './filedRecord.js';
import { recordTouched } from './touchedRecord.js';

/** Takes back what a file brought to the market, or brings it again, in a worker. The prices follow in the same transaction. */
export default function turnFile(task: TurnTask): TurnOutcome {
  return turnDeed(task, (rows, connection) => put(rows, connection, task.today));
}

function put(rows: readonly TurnedRow[], connection: Connection, today: string): void {
  const of = (kind: string): readonly (TurnedRow & { readonly key: string })[] =>
    rows.flatMap((row) => (row.item.startsWith(`${kind} `) ? [{ ...row, key: row.item.slice(kind.length + 1) }] : []));
  const [sellers, offers, rates] = [of('seller'), of('offer'), of('rate')];
  for (const { to } of sellers) if (to) writeSeller(connection, to);
  putOffers(offers, connection, today);
  for (const { key, to, from } of sellers) if (!to) removeSeller(key, from, connection);
  for (const { key, to } of rates) {
    const [currency = '', day = ''] = key.split(' ');
    if (to) writeRate(connection, to);
    else connection.prepare('DELETE FROM main.rate WHERE currency = ? AND day = ?').run(currency, day);
  }
  // New terms and rates change what everything costs: it is worked out anew by whoever asks next.
  if (sellers.length + rates.length > 0) new LowestRecord(preparing(connection)).forget();
}

function putOffers(offers: readonly (TurnedRow & { readonly key: string })[], connection: Connection, today: string): void {
  if (offers.length === 0) return;
  connection.exec('CREATE TEMP TABLE touched (kind, item, PRIMARY KEY (kind, item)) WITHOUT ROWID');
  const touch = connection.prepare('INSERT OR IGNORE INTO temp.touched VALUES (?, ?)');
  const remove = connection.prepare('DELETE FROM main.offer WHERE id = ?');
  const note = (row: Document | null): void => {
    if (row) touch.run(row['kind'], row['item']);
  };
  for (const { key, to, from } of offers) {
    if (to) writeOffer(connection, to);
    else remove.run(key);
    note(to);
    note(from);
  }
  recordTouched(connection, today);
}

function removeSeller(id: string, from: Document | null, connection: Connection): void {
  if (connection.prepare('SELECT 1 FROM main.offer WHERE seller = ? LIMIT 1').get(id))
    throw new TurnRefused(`${String(from?.['name'] ?? id)} offers something by now. Take its offers back first; nothing was changed.`);
  connection.prepare('DELETE FROM main.seller WHERE id = ?').run(id);
}
