import { type Market, simulatedMarket } from '@outfit/market';
import type { Database as Connection } from 'better-sqlite3';
import { CatalogueStore } from '../../catalogue/worker.js';
import type { OfferEntity } from '../market.entities.js';
import { connect, preparing } from '../../platform/sqlite/index.js';
import { asStored, LowestRecord, OfferRecord, PriceRecord, Pricing, TermsRecord } from '../records/index.js';

/** To go on to a day, or only to work the lowest prices out for it. */
export interface DayTask {
  readonly databaseFile: string;
  readonly day: string;
  /** Null when only the lowest prices are asked for. */
  readonly goOn: {
    readonly from: string;
    readonly seed: number;
    readonly openedOn: string;
    /** Grows when the catalogue changes. */
    readonly revision: number;
    readonly news: readonly string[];
  } | null;
}

const BUSY_MS = 30_000;

let known: { readonly key: string; readonly market: Market } | null = null;

/** The simulation over the catalogue as it stands; made anew only when that has changed. */
function marketOf(connection: Connection, file: string, { seed, openedOn, revision }: NonNullable<DayTask['goOn']>): Market {
  const key = JSON.stringify([file, seed, openedOn, revision]);
  if (known?.key !== key) known = { key, market: simulatedMarket(new CatalogueStore(preparing(connection)).read(), seed, openedOn) };
  return known.market;
}

/**
 * Moves the simulated market on by a day, in a worker. Everything is worked out while nothing is locked. What is written first,
 * rates and recorded prices of the new day, is out of sight until the clock has reached it; offers, news and the clock change in
 * one transaction. Broken off anywhere, the market stands on one day or on the other.
 */
export default function goToDay({ databaseFile, day, goOn }: DayTask): void {
  const connection = connect(databaseFile);
  try {
    connection.pragma(`busy_timeout = ${BUSY_MS}`);
    const prepare = preparing(connection);
    const inOne = (work: () => void): void => connection.transaction(work).immediate();
    let stands: readonly OfferEntity[] | null = null;
    if (goOn) {
      const market = marketOf(connection, databaseFile, goOn);
      const terms = new TermsRecord(prepare);
      inOne(() => terms.setDay(market, day));
      stands = market.offersOn(day).map(asStored);
      for (const batch of new PriceRecord(prepare).changesOn(day, stands, new Pricing(terms.read(), day))) inOne(batch);
      const changeOffers = new OfferRecord(prepare).changesTo(stands);
      inOne(() => {
        const { changes } = prepare('UPDATE market_clock SET day = ? WHERE id = 1 AND day = ?').run(day, goOn.from);
        if (changes === 0) throw new Error('the market has gone on meanwhile');
        changeOffers();
        for (const text of goOn.news) prepare('INSERT INTO market_news (day, text) VALUES (?, ?)').run(day, text);
      });
    }
    inOne(new LowestRecord(prepare).changesOn(day, stands));
  } finally {
    connection.close();
  }
}
