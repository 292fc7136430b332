import type { Database as Connection } from 'better-sqlite3';
import { preparing } from '../../platform/sqlite/index.js';
import type { OfferEntity } from '../market.entities.js';
import { LowestRecord, PriceRecord, Pricing, TermsRecord } from '../records/index.js';

/** Records the day's prices of what a file is about, as the temporary table `touched` names it, and has the lowest prices follow. Within the transaction of the import. */
export function recordTouched(connection: Connection, today: string): void {
  const prepare = preparing(connection);
  const offers = prepare(
    `SELECT offer.id, offer.seller, offer.kind, offer.item, priceMinor, stock, multiple, condition, seenOn, origin
       FROM temp.touched JOIN main.offer ON offer.kind = touched.kind AND offer.item = touched.item`,
  ).all() as OfferEntity[];
  const pricing = new Pricing(new TermsRecord(prepare).read(), today);
  for (const write of new PriceRecord(prepare).changesOn(today, offers, pricing)) write();
  const variants = prepare(`SELECT item FROM temp.touched WHERE kind = 'variant'`).pluck().all() as string[];
  new LowestRecord(prepare).refresh(variants, today);
}
