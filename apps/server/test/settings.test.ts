import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { CatalogueData } from '@outfit/core';
import type { PricesDto, SellerDto, OfferDto } from '../src/market/market.dto.js';
import type { SettingsDto } from '../src/settings/settings.dto.js';
import { Harness, suiteDay } from './harness.js';

const settingsOf = async (server: Harness): Promise<SettingsDto> => (await server.get<SettingsDto>('settings')).body;
const reckonIn = (server: Harness, currency: string, version: number) =>
  server.put<SettingsDto>(`settings?version=${version}`, { currency });

describe('a workspace with amounts in it', () => {
  let server: Harness;
  beforeAll(async () => (server = await Harness.start()), 60_000);
  afterAll(() => server.stop());

  test('keeps its currency, and says what is kept in it', async () => {
    const { version, keptInIt } = await settingsOf(server);
    expect(keptInIt).toEqual(expect.arrayContaining(['budgets', 'exchange rates', 'parcels', 'prices of pieces']));
    const refused = await server.put(`settings?version=${version}`, { currency: 'JPY' });
    expect(refused.status).toBe(409);
    expect(refused.body.message).toContain('in EUR, and amounts are never converted');
    expect((await settingsOf(server)).currency).toBe('EUR');
  });
});

describe('a workspace that begins with nothing', () => {
  let server: Harness;
  beforeAll(async () => (server = await Harness.start(undefined, false)), 60_000);
  afterAll(() => server.stop());

  test('takes any currency there is, over the version that was seen', async () => {
    const { version, currency, keptInIt } = await settingsOf(server);
    expect([currency, keptInIt]).toEqual(['EUR', []]);
    expect((await server.put('settings', { currency: 'JPY' })).status).toBe(428);
    expect((await reckonIn(server, 'QQQ', version)).status).toBe(422);
    expect((await reckonIn(server, 'JPY', version + 1)).status).toBe(409);
    expect((await reckonIn(server, 'jpy', version)).body).toMatchObject({ currency: 'JPY', version: version + 1 });
    expect((await server.get<PricesDto>('market/prices')).body.currency).toBe('JPY');
  });

  test('takes it back by Undo', async () => {
    expect((await server.post<{ done: string }>('history/settings/all/undo')).body.done).toBe('Reckoned in JPY');
    expect((await settingsOf(server)).currency).toBe('EUR');
    expect((await server.post('history/settings/all/redo')).status).toBe(201);
    expect((await settingsOf(server)).currency).toBe('JPY');
  });

  test('reads amounts by the decimals of each seller’s currency, and converts between them', async () => {
    await server.post('beginning', { with: 'basics' });
    const { body: catalogue } = await server.get<CatalogueData>('catalogue');
    const [mould, colour] = [catalogue.moulds[0]?.number ?? '', catalogue.colours[0]?.id ?? ''];
    const item = `${mould}·${colour}`;
    expect((await server.post('catalogue/entries', { kind: 'variants', row: { id: item, mould, colours: [colour] } })).status).toBe(201);
    const sellers = [
      'seller,name,country,currency,days,postage,sells from',
      'tin-moon,Tin Moon,GB,GBP,4,50:1.50,2',
      'kite,Kite,JP,JPY,3,50:120,500',
    ];
    expect((await server.post<{ importedCount: number }>('market/import/sellers?agree=all', sellers.join('\n'))).body.importedCount).toBe(
      2,
    );
    const rates = ['currency,day,rate', `GBP,${suiteDay()},190`];
    expect((await server.post('market/import/rates?agree=all', rates.join('\n'))).status).toBe(201);
    const offers = [
      'seller,item,asks,left,seen on',
      `tin-moon,${item},0.42,4,${suiteDay()}`,
      `kite,${item},79,2,${suiteDay()}`,
      `kite,${item},0.5,2,${suiteDay()}`,
    ];
    const { body: report } = await server.post<{ problems: { line: number; reason: string }[] }>(
      'market/import?agree=sound',
      offers.join('\n'),
    );
    expect(report.problems).toMatchObject([{ line: 4, reason: 'Not an amount such as 42 in JPY.' }]);
    const { body: told } = await server.get<SellerDto[]>('market/sellers');
    // £1.50 and £2 at ¥190 to the pound; what is asked in pence stays as it was written.
    expect(told.find(({ id }) => id === 'tin-moon')).toMatchObject({
      ...{ minimumMinor: 380, postage: [{ upToG: 50, costMinor: 285 }] },
      asked: { minimumMinor: 200, postage: [{ upToG: 50, costMinor: 150 }] },
    });
    expect(told.find(({ id }) => id === 'kite')).toMatchObject({ minimumMinor: 500, postage: [{ upToG: 50, costMinor: 120 }] });
    const { body: found } = await server.get<OfferDto[]>(`market/offers?kind=variant&item=${encodeURIComponent(item)}`);
    expect(found.map(({ seller, askedMinor, priceMinor }) => [seller, askedMinor, priceMinor]).sort()).toEqual([
      ['kite', 79, 79],
      ['tin-moon', 42, 80],
    ]);
  });

  test('keeps it from then on: there are rates in it', async () => {
    const { version, keptInIt } = await settingsOf(server);
    expect(keptInIt).toEqual(['exchange rates']);
    const refused = await server.post('history/settings/all/undo');
    expect(refused.status).toBe(409);
    expect((await reckonIn(server, 'EUR', version)).status).toBe(409);
  });
});
