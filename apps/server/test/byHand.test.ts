import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { OfferDto, PricesDto, SellerDto } from '../src/market/market.dto.js';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

const SELLER = {
  name: 'Tuesday Table',
  country: 'NL',
  currency: 'EUR',
  days: 4,
  postage: [
    { upToG: 100, costMinor: 250 },
    { upToG: 2000, costMinor: 495 },
  ],
  minimumMinor: 0,
  handlingMinor: 50,
  freePostageFromMinor: null,
  trusted: true,
  thirdParty: false,
};
const OFFER = { item: 'HA-118·raven', priceMinor: 1, stock: 3, multiple: 1, condition: 'used' };
const sellers = async (): Promise<SellerDto[]> => (await server.get<SellerDto[]>('market/sellers')).body;
const cheapest = async (): Promise<number | undefined> => {
  const { body } = await server.get<PricesDto>('market/prices');
  const seller = body.lowest.names.indexOf('tuesday-table');
  const at = body.lowest.sellers.indexOf(seller);
  return at < 0 ? undefined : body.lowest.priceMinor[at];
};

describe('a seller written down by hand', () => {
  test('is there with its terms, is changed, and never doubles another', async () => {
    expect((await server.post<{ id: string }>('market/sellers', SELLER)).body).toEqual({ id: 'tuesday-table' });
    expect((await sellers()).find((row) => row.id === 'tuesday-table')).toMatchObject({
      name: 'Tuesday Table',
      handlingMinor: 50,
      offerCount: 0,
    });
    const again = await server.post('market/sellers', { ...SELLER, name: ' tuesday table ' });
    expect(again.status).toBeGreaterThanOrEqual(400);
    expect(again.status).toBeLessThan(500);
    const { version } = (await sellers()).find((row) => row.id === 'tuesday-table') as SellerDto;
    await server.put(`market/sellers/tuesday-table?version=${version}`, { ...SELLER, handlingMinor: 75 });
    // Somebody who still sees the terms of before does not wipe them: nothing is written, and what stands is told.
    const stale = await server.put<{ message: string; current: SellerDto }>(`market/sellers/tuesday-table?version=${version}`, SELLER);
    expect(stale).toMatchObject({ status: 409, body: { current: { handlingMinor: 75, version: version + 1 } } });
    const blind = await server.put('market/sellers/tuesday-table', SELLER);
    expect(blind).toMatchObject({ status: 428, body: { message: expect.stringContaining('which version of it you saw') } });
    expect((await server.put('market/sellers/tuesday-table?version=soon', SELLER)).status).toBe(400);
    expect((await sellers()).find((row) => row.id === 'tuesday-table')?.handlingMinor).toBe(75);
  });

  test('is refused with the field and a sentence', async () => {
    for (const [change, sentence] of [
      [{ country: 'XX' }, /no country/],
      [{ currency: 'EUX' }, /no currency/],
      [{ postage: [] }, /Postage is empty/],
      [
        {
          postage: [
            { upToG: 100, costMinor: 300 },
            { upToG: 50, costMinor: 400 },
          ],
        },
        /weight rises/,
      ],
      [{ days: -1 }, /Days on the way/],
    ] as const) {
      const { status, body } = await server.post('market/sellers', { ...SELLER, name: 'Another', ...change });
      expect([400, 422]).toContain(status);
      expect(JSON.stringify(body)).toMatch(sentence);
    }
  });

  test('offers parts: the lowest price follows at once, and follows again when the offer goes', async () => {
    const { body } = await server.post<OfferDto[]>('market/sellers/tuesday-table/offers', OFFER);
    const own = body.find((offer) => offer.seller === 'tuesday-table');
    expect(own).toMatchObject({ priceMinor: 1, stock: 3, condition: 'used' });
    expect(await cheapest()).toBe(1);
    // The same part in the same condition is the same offer, at another price.
    await server.post('market/sellers/tuesday-table/offers', { ...OFFER, priceMinor: 2 });
    expect(await cheapest()).toBe(2);
    expect((await sellers()).find((row) => row.id === 'tuesday-table')?.offerCount).toBe(1);
    await server.request('DELETE', `market/offers/${encodeURIComponent(own?.id ?? '')}`);
    expect(await cheapest()).toBeUndefined();
  });

  test('does not offer what is not there, and simulated offers are left alone', async () => {
    expect((await server.post('market/sellers/tuesday-table/offers', { ...OFFER, item: 'HA-000·raven' })).status).toBe(404);
    expect((await server.post('market/sellers/nobody/offers', OFFER)).status).toBe(404);
    const { body } = await server.get<OfferDto[]>(`market/offers?kind=variant&item=${encodeURIComponent('HA-118·raven')}`);
    const simulated = body.find((offer) => offer.origin === 'simulated');
    if (simulated) expect((await server.request('DELETE', `market/offers/${encodeURIComponent(simulated.id)}`)).status).toBe(409);
  });
});

