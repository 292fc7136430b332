import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { MarketClockEntity } from '../src/market/market.entities.js';
import { Database } from '../src/platform/db/index.js';
import {
  type AdvancedDto,
  type ClockDto,
  type ItemPricesDto,
  type OfferDto,
  type OfferImportDto,
  type SellerDto,
  type WatchesDto,
  type SellerOffersDto,
} from '../src/market/market.dto.js';
import { type ImportReportDto } from '../src/platform/importing/importReport.dto.js';
import { Harness, suiteDay } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

const prices = async (kind: string, id: string, query = ''): Promise<ItemPricesDto> =>
  (await server.get<ItemPricesDto>(`market/prices/${kind}/${encodeURIComponent(id)}${query}`)).body;

describe('the market', () => {
  test('has forty sellers in three currencies, their terms in the workspace’s', async () => {
    const { body } = await server.get<SellerDto[]>('market/sellers');
    expect(body).toHaveLength(40);
    expect(new Set(body.map((seller) => seller.currency))).toEqual(new Set(['EUR', 'GBP', 'SEK']));
    const swedish = body.find((seller) => seller.id === 'summer-ferry');
    // 31.00 kronor at about 0.088 is between 2.60 and 2.90 euro.
    expect(swedish?.postage[0]?.costMinor).toBeGreaterThan(260);
    expect(swedish?.postage[0]?.costMinor).toBeLessThan(290);
    expect(body.filter((seller) => seller.duty).length).toBeGreaterThan(3);
  });

  test('converts what is asked abroad and takes codes off', async () => {
    const { body } = await server.get<OfferDto[]>('market/offers?seller=little-tenement');
    const [offer] = body.filter((row) => row.code === null && row.askedMinor > 50);
    expect(offer?.currency).toBe('GBP');
    expect((offer?.priceMinor ?? 0) / (offer?.askedMinor ?? 1)).toBeCloseTo(1.15, 1);
  });

  test('pages through all a seller offers, the cheapest first, and finds every one by its words', async () => {
    const page = async (query: string) => (await server.get<SellerOffersDto>(`market/sellers/tin-drawer/offers?${query}`)).body;
    const { total } = await page('limit=1');
    const all: OfferDto[] = [];
    while (all.length < total) all.push(...(await page(`offset=${all.length}&limit=200`)).offers);
    const whole = (await server.get<OfferDto[]>('market/offers?seller=tin-drawer')).body;
    expect(new Set(all.map((offer) => offer.id))).toEqual(new Set(whole.map((offer) => offer.id)));
    expect(all.map((offer) => offer.priceMinor)).toEqual([...all].map((offer) => offer.priceMinor).sort((a, b) => a - b));
    const [dearest] = all.slice(-1);
    const found = await page(`words=${encodeURIComponent((dearest?.item ?? '').toLowerCase())}&limit=200`);
    expect(found.offers.map((offer) => offer.id)).toContain(dearest?.id);
    expect(found.total).toBe(found.offers.length);
    expect(found.offers.every((offer) => offer.item.startsWith(dearest?.item ?? '-'))).toBe(true);
    expect((await page('words=nothing-like-that')).total).toBe(0);
    expect((await server.get('market/sellers/nobody/offers')).status).toBe(404);
    expect((await server.get('market/sellers/tin-drawer/offers?limit=9999')).status).toBe(400);
  });

  test('tells everything of a part: now, before, trend, supply, rarity, advice', async () => {
    const item = await prices('variant', 'HA-118·raven');
    expect(item).toMatchObject({ kind: 'variant', name: 'Low knot in raven', currency: 'EUR', condition: 'used', worth: null });
    expect(item.history.length).toBeGreaterThan(10);
    expect(item.supply.at(-1)?.upTo).toBe(item.rarity.stock);
    expect(item.offers.map((offer) => offer.landedMinor)).toEqual([...item.offers.map((offer) => offer.landedMinor)].sort((a, b) => a - b));
    expect(item.advice?.sentence.length).toBeGreaterThan(10);
    expect((await prices('variant', 'HA-118·raven', '?withinDays=0')).advice?.rule).toBe('deadline');
  });

  test('tells what a figure is worth four ways, its shares adding up to all of it', async () => {
    const { worth } = await prices('figure', 'LR-07-a');
    expect(worth?.wholeMinor).toBeGreaterThan(0);
    expect(worth?.takenToPiecesMinor).toBeGreaterThan(0);
    expect(worth?.shares.reduce((all, row) => all + row.share, 0)).toBeCloseTo(1, 9);
    expect(worth?.shares.reduce((all, row) => all + row.landedMinor * row.quantity, 0)).toBe(worth?.pieceByPieceMinor);
    expect((await prices('source', 'LR-07')).worth?.shares.length).toBeGreaterThan(5);
  });

  test('an item nobody knows, or of no kind, gets a sentence', async () => {
    expect((await server.get('market/prices/variant/nothing')).status).toBe(404);
    expect((await server.get('market/prices/kite/nothing')).status).toBe(400);
    expect((await server.get('market/prices/variant/HA-118%C2%B7raven?condition=mint')).status).toBe(400);
  });
});

