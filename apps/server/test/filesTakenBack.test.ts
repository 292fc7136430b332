import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { OfferDto, SellerDto } from '../src/market/market.dto.js';
import type { PlaceDto } from '../src/wardrobe/ledger/ledger.dto.js';
import type { PieceDto } from '../src/wardrobe/wardrobe.dto.js';
import { Harness, suiteDay } from './harness.js';
import { undoing } from './undoing.js';

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

const HAT = 'HA-176·rust+lagoon';
const paths = async (): Promise<string[]> => (await server.get<PlaceDto[]>('wardrobe/places')).body.map((place) => place.path);
const pieces = async (): Promise<PieceDto[]> => (await server.get<PieceDto[]>(`wardrobe/pieces?variant=${encodeURIComponent(HAT)}`)).body;
const { undo, redo, history, takeBack } = undoing(() => server);

describe('a file of owned pieces', () => {
  const HEADER = 'variant,quantity,condition,place,note\n';
  const take = (rows: string) => server.post<{ importedCount: number }>('wardrobe/import?agree=all', `${HEADER}${rows}\n`);

  test('that changes only notes is a deed, and undone the notes are as they were', async () => {
    await take(`${HAT},3,used,Note box,one`);
    const last = (await history())[0]?.id;
    await take(`${HAT},3,used,Note box,two`);
    expect((await history())[0]?.id).not.toBe(last);
    const note = async () => (await pieces()).find((piece) => piece.place === 'Note box')?.note;
    expect(await note()).toBe('two');
    await undo();
    expect(await note()).toBe('one');
    await redo();
    expect(await note()).toBe('two');
  });

  test('that made places takes them along when it is undone', async () => {
    const before = await paths();
    await take(`${HAT},1,used,Far shelf › Left › Back,`);
    expect((await paths()).length).toBe(before.length + 3);
    await undo();
    expect(await paths()).toEqual(before);
  });
});

describe('a file of the market', () => {
  const SELLER_FILE = 'seller,name,country,currency,days,postage\nfile-stall,File Stall,NL,EUR,4,100:1.95\n';
  const OFFERS = 'seller,item,asks,left,sold in,condition,seen on\n';
  const take = (path: string, text: string) => server.post<{ importedCount: number }>(`market/${path}?agree=all`, text);
  const offersOf = async (): Promise<number[]> => {
    const { body } = await server.get<OfferDto[]>('market/offers?kind=variant&item=HA-118%C2%B7raven');
    return body.filter((offer) => offer.seller === 'file-stall').map((offer) => offer.priceMinor);
  };

  test('is one deed: sellers, their offers and the next file of them go back one after the other, and come again', async () => {
    const before = await offersOf();
    expect((await take('import/sellers', SELLER_FILE)).status).toBe(201);
    const row = (price: string): string => `${OFFERS}file-stall,HA-118·raven,${price},3,1,used,${suiteDay(-2)}\n`;
    await take('import', row('0.31'));
    await take('import', `${row('0.29')}file-stall,HA-176·rust+lagoon,0.44,2,1,new,${suiteDay(-2)}\n`);
    expect(await offersOf()).toEqual([29]);
    expect((await undo('market/all')).body.done).toBe('Took 2 offers of File Stall from a file');
    expect(await offersOf()).toEqual([31]);
    expect((await undo('market/all')).body.done).toBe('Took an offer of File Stall from a file');
    expect(await offersOf()).toEqual(before);
    expect((await undo('market/all')).body.done).toBe('Took the terms of File Stall from a file');
    const names = async () => (await server.get<SellerDto[]>('market/sellers')).body.map((row) => row.name);
    expect(await names()).not.toContain('File Stall');
    for (let i = 0; i < 3; i += 1) expect((await redo('market/all')).status).toBe(201);
    expect(await offersOf()).toEqual([29]);
    expect((await takeBack('Took the terms', 'market/all')).body.message).toContain('File Stall offers something by now');
  });

  test('whose offers lie in the bin with their seller is not taken back before that is', async () => {
    expect((await server.put('market/sellers/file-stall/bin')).status).toBe(200);
    const refused = await takeBack('Took 2 offers', 'market/all');
    expect([refused.status, refused.body.message]).toEqual([
      409,
      '“Put File Stall in the bin” was done since, and changed the same. Take that back first; nothing was changed.',
    ]);
    // Nor does a file make a second seller of that name meanwhile.
    const again = await server.post<{ message: string }>('market/import/sellers?agree=all', SELLER_FILE);
    expect([again.status, again.body.message]).toEqual([422, expect.stringContaining('One problem stands in the file')]);
    await undo('market/all');
    expect(await offersOf()).toEqual([29]);
  });

  test('of exchange rates goes back', async () => {
    const rate = async () => (await server.get<SellerDto[]>('market/sellers')).body.find((row) => row.currency === 'GBP')?.rate;
    const before = await rate();
    await take('import/rates', `currency,day,rate\nGBP,${suiteDay()},0.5\n`);
    expect((await rate())?.perUnit).toBe(0.5);
    expect((await undo('market/all')).body.done).toBe('Took a rate from a file');
    expect(await rate()).toEqual(before);
  });
});

describe('a catalogue in somebody else’s columns', () => {
  const FILE =
    'Title;Group;Colour;Shade;First;Last\nWindy ponytail;Hair;Blue;#3F628F;2014;2020\nWindy ponytail;Hair;Sunset;#EE00AA;2015;\n';
  const MAPPING = { name: 'Title', category: 'Group', colourName: 'Colour', colourHex: 'Shade', from: 'First', until: 'Last' };
  const variants = async () => (await server.get<{ variants: { id: string }[] }>('catalogue')).body.variants.map(({ id }) => id);
  const bring = async (): Promise<void> => {
    const query = new URLSearchParams({ what: 'foreign', foreign: JSON.stringify({ mapping: MAPPING, kinds: {} }), agree: 'sound' });
    const { body } = await server.post<{ id: string }>(`catalogue/import?${query.toString()}`, FILE);
    expect(await server.ended(body.id)).toMatchObject({ state: 'done' });
  };

  test('goes back whole and comes again; once a look wears some of it, it stays', async () => {
    const before = await variants();
    await bring();
    expect((await variants()).length).toBe(before.length + 2);
    expect((await undo('catalogue/all')).body.done).toMatch(/^Imported \d+ rows of somebody else’s catalogue$/);
    expect(await variants()).toEqual(before);
    await redo('catalogue/all');
    expect(await variants()).toContain('windy-ponytail·woad');
    const on = {
      label: 'Put the ponytail on',
      edits: [{ action: 'put on', variant: 'windy-ponytail·woad', position: 'headgear' }],
    };
    expect((await server.post('looks/juno-sedge-1/edits', on)).status).toBe(201);
    const refused = await undo('catalogue/all');
    expect([refused.status, refused.body.message]).toEqual([
      409,
      'A look, or the history of one, wears what this file brought. Nothing was changed.',
    ]);
    expect(await variants()).toContain('windy-ponytail·woad');
  });
});
