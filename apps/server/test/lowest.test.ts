import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { CONDITIONS, type LandedPrice, lowestLandedOf } from '@outfit/core';
import { CatalogueService } from '../src/catalogue/index.js';
import type { AdvancedDto, PricesDto } from '../src/market/market.dto.js';
import { MarketService } from '../src/market/market.service.js';
import { Database } from '../src/platform/db/index.js';
import { Harness, suiteDay } from './harness.js';

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

/** The lowest prices as reading the whole market gives them: the slow way that the kept table must agree with. */
function readWhole(): readonly LandedPrice[] {
  const { offers } = server.app.get(MarketService).view({ kind: 'variant' });
  return [...lowestLandedOf(offers.map((offer) => ({ ...offer, variant: offer.item }))).values()];
}
const byVariant = (rows: readonly LandedPrice[]) => [...rows].sort((a, b) => (a.variant < b.variant ? -1 : 1));
async function kept(): Promise<readonly LandedPrice[]> {
  const { rows, landedMinor, priceMinor, sellers, seenOn, conditions, names } = (await server.get<PricesDto>('market/prices')).body.lowest;
  const { variants } = server.app.get(CatalogueService).now().data;
  return rows.map((row, i) => ({
    variant: variants[row]?.id ?? '',
    landedMinor: landedMinor[i] ?? NaN,
    priceMinor: priceMinor[i] ?? NaN,
    seller: names[sellers[i] ?? NaN] ?? '',
    seenOn: names[seenOn[i] ?? NaN] ?? '',
    condition: CONDITIONS.find((condition) => condition === names[conditions[i] ?? NaN]) ?? 'new',
  }));
}
const agree = async (): Promise<void> => expect(byVariant(await kept())).toEqual(byVariant(readWhole()));
const of = async (variant: string) => (await kept()).find((row) => row.variant === variant);
const send = async (path: string, body: string): Promise<void> =>
  expect((await server.request('POST', path, body, { 'content-type': 'text/csv' })).status).toBe(201);
const HEAD = 'seller,item,asks,left,sold in,condition,seen on';

describe('the kept lowest prices are those of the whole market', () => {
  test('when a workspace is new', agree);

  test('on another day of the market', async () => {
    const before = await kept();
    expect((await server.post<AdvancedDto>('market/clock/advance', { days: 2 })).status).toBe(201);
    expect(await kept()).not.toEqual(before);
    await agree();
  });

  test('when a file brings a cheaper offer, and when the next file of that seller leaves it out', async () => {
    await send('market/import?agree=all', `${HEAD}\ntin-drawer,HA-118·raven,0.02,3,1,used,${suiteDay(-7)}\n`);
    expect(await of('HA-118·raven')).toMatchObject({ seller: 'tin-drawer', priceMinor: 2 });
    await agree();
    await send('market/import?agree=all', `${HEAD}\ntin-drawer,HA-121·raven,9.00,3,1,used,${suiteDay(-7)}\n`);
    expect((await of('HA-118·raven'))?.priceMinor).toBeGreaterThan(2);
    await agree();
  });

  test('when only a worn one is cheaper: it is no cheapest of what errands buy', async () => {
    const before = await of('HA-121·raven');
    await send('market/import?agree=all', `${HEAD}\ntin-drawer,HA-121·raven,0.01,3,1,worn,${suiteDay(-7)}\n`);
    expect(await of('HA-121·raven')).not.toMatchObject({ priceMinor: 1 });
    expect((await of('HA-121·raven'))?.condition).toBe(before?.condition);
    await agree();
  });

  test('when a seller’s terms or a rate change', async () => {
    await send('market/import/sellers?agree=all', 'seller,name,country,currency,days,postage\ntin-drawer,Tin drawer,NL,EUR,4,20:0.05\n');
    await agree();
    await send('market/import/rates?agree=all', `currency,day,rate\nGBP,${suiteDay(-2)},0.2000\n`);
    await agree();
  });

  test('when two variants turn out to be one', async () => {
    expect((await server.post('catalogue/merge', { kind: 'variant', double: 'HA-121·raven', kept: 'HA-118·raven' })).status).toBe(201);
    expect(await of('HA-121·raven')).toBeUndefined();
    await agree();
  });

  test('once the day they were worked out for is over', async () => {
    const database = server.app.get(Database);
    const lost = (await kept()).find((row) => row.variant !== 'HA-118·raven')?.variant ?? '';
    await database.write(() => {
      database.prepare(`UPDATE lowest_price_day SET day = '2026-01-01'`).run();
      database.prepare(`DELETE FROM lowest_price WHERE variant = ?`).run(lost);
    });
    await kept();
    for (let i = 0; i < 100 && !(await of(lost)); i += 1) await new Promise((resolve) => setTimeout(resolve, 50));
    await agree();
  });
});