describe('a feed', () => {
  const HEADER = 'seller,item,price,stock,multiple,condition,seen on\n';
  const file = (...rows: readonly string[]): string => HEADER + rows.join('\n') + '\n';
  const send = (text: string, agree = '') => server.request<OfferImportDto>('POST', `market/import${agree}`, text);

  test('imported again says what changed; parts, figures and sets are known by their numbers', async () => {
    const first = file(
      `tin-drawer,HA-118·raven,0.40,3,1,used,${suiteDay(-7)}`,
      `tin-drawer,LR-07-a,9.00,1,1,used,${suiteDay(-7)}`,
      `tin-drawer,LR-07,20,1,1,new,${suiteDay(-7)}`,
    );
    const look = await send(first);
    expect(look.body).toMatchObject({ rowCount: 3, soundCount: 3, importedCount: 0, counts: { new: 3 } });
    expect((await send(first, '?agree=all')).body.importedCount).toBe(3);
    expect((await send(first)).body.changes).toEqual([]);
    const second = file(`tin-drawer,HA-118·raven,0.35,3,1,used,${suiteDay(-3)}`, `tin-drawer,LR-07-a,9.00,4,1,used,${suiteDay(-3)}`);
    const again = (await send(second, '?agree=all')).body;
    expect(again.counts).toEqual({ new: 0, dearer: 0, cheaper: 1, stock: 1, gone: 1 });
    expect(again.changes.map((row) => [row.item, row.change])).toEqual([
      ['HA-118·raven', 'cheaper'],
      ['LR-07-a', 'restocked'],
      ['LR-07', 'gone'],
    ]);
    const offers = (await server.get<OfferDto[]>('market/offers?seller=tin-drawer')).body.filter((offer) => offer.origin === 'imported');
    expect(offers.map((offer) => [offer.kind, offer.item, offer.priceMinor])).toEqual([
      ['variant', 'HA-118·raven', 35],
      ['figure', 'LR-07-a', 900],
    ]);
  });

  test('with bad rows names each, and takes the sound ones only when agreed', async () => {
    const text = file(
      `tin-drawer,HA-118·raven,0.30,3,1,used,${suiteDay(-3)}`,
      `nobody,HA-118·raven,1,1,1,used,${suiteDay(-3)}`,
      `tin-drawer,HA-118·ravn,-1,1,1,used,${suiteDay(-3)}`,
    );
    const { body } = await send(text);
    expect(body.problems.map((row) => [row.line, row.column])).toEqual([
      [3, 'seller'],
      [4, 'item'],
      [4, 'price'],
    ]);
    expect(body.problems[1]?.reason).toContain('HA-118·raven');
    expect((await send(text, '?agree=all')).status).toBe(422);
    expect((await send(text, '?agree=sound')).body.importedCount).toBe(1);
  });
});

