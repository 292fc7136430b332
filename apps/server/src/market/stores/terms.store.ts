import type { Market } from '@outfit/market';
import type { Tables } from '../../platform/sqlite/index.js';
import { SettingsStore } from '../../settings/index.js';
import { DiscountCodeEntity, LandedShareEntity, RateEntity, SellerEntity } from '../market.entities.js';
import type { Terms } from './pricing.js';

/** Sellers, rates, codes and shares in their tables: what prices are reckoned with. */
export class TermsStore {
  constructor(private readonly tables: Tables) {}

  sellers(): SellerEntity[] {
    return this.tables.table(SellerEntity).find({ order: { id: 'ASC' } });
  }

  read(): Terms {
    return {
      currency: new SettingsStore(this.tables).now().currency,
      sellers: this.sellers(),
      rates: this.tables.table(RateEntity).find(),
      codes: this.tables.table(DiscountCodeEntity).find(),
      shares: this.tables.table(LandedShareEntity).find(),
    };
  }

  /** Sets simulated rates and codes as they are on a day. Within the caller's transaction. */
  setDay(market: Market, today: string): void {
    const rates = market.ratesOn(today).map(({ currency, day, perUnit }) => ({ currency, day, perUnit, origin: 'simulated' as const }));
    this.tables.table(RateEntity).upsertAll(rates);
    const codes = market
      .codesOn(today)
      .map(({ seller, code, percent, from, until }) => ({ seller, code, percent, fromDay: from, untilDay: until }));
    this.tables.table(DiscountCodeEntity).upsertAll(codes);
  }
}
