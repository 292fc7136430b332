import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { type ImportReportDto } from '../src/platform/importing/importReport.dto.js';
import { CatalogueService } from '../src/catalogue/index.js';
import { type OfferDto, type PricesDto, type SellerDto } from '../src/market/market.dto.js';
import { type PieceDto, type PieceReportDto, type PiecesPageDto } from '../src/wardrobe/wardrobe.dto.js';
import { Harness, suiteDay } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

const MIXED = 'variant,quantity,condition,place\nHA-118·raven,2,new,Tray 1\nHA-118·ravn,1,used,Tray 1\nHN-601·umber,0,used,Tray 2\n';
const SOUND = 'variant,quantity\nHA-118·raven,2\nHN-601·umber,4\n';
const total = async (): Promise<number> =>
  (await server.get<PieceDto[]>('wardrobe/pieces')).body.reduce((all, piece) => all + piece.quantity, 0);

describe('importing owned pieces', () => {
  test('a first look reports every bad row and takes nothing', async () => {
    const before = await total();
    const { status, body } = await server.post<ImportReportDto>('wardrobe/import', MIXED);
    expect(status).toBe(201);
    expect(body).toMatchObject({ rowCount: 3, soundCount: 1, importedCount: 0 });
    expect(body.problems.map(({ line, column, value }) => [line, column, value])).toEqual([
      [3, 'variant', 'HA-118·ravn'],
      [4, 'quantity', '0'],
    ]);
    expect(await total()).toBe(before);
  });

  test('agreeing to all is refused while rows are bad, and takes nothing', async () => {
    const before = await total();
    const answer = await server.post('wardrobe/import?agree=all', MIXED);
    expect(answer.status).toBe(422);
    expect(answer.body.message).toContain('Nothing was imported');
    expect(await total()).toBe(before);
  });

  test('the sound rows can be taken alone; a sound file whole', async () => {
    const before = await total();
    expect((await server.post<ImportReportDto>('wardrobe/import?agree=sound', MIXED)).body.importedCount).toBe(1);
    expect((await server.post<ImportReportDto>('wardrobe/import?agree=all', SOUND)).body.importedCount).toBe(2);
    expect(await total()).toBe(before + 2 + 6);
  });

  test('what is exported is imported again without a problem', async () => {
    const { body } = await server.get<string>('wardrobe/pieces.csv');
    const report = await server.post<ImportReportDto>('wardrobe/import', body);
    expect(report.body.problems).toEqual([]);
    // What is lent, sealed or on a whole figure is in it too.
    expect(report.body.soundCount).toBe(body.trim().split('\n').length - 1);
    expect(report.body.soundCount).toBeGreaterThan((await server.get<PieceDto[]>('wardrobe/pieces')).body.length);
  });

  test('what is exported changes nothing when it is taken, however often', async () => {
    const [before, { body }] = [(await server.get<PieceDto[]>('wardrobe/pieces')).body, await server.get<string>('wardrobe/pieces.csv')];
    for (let time = 0; time < 2; time += 1) {
      const { changes } = (await server.post<PieceReportDto>('wardrobe/import?agree=all', body)).body;
      expect(changes).toMatchObject({ fresh: 0, addsTo: 0, replaces: 0, same: body.trim().split('\n').length - 1, rows: [] });
    }
    expect((await server.get<PieceDto[]>('wardrobe/pieces')).body).toEqual(before);
  });

  test('each row says what it is: new, another count, or pieces that lie elsewhere', async () => {
    const lot = (await server.get<PieceDto[]>('wardrobe/pieces')).body.find((piece) => piece.place !== '');
    if (!lot) throw new Error('the demo wardrobe has places');
    const cell = (text: string): string => `"${text.replaceAll('"', '""')}"`;
    const file = [
      'variant,quantity,condition,place,note',
      [lot.variant, lot.quantity + 5, lot.condition, cell(lot.place), cell(lot.note)].join(','),
      [lot.variant, 1, lot.condition, 'Quite another drawer', ''].join(','),
    ].join('\n');
    const before = await total();
    const looked = (await server.post<PieceReportDto>('wardrobe/import', file)).body.changes;
    expect(looked.rows).toEqual([
      { line: 2, variant: lot.variant, kind: 'replaces', quantity: lot.quantity + 5, before: lot.quantity },
      { line: 3, variant: lot.variant, kind: 'adds to', quantity: 1, before: null },
    ]);
    expect(await total()).toBe(before);
    await server.post('wardrobe/import?agree=all', file);
    expect(await total()).toBe(before + 6);
  });

  test.each<[string, string | Uint8Array, number, RegExp]>([
    ['an empty body', '', 400, /content type text\/csv/],
    ['another encoding', new Uint8Array([0x76, 0xe9, 0x0a]), 422, /UTF-8/],
    ['missing columns', 'part,count\n', 422, /Missing: “variant”, “quantity”/],
    ['a file that is too large', new Uint8Array(5_200_000).fill(97), 413, /too large/],
  ])('%s gets a sentence', async (_, file, status, sentence) => {
    const answer = await server.post('wardrobe/import?agree=sound', file);
    expect(answer.status).toBe(status);
    expect(answer.body.message).toMatch(sentence);
  });

  test('JSON instead of CSV, and an agreement that is none, are refused', async () => {
    expect((await server.post('wardrobe/import', { rows: [] })).status).toBe(400);
    expect((await server.post('wardrobe/import?agree=maybe', SOUND)).status).toBe(400);
  });
});

