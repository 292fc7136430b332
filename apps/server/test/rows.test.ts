import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { unpackCatalogue } from '@outfit/core';
import type { CatalogueDto, PackedCatalogueDto } from '../src/catalogue/catalogue.dto.js';
import type { PricesDto } from '../src/market/market.dto.js';
import type { StockDto } from '../src/wardrobe/wardrobe.dto.js';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

const packed = async () => (await server.get<PackedCatalogueDto>('catalogue/packed')).body;
const stock = async () => (await server.get<StockDto>('wardrobe/stock')).body;
const prices = async () => (await server.get<PricesDto>('market/prices')).body;
const COLOUR = { id: 'dusk', name: 'Dusk', hex: '#332244', finish: 'solid', kind: 'cloth' };

describe('what every page begins with', () => {
  test('is the catalogue in columns: the same catalogue', async () => {
    const { version, ...columns } = await packed();
    expect(version).not.toBe('');
    expect(unpackCatalogue(columns)).toEqual((await server.get<CatalogueDto>('catalogue')).body);
  });

  test('speaks of rows of one state of the catalogue, before a change and after it', async () => {
    const before = (await packed()).version;
    expect([(await stock()).catalogue, (await prices()).catalogue]).toEqual([before, before]);
    const variants = unpackCatalogue(await packed()).variants;
    const first = variants[0]?.id ?? '';
    const at = async (id: string) => {
      const [rows, held] = [unpackCatalogue(await packed()).variants.map((variant) => variant.id), await stock()];
      return held.quantities[held.rows.indexOf(rows.indexOf(id))];
    };
    const owned = variants[(await stock()).rows.at(-1) ?? -1]?.id ?? '';
    const quantity = await at(owned);
    expect(quantity).toBeGreaterThan(0);

    // A variant that sorts before all others moves every row on by one.
    const row = { id: `${first.split('·')[0] ?? ''}·dusk`, mould: first.split('·')[0], colours: ['dusk'] };
    expect((await server.post('catalogue/entries', { kind: 'colours', row: COLOUR })).status).toBe(201);
    expect((await server.post('catalogue/entries', { kind: 'variants', row })).status).toBe(201);
    const after = (await packed()).version;
    expect(after).not.toBe(before);
    expect([(await stock()).catalogue, (await prices()).catalogue]).toEqual([after, after]);
    expect(await at(owned)).toBe(quantity);
  });

  test('follows what is owned', async () => {
    const rows = unpackCatalogue(await packed()).variants.map((variant) => variant.id);
    const owned = async (id: string): Promise<number> => {
      const held = await stock();
      return held.quantities[held.rows.indexOf(rows.indexOf(id))] ?? 0;
    };
    const before = await owned('HA-118·raven');
    const file = 'variant,quantity,condition,place,note\nHA-118·raven,4,new,drawer 1,\n';
    expect((await server.post('wardrobe/import?agree=all', file)).status).toBe(201);
    expect(await owned('HA-118·raven')).toBe(before + 4);
  });

  test('is sent once: a browser that has it is told so, until it changes', async () => {
    const ask = (etag = '') => fetch(`${server.base}/api/catalogue/packed`, { headers: etag === '' ? {} : { 'if-none-match': etag } });
    const first = await ask();
    const etag = first.headers.get('etag') ?? '';
    expect([first.status, first.headers.get('content-encoding'), etag.length]).toEqual([200, 'gzip', 24]);
    const again = await ask(etag);
    expect([again.status, await again.text()]).toEqual([304, '']);
    await server.post('catalogue/entries', { kind: 'colours', row: { ...COLOUR, id: 'dawn', name: 'Dawn' } });
    const changed = await ask(etag);
    expect(changed.status).toBe(200);
    expect(((await changed.json()) as PackedCatalogueDto).colours.some((colour) => colour.id === 'dawn')).toBe(true);
    const plain = await fetch(`${server.base}/api/catalogue/packed`, { headers: { 'accept-encoding': 'identity' } });
    expect(plain.headers.get('content-encoding')).toBeNull();
    expect(((await plain.json()) as PackedCatalogueDto).version).toBe((await packed()).version);
  });
});