describe('sellers and rates from files', () => {
  const SELLERS = 'seller,name,country,currency,days,postage,minimum,duty above,duty percent,trusted\n';
  const sellers = async (): Promise<SellerDto[]> => (await server.get<SellerDto[]>('market/sellers')).body;

  test('a seller in a currency nobody knows waits for its rate, and is compared once it is there', async () => {
    const file = `${SELLERS}corner-shelf,Corner Shelf,NO,NOK,8,20:30 100:55.50,100,1500,25,no\n`;
    expect((await server.request<ImportReportDto>('POST', 'market/import/sellers?agree=all', file)).body.importedCount).toBe(1);
    expect((await sellers()).find((seller) => seller.id === 'corner-shelf')).toMatchObject({
      isWithoutRate: true,
      trusted: false,
      rate: null,
    });
    const offer = `seller,item,price,stock,multiple,condition,seen on\ncorner-shelf,HA-118·raven,1.00,3,1,new,${suiteDay(-7)}\n`;
    await server.request('POST', 'market/import?agree=all', offer);
    expect((await server.get<OfferDto[]>('market/offers?seller=corner-shelf')).body).toEqual([]);
    await server.request('POST', 'market/import/rates?agree=all', `currency,day,rate\nNOK,${suiteDay(-7)},0.085\n`);
    // 1.00 krone at 0.085 is 8.5 cents, rounded half up to 9; the lightest parcel 30 × 0.085 = 2.55.
    expect((await server.get<OfferDto[]>('market/offers?seller=corner-shelf')).body[0]).toMatchObject({
      priceMinor: 9,
      askedMinor: 100,
      landedMinor: 60,
    });
    const known = (await sellers()).find((seller) => seller.id === 'corner-shelf');
    expect(known).toMatchObject({ isWithoutRate: false, rate: { perUnit: 0.085, day: suiteDay(-7) } });
    expect(known?.postage).toEqual([
      { upToG: 20, costMinor: 255 },
      { upToG: 100, costMinor: 472 },
    ]);
    expect(known?.duty).toEqual({ aboveMinor: 12_750, percent: 25, feeMinor: 0 });
  });

  test('a file of them with slips is told cell by cell', async () => {
    const bad = `${SELLERS}Corner Shelf,Corner,Norway,kr,-1,100:3 20:2,-5,1,x,perhaps\n`;
    const { body } = await server.request<ImportReportDto>('POST', 'market/import/sellers', bad);
    expect(body.problems.map((row) => row.column)).toEqual([
      'seller',
      'country',
      'currency',
      'days',
      'postage',
      'minimum',
      'duty percent',
      'trusted',
    ]);
    const rates = await server.request<ImportReportDto>('POST', 'market/import/rates', 'currency,day,rate\nGBP,2026-13-01,0\n');
    expect(rates.body.problems.map((row) => row.column)).toEqual(['day', 'rate']);
  });
});