describe('importing offers', () => {
  const HEADER = 'seller,item,asks,left,sold in,condition,seen on\n';
  const importedOf = async (seller: string): Promise<OfferDto[]> =>
    (await server.get<OfferDto[]>(`market/offers?seller=${seller}&kind=variant&item=${encodeURIComponent('HA-118·raven')}`)).body.filter(
      (offer) => offer.origin === 'imported',
    );

  test('a cheaper imported offer becomes the lowest price at once', async () => {
    const file = `${HEADER}tin-drawer,HE-901·walnut+clear-amber,0.05,9,1,new,${suiteDay(-7)}\n`;
    expect((await server.post<ImportReportDto>('market/import?agree=all', file)).body.importedCount).toBe(1);
    const { body } = await server.get<PricesDto>('market/prices');
    // 5 and a fifth of the 1.95 that Tin Drawer's lightest parcel costs
    const { rows, priceMinor, landedMinor, sellers, seenOn, names } = body.lowest;
    const at = rows.indexOf(server.app.get(CatalogueService).now().rowOf('HE-901·walnut+clear-amber') ?? -1);
    expect([priceMinor[at], landedMinor[at], names[sellers[at] ?? NaN], names[seenOn[at] ?? NaN]]).toEqual([
      5,
      44,
      'tin-drawer',
      suiteDay(-7),
    ]);
  });

  test('an offer is known by what it is: the next file may have its lines in any order', async () => {
    const rows = ['0.40,3,1,used', '0.35,2,1,used', '0.90,1,1,new', '0.38,8,4,used'].map(
      (rest) => `tin-drawer,HA-118·raven,${rest},${suiteDay(-7)}`,
    );
    const offers = async () =>
      (await importedOf('tin-drawer'))
        .map(({ id, askedMinor, condition, multiple }) => `${id}: ${askedMinor} ${condition} ${multiple}`)
        .sort();
    await server.post('market/import?agree=all', `${HEADER}${rows.join('\n')}\n`);
    const first = await offers();
    await server.post('market/import?agree=all', `${HEADER}${[...rows].reverse().join('\n')}\n`);
    expect(await offers()).toEqual(first);
    expect(first).toHaveLength(4);
  });

  test('a seller’s file imported again replaces that seller’s imported offers, not the simulated ones', async () => {
    const before = (await server.get<SellerDto[]>('market/sellers')).body.find((seller) => seller.id === 'second-shelf')?.offerCount ?? 0;
    const row = (price: string): string => `second-shelf,HA-118·raven,${price},1,1,used,${suiteDay(-7)}\n`;
    await server.post('market/import?agree=all', `${HEADER}${row('1.00')}${row('2.00')}`);
    expect(await importedOf('second-shelf')).toHaveLength(2);
    await server.post('market/import?agree=all', `${HEADER}${row('3.00')}`);
    expect((await importedOf('second-shelf')).map((offer) => offer.priceMinor)).toEqual([300]);
    expect((await server.get<SellerDto[]>('market/sellers')).body.find((seller) => seller.id === 'second-shelf')?.offerCount).toBe(
      before + 1,
    );
  });

  test('a slip in a number, a name, and a colour in everyday words are told with the number that was likely meant', async () => {
    const meant = async (item: string): Promise<string> => {
      const { body } = await server.post<ImportReportDto>('market/import', `${HEADER}tin-drawer,${item},1.00,1,1,new,${suiteDay(-7)}\n`);
      return body.problems.map((problem) => problem.reason).join();
    };
    expect(await meant('HA-118·ravn')).toBe('No part in the catalogue has this number. Did you mean HA-118·raven?');
    expect(await meant('Low knot in raven')).toBe('No part in the catalogue has this number. Did you mean HA-118·raven?');
    expect(await meant('low knot in ravne')).toBe('No part in the catalogue has this number. Did you mean HA-118·raven?');
    expect(await meant('HA-118·black')).toMatch(/Did you mean HA-118·(peat|raven)\?$/);
    expect(await meant('nothing like it')).toBe('No part in the catalogue has this number.');
  });

  test('bad rows are told and nothing is taken before agreement', async () => {
    const { body } = await server.post<ImportReportDto>('market/import', `${HEADER}nowhere,HA-118·raven,-1,0,1,new,yesterday\n`);
    expect(body.importedCount).toBe(0);
    expect(body.problems.map((problem) => problem.column)).toEqual(['seller', 'asks', 'left', 'seen on']);
  });
});

describe('the wardrobe a page at a time', () => {
  const page = async (query: string): Promise<PiecesPageDto> => (await server.get<PiecesPageDto>(`wardrobe/pieces/page?${query}`)).body;

  test('is the whole of it, page after page', async () => {
    const { body: all } = await server.get<PieceDto[]>('wardrobe/pieces');
    const { total, runs, pieces } = await page('limit=1');
    expect([total, runs, pieces]).toEqual([all.length, all.length, all.reduce((sum, piece) => sum + piece.quantity, 0)]);
    const rows: PieceDto[] = [];
    for (let offset = 0; offset < total; offset += 7)
      for (const { free, serves, isShort, ...row } of (await page(`offset=${offset}&limit=7`)).rows) {
        expect([free >= 0, Array.isArray(serves), typeof isShort]).toEqual([true, true, 'boolean']);
        rows.push(row);
      }
    expect(rows).toEqual(all);
  });

  test('is found by the words of a part, its number, its nickname, its place and its note, all of them', async () => {
    await server.post('wardrobe/import?agree=all', 'variant,quantity,condition,place,note\nHA-118·raven,2,new,Élan box,from the fair\n');
    const found = await page('words=raven%20elan%20FAIR');
    expect([found.total, found.rows[0]?.variant, found.rows[0]?.place]).toEqual([1, 'HA-118·raven', 'Élan box']);
    expect(found.runs).toBeGreaterThan(1);
    expect((await page('words=raven%20elan%20unfair')).total).toBe(0);
    expect((await server.get('wardrobe/pieces/page?limit=5000')).status).toBe(400);
  });
});
