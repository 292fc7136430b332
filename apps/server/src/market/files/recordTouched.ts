import type { Database as Connection } from 'better-sqlite3';
import { tablesOf } from '../../platform/sqlite/index.js';
import { OfferEntity } from '../market.entities.js';
import { LowestStore, PriceStore, Pricing, TermsStore } from '../stores/index.js';

/** Records the day's prices of what a file is about, as the temporary table `touched` names it, and has the lowest prices follow. Within the transaction of the import. */
export function recordTouched(connection: Connection, today: string): void {
  const tables = tablesOf(connection);
  const offers = tables.table(OfferEntity).select('JOIN temp.touched ON offer.kind = touched.kind AND offer.item = touched.item');
  const pricing = new Pricing(new TermsStore(tables).read(), today);
  for (const write of new PriceStore(tables).changesOn(today, offers, pricing)) write();
  const variants = tables.prepare<string>(`SELECT item FROM temp.touched WHERE kind = 'variant'`).pluck().all();
  new LowestStore(tables).refresh(variants, today);
}