describe('the market going on', () => {
  test('by a month records every day, brings news, and watches tell of it', async () => {
    const item = { kind: 'variant', id: 'HA-118·raven' };
    await server.post('market/watches', { kind: 'exists', mould: 'HA-118', colour: 'ember' });
    await server.post('market/watches', { kind: 'below', item, priceMinor: 1 });
    const told = (await server.post<WatchesDto>('market/watches', { kind: 'below', item, priceMinor: 100_000 })).body;
    expect(told.notices.map((notice) => notice.text)).toEqual([expect.stringContaining('below €1,000.00')]);
    expect(told.watches.map((row) => row.words)).toContain('when Low knot exists in ember');

    const before = await prices('variant', 'HA-118·raven');
    const { day } = (await server.get<ClockDto>('market/clock')).body;
    const { status, body } = await server.post<AdvancedDto>('market/clock/advance', { days: 30 });
    expect(status).toBe(201);
    expect(Date.parse(body.day) - Date.parse(day)).toBe(30 * 86_400_000);
    expect(body.told).toContain('Low knot exists in ember now.');
    expect(body.news.some((row) => row.text.includes('Low knot in ember (HA-118·ember) is made now.'))).toBe(true);
    const after = await prices('variant', 'HA-118·raven');
    expect(after.history.length).toBeGreaterThan(before.history.length + 20);
    expect(after.today).toBe(body.day);
    expect((await prices('variant', 'HA-118·ember')).rarity.sources).toBe(0);
    const { notices } = (await server.get<WatchesDto>('market/watches')).body;
    const notice = notices.find((row) => row.text === 'Low knot exists in ember now.');
    expect(notice && notice.day > day && notice.day <= body.day).toBe(true);
    const left = (await server.post<WatchesDto>(`market/watches/notices/${notice?.id ?? 0}/put-away`)).body;
    expect(left.notices).not.toContainEqual(notice);
  }, 60_000);

  test('imported offers stay while the simulated ones change', async () => {
    const offers = (await server.get<OfferDto[]>('market/offers?seller=tin-drawer')).body;
    expect(offers.filter((offer) => offer.origin === 'imported').length).toBeGreaterThan(0);
  });

  test('after ten days that nobody looked at it, its next day is tomorrow, and the one after that the day after', async () => {
    const left = await Harness.start();
    const database = left.app.get(Database);
    await database.write(() => database.table(MarketClockEntity).update({ id: 1 }, { day: suiteDay(-10) }));
    const next = async () => (await left.post<AdvancedDto>('market/clock/advance', { days: 1 })).body.day;
    expect([await next(), await next()]).toEqual([suiteDay(1), suiteDay(2)]);
    await left.stop();
  }, 60_000);

  test('by no day, or by years, is refused', async () => {
    expect((await server.post('market/clock/advance', { days: 0 })).body.faults[0]?.path).toBe('/days');
    expect((await server.post('market/clock/advance', { days: 4000 })).status).toBe(400);
  });
});

describe('watches', () => {
  test('for what nobody knows are refused with the path', async () => {
    expect((await server.post('market/watches', { kind: 'exists', mould: 'XX-1', colour: 'ember' })).body.faults[0]?.path).toBe('/mould');
    expect(
      (await server.post('market/watches', { kind: 'below', item: { kind: 'figure', id: 'none' }, priceMinor: 5 })).body.faults[0]?.path,
    ).toBe('/item');
    expect(
      (await server.post('market/watches', { kind: 'in stock', item: { kind: 'figure', id: 'LR-07-a' }, seller: 'x' })).body.faults[0]
        ?.path,
    ).toBe('/seller');
    expect((await server.post('market/watches', { kind: 'cheapest way', item: { kind: 'figure', id: 'LR-07-a' } })).status).toBe(422);
    expect((await server.post('market/watches', { kind: 'below' })).status).toBe(400);
  });

  test('keep the fields of their kind and no others', async () => {
    const { body } = await server.post<WatchesDto>('market/watches', { kind: 'exists', mould: 'HA-118', colour: 'woad', priceMinor: 5 });
    expect(body.watches[0]?.watch).toEqual({ kind: 'exists', mould: 'HA-118', colour: 'woad' });
  });

  test('are not begun twice, and end', async () => {
    const watch = { kind: 'cheapest way', item: { kind: 'variant', id: 'HA-118·peat' } };
    const { body } = await server.post<WatchesDto>('market/watches', watch);
    const id = body.watches[0]?.id ?? 0;
    expect((await server.post('market/watches', watch)).status).toBe(409);
    const ended = await server.request<WatchesDto>('DELETE', `market/watches/${id}`);
    expect(ended.body.watches.map((row) => row.id)).not.toContain(id);
    expect((await server.request('DELETE', 'market/watches/9999')).status).toBe(404);
  });
});

test('a workspace without a simulated market says so', async () => {
  const bare = await Harness.start(undefined, false);
  try {
    expect((await bare.get<ClockDto>('market/clock')).body.isSimulated).toBe(false);
    expect((await bare.post('market/clock/advance', { days: 1 })).status).toBe(409);
    expect(bare.app.get(Database).prepare('PRAGMA foreign_key_check').all()).toEqual([]);
  } finally {
    await bare.stop();
  }
});
