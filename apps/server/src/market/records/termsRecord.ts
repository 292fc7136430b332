import type { Market } from '@outfit/market';
import type { Prepare } from '../../platform/sqlite/index.js';
import type { DiscountCodeEntity, LandedShareEntity, RateEntity, SellerEntity } from '../market.entities.js';
import type { Terms } from './pricing.js';

interface RawSeller extends Omit<SellerEntity, 'postage' | 'duty' | 'trusted' | 'thirdParty'> {
  readonly postage: string;
  readonly duty: string | null;
  readonly trusted: number;
  readonly thirdParty: number;
}

/** Sellers, rates, codes and shares in their tables: what prices are reckoned with. */
export class TermsRecord {
  constructor(private readonly prepare: Prepare) {}

  sellers(): SellerEntity[] {
    const rows = this.prepare('SELECT * FROM seller ORDER BY id').all() as RawSeller[];
    return rows.map((row) => ({
      ...row,
      postage: JSON.parse(row.postage) as SellerEntity['postage'],
      duty: row.duty === null ? null : (JSON.parse(row.duty) as SellerEntity['duty']),
      trusted: row.trusted !== 0,
      thirdParty: row.thirdParty !== 0,
    }));
  }

  read(): Terms {
    return {
      sellers: this.sellers(),
      rates: this.prepare('SELECT * FROM rate').all() as RateEntity[],
      codes: this.prepare('SELECT * FROM discount_code').all() as DiscountCodeEntity[],
      shares: this.prepare('SELECT * FROM landed_share').all() as LandedShareEntity[],
    };
  }

  /** Sets simulated rates and codes as they are on a day. Within the caller's transaction. */
  setDay(market: Market, day: string): void {
    const rate = this.prepare(
      `INSERT INTO rate (currency, day, perUnit, origin) VALUES (?, ?, ?, 'simulated')
         ON CONFLICT (currency, day) DO UPDATE SET perUnit = excluded.perUnit, origin = excluded.origin`,
    );
    for (const { currency, day: on, perUnit } of market.ratesOn(day)) rate.run(currency, on, perUnit);
    const code = this.prepare(
      `INSERT INTO discount_code (seller, code, fromDay, percent, untilDay) VALUES (?, ?, ?, ?, ?)
         ON CONFLICT (seller, code, fromDay) DO UPDATE SET percent = excluded.percent, untilDay = excluded.untilDay`,
    );
    for (const { seller, code: name, percent, from, until } of market.codesOn(day)) code.run(seller, name, from, percent, until);
  }
}