describe('what was written down by hand in the market', () => {
  const undo = () => server.post<{ done: string }>('history/market/all/undo');
  const redo = () => server.post<{ done: string }>('history/market/all/redo');
  const names = async (): Promise<string[]> => (await sellers()).map((row) => row.name);

  test('is taken back and done again, deed by deed, the prices with it', async () => {
    await server.post('market/sellers', { ...SELLER, name: 'Corner Drawer' });
    await server.post('market/sellers/corner-drawer/offers', { ...OFFER, item: 'HA-118·walnut', priceMinor: 1 });
    await server.post('market/sellers/corner-drawer/offers', { ...OFFER, item: 'HA-118·walnut', priceMinor: 7 });
    await server.put('market/sellers/corner-drawer?version=1', { ...SELLER, name: 'Corner Drawer', handlingMinor: 99 });
    const handling = async () => (await sellers()).find((row) => row.id === 'corner-drawer')?.handlingMinor;
    const asked = async () =>
      (await server.get<OfferDto[]>(`market/offers?kind=variant&item=${encodeURIComponent('HA-118·walnut')}`)).body.find(
        (offer) => offer.seller === 'corner-drawer',
      )?.priceMinor;
    expect([await handling(), await asked()]).toEqual([99, 7]);
    expect((await undo()).body.done).toBe('Changed the terms of Corner Drawer');
    expect(await handling()).toBe(50);
    await undo();
    expect(await asked()).toBe(1);
    await undo();
    expect(await asked()).toBeUndefined();
    expect((await undo()).body.done).toBe('Added Corner Drawer');
    expect(await names()).not.toContain('Corner Drawer');
    for (let step = 0; step < 4; step += 1) expect((await redo()).status).toBeLessThan(300);
    expect([await handling(), await asked()]).toEqual([99, 7]);
  });

  test('a seller goes into the bin with its offers and comes back whole; its name is not given away meanwhile', async () => {
    await server.put('market/sellers/corner-drawer/bin');
    expect(await names()).not.toContain('Corner Drawer');
    const { body: bin } = await server.get<{ kind: string; id: string; name: string }[]>('bin');
    expect(bin).toEqual(expect.arrayContaining([expect.objectContaining({ kind: 'seller', id: 'corner-drawer', name: 'Corner Drawer' })]));
    expect((await server.post('market/sellers', { ...SELLER, name: 'Corner drawer' })).body).toEqual({ id: 'corner-drawer-2' });
    await undo();
    expect((await server.post('bin/seller/corner-drawer/back')).status).toBeLessThan(300);
    expect((await sellers()).find((row) => row.id === 'corner-drawer')?.offerCount).toBe(1);
    await undo();
    expect(await names()).not.toContain('Corner Drawer');
  });

  test('a seller of the simulated market stays where it is', async () => {
    const [simulated] = (await sellers()).filter((row) => row.offerCount > 5);
    const { status, body } = await server.put<{ message: string }>(`market/sellers/${simulated?.id}/bin`);
    expect([status, body.message]).toEqual([409, expect.stringMatching(/simulated market/)]);
    expect((await sellers()).some((row) => row.id === simulated?.id)).toBe(true);
  });
});
