import type { LandedPrice } from '@outfit/core';
import { type ItemOffers, type Market, simulatedMarket } from '@outfit/market';
import type { Database as Connection } from 'better-sqlite3';
import { CatalogueStore } from '../../catalogue/worker.js';
import { connect, type Tables, tablesOf } from '../../platform/sqlite/index.js';
import { MarketClockEntity, MarketNewsEntity, type PriceDayEntity } from '../market.entities.js';
import {
  asStored,
  LowestStore,
  lowestOf,
  type OfferChanges,
  OfferStore,
  PRICE_BATCH,
  PriceStore,
  Pricing,
  rowsOf,
  TermsStore,
} from '../stores/index.js';

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
  if (known?.key !== key) known = { key, market: simulatedMarket(new CatalogueStore(tablesOf(connection)).read(), seed, openedOn) };
  return known.market;
}

interface WorkedOut {
  readonly offers: OfferChanges;
  /** The lowest price of each variant, imported offers among them. */
  readonly lowest: ReadonlyMap<string, LandedPrice>;
}

/**
 * What a day changes, item by item: of a market of 600,000 offers only what changes is ever held.
 *
 * @param record takes the day's prices, some thousand rows at a time
 */
function workedOut(
  market: Market,
  day: string,
  tables: Tables,
  pricing: Pricing,
  record: (rows: readonly PriceDayEntity[]) => void,
): WorkedOut {
  const table = new OfferStore(tables);
  const offers = table.changes();
  const lowest = new Map<string, LandedPrice>();
  // What the market lists no more goes; what only files offer has its price.
  const rest = new Map(table.items().map((item) => [`${item.kind} ${item.id}`, item]));
  let rows: PriceDayEntity[] = [];
  const take = ({ item, offers: simulated }: ItemOffers): void => {
    const key = `${item.kind} ${item.id}`;
    const stands = simulated.map(asStored);
    offers.add(stands, table.simulatedOf(item));
    const priced = pricing.all(stands);
    const price = lowestOf(rest.get(key)?.isImported ? [...priced, ...pricing.all(table.importedOf(item))] : priced);
    if (price) lowest.set(price.variant, price);
    rows.push(...rowsOf(day, priced));
    rest.delete(key);
    if (rows.length < PRICE_BATCH) return;
    record(rows);
    rows = [];
  };
  for (const each of market.byItem(day)) take(each);
  record(rows);
  for (const item of [...rest.values()]) take({ item, offers: [] });
  return { offers, lowest };
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
    const tables = tablesOf(connection);
    const inOne = (work: () => void): void => connection.transaction(work).immediate();
    const lowestPrices = new LowestStore(tables);
    if (!goOn) inOne(lowestPrices.changesOn(day));
    else {
      const market = marketOf(connection, databaseFile, goOn);
      const terms = new TermsStore(tables);
      inOne(() => terms.setDay(market, day));
      const prices = new PriceStore(tables);
      const { offers, lowest } = workedOut(market, day, tables, new Pricing(terms.read(), day), (rows) => inOne(() => prices.write(rows)));
      inOne(() => {
        if (tables.table(MarketClockEntity).update({ id: 1, day: goOn.from }, { day }) === 0)
          throw new Error('the market has gone on meanwhile');
        offers.write();
        tables.table(MarketNewsEntity).insertAll(goOn.news.map((text) => ({ day, text })));
      });
      inOne(lowestPrices.changesTo(day, lowest));
    }
  } finally {
    connection.close();
  }
}
