import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { type LandedPrice, lowestLandedOf } from '@outfit/core';
import { CatalogueService } from '../src/catalogue/index.js';
import type { AdvancedDto, ClockDto, ItemPricesDto, PricesDto } from '../src/market/market.dto.js';
import { MarketService } from '../src/market/market.service.js';
import { Database } from '../src/platform/db/index.js';
import { Harness, suiteDay } from './harness.js';

const ITEM = 'market/prices/variant/' + encodeURIComponent('HA-118·raven');

let whole: Harness;
let broken: Harness;
beforeAll(async () => {
  whole = await Harness.start();
  broken = await Harness.start();
}, 120_000);
afterAll(async () => {
  await whole.stop();
  await broken.stop();
});

const rows = (server: Harness, sql: string): unknown[] => server.app.get(Database).prepare(sql).all();
/** Everything a market day leaves behind. */
const market = (server: Harness) => ({
  clock: rows(server, 'SELECT day, seed, openedOn FROM market_clock'),
  offers: rows(server, 'SELECT id, priceMinor, stock, seenOn FROM offer ORDER BY id'),
  news: rows(server, 'SELECT day, text FROM market_news ORDER BY id'),
});
const day = async (server: Harness): Promise<string> => (await server.get<ClockDto>('market/clock')).body.day;
const recorded = async (server: Harness): Promise<string[]> => (await server.get<ItemPricesDto>(ITEM)).body.history.map((row) => row.day);
const advance = (server: Harness) => server.post<AdvancedDto>('market/clock/advance', { days: 1 });

/** Has every write of a kind fail, as if the process had been killed just there. */
const breakAt = (what: string): Promise<void> =>
  broken.app.get(Database).write(() => {
    broken.app.get(Database).prepare(`CREATE TRIGGER killed BEFORE ${what} BEGIN SELECT RAISE(ABORT, 'killed here'); END`).run();
  });
const mend = (): Promise<void> =>
  broken.app.get(Database).write(() => {
    broken.app.get(Database).prepare('DROP TRIGGER killed').run();
  });

describe('a market day that is broken off', () => {
  test('before its clock is moved has not begun: offers, clock, news and prices shown are of the day before', async () => {
    const before = market(broken);
    const history = await recorded(broken);
    for (const step of ['UPDATE ON market_clock', 'UPDATE ON offer', 'INSERT ON price_day']) {
      await breakAt(step);
      expect((await advance(broken)).status).toBe(500);
      expect([step, market(broken)]).toEqual([step, before]);
      expect([step, await recorded(broken)]).toEqual([step, history]);
      await mend();
    }
    // The prices of the day that was not reached are in the table by then, and nobody is shown them.
    const [{ last }] = rows(broken, 'SELECT MAX(day) AS last FROM price_day') as [{ last: string }];
    expect(last > (await day(broken))).toBe(true);
  });

  test('is reached whole when it is gone on to again: as on a market that was never broken', async () => {
    expect([(await advance(broken)).status, (await advance(whole)).status]).toEqual([201, 201]);
    expect(market(broken)).toEqual(market(whole));
    expect(await recorded(broken)).toEqual(await recorded(whole));
    expect((await recorded(broken)).at(-1)).toBe(await day(broken));
  });

  test('after its clock is moved is reached, and the lowest prices follow', async () => {
    await breakAt('UPDATE ON lowest_price_day');
    const before = await day(broken);
    expect((await advance(broken)).status).toBe(500);
    expect((await day(broken)) > before).toBe(true);
    await mend();
    const { offers } = broken.app.get(MarketService).view({ kind: 'variant' });
    const expected = [...lowestLandedOf(offers.map((offer) => ({ ...offer, variant: offer.item }))).values()];
    const kept = async (): Promise<readonly Pick<LandedPrice, 'variant' | 'landedMinor'>[]> => {
      const { lowest } = (await broken.get<PricesDto>('market/prices')).body;
      const { variants } = broken.app.get(CatalogueService).now().data;
      return lowest.rows.map((row, i) => ({ variant: variants[row]?.id ?? '', landedMinor: lowest.landedMinor[i] ?? NaN }));
    };
    const sorted = (list: readonly Pick<LandedPrice, 'variant' | 'landedMinor'>[]) =>
      list.map(({ variant, landedMinor }) => `${variant} ${landedMinor}`).sort();
    for (let i = 0; i < 100 && sorted(await kept()).join() !== sorted(expected).join(); i += 1)
      await new Promise((resolve) => setTimeout(resolve, 50));
    expect(sorted(await kept())).toEqual(sorted(expected));
  });
});

describe('what the market lists no more, and what only files offer', () => {
  test('a simulated offer of it goes with the next day; the price of an imported one is kept true', async () => {
    const database = whole.app.get(Database);
    const [{ item }] = rows(whole, `SELECT id AS item FROM variant WHERE id NOT IN (SELECT item FROM offer) LIMIT 1`) as [{ item: string }];
    const [{ other }] = rows(
      whole,
      `SELECT id AS other FROM variant WHERE id NOT IN (SELECT item FROM offer) AND id <> '${item}' LIMIT 1`,
    ) as [{ other: string }];
    await database.write(() => {
      const add = database.prepare(
        `INSERT INTO offer (id, seller, kind, item, priceMinor, stock, multiple, condition, seenOn, origin)
           VALUES (?, 'tin-drawer', 'variant', ?, 77, 3, 1, 'used', '${suiteDay(-2)}', ?)`,
      );
      add.run('gone', item, 'simulated');
      add.run('from a file', other, 'imported');
    });
    expect((await advance(whole)).status).toBe(201);
    expect(rows(whole, `SELECT id FROM offer WHERE id IN ('gone', 'from a file')`)).toEqual([{ id: 'from a file' }]);
    expect(rows(whole, `SELECT priceMinor FROM lowest_price WHERE variant = '${other}'`)).toEqual([{ priceMinor: 77 }]);
    expect(rows(whole, `SELECT priceMinor FROM lowest_price WHERE variant = '${item}'`)).toEqual([]);
  });
});
