import type { Database as Connection } from 'better-sqlite3';
import { type Document, turnDeed, type TurnedRow, type TurnOutcome, TurnRefused, type TurnTask } from '../../platform/log/index.js';
import { tablesOf } from '../../platform/sqlite/index.js';
import { OfferEntity, RateEntity, SellerEntity } from '../market.entities.js';
import { LowestStore } from '../stores/index.js';
import { recordTouched } from './recordTouched.js';

/** Takes back what a file brought to the market, or brings it again, in a worker. The prices follow in the same transaction. */
export default function turnFile(task: TurnTask): TurnOutcome {
  return turnDeed(task, (rows, connection) => put(rows, connection, task.today));
}

function put(rows: readonly TurnedRow[], connection: Connection, today: string): void {
  const of = (kind: string): readonly (TurnedRow & { readonly key: string })[] =>
    rows.flatMap((row) => (row.item.startsWith(`${kind} `) ? [{ ...row, key: row.item.slice(kind.length + 1) }] : []));
  const [sellers, offers, rates] = [of('seller'), of('offer'), of('rate')];
  const tables = tablesOf(connection);
  const [ofSellers, ofRates] = [tables.table(SellerEntity), tables.table(RateEntity)];
  for (const { to } of sellers) {
    const row = to && ofSellers.rowOf(to, 'id');
    if (row) ofSellers.upsert({ ...row, version: (ofSellers.first({ id: row.id })?.version ?? 0) + 1 });
  }
  putOffers(offers, connection, today);
  for (const { key, to, from } of sellers) if (!to) removeSeller(key, from, connection);
  for (const { key, to } of rates) {
    const [currency = '', day = ''] = key.split(' ');
    if (to) ofRates.upsert(ofRates.rowOf(to));
    else ofRates.delete({ currency, day });
  }
  // New terms and rates change what everything costs: it is worked out anew by whoever asks next.
  if (sellers.length + rates.length > 0) new LowestStore(tables).forget();
}

function putOffers(offers: readonly (TurnedRow & { readonly key: string })[], connection: Connection, today: string): void {
  if (offers.length === 0) return;
  connection.exec('CREATE TEMP TABLE touched (kind, item, PRIMARY KEY (kind, item)) WITHOUT ROWID');
  const touch = connection.prepare('INSERT OR IGNORE INTO temp.touched VALUES (?, ?)');
  const ofOffers = tablesOf(connection).table(OfferEntity);
  const note = (row: Document | null): void => {
    if (row) touch.run(row['kind'], row['item']);
  };
  for (const { key, to, from } of offers) {
    if (to) ofOffers.upsert(ofOffers.rowOf(to));
    else ofOffers.delete({ id: key });
    note(to);
    note(from);
  }
  recordTouched(connection, today);
}

function removeSeller(id: string, from: Document | null, connection: Connection): void {
  const tables = tablesOf(connection);
  if (tables.table(OfferEntity).has({ seller: id }))
    throw new TurnRefused(`${String(from?.['name'] ?? id)} offers something by now. Take its offers back first; nothing was changed.`);
  tables.table(SellerEntity).delete({ id });
}
