import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { OrderedParcelDto } from '../src/parcels/parcels.dto.js';
import type { PlaceDto } from '../src/wardrobe/ledger/ledger.dto.js';
import { Harness } from './harness.js';

let server: Harness;
/** Another workspace with the same beginning. */
let other: Harness;
beforeAll(async () => ([server, other] = await Harness.startTwins()), 60_000);
afterAll(async () => {
  await server.stop();
  await other.stop();
});

describe('parcels in a file of the ledger', () => {
  test('become parcels again where it is read, and what is on its way can be received there', async () => {
    const lines = [{ variant: 'HA-118·raven', quantity: 2, priceMinor: 100, condition: 'used' }];
    await server.post('parcels', { sellerName: 'The swap table', lines, postageMinor: 0, feesMinor: 0 });
    const { body: ledger } = await server.get<object>('wardrobe/ledger.json');
    expect(
      (
        await other.request<{ isTaken: boolean }>('POST', 'wardrobe/ledger?take=yes', new TextEncoder().encode(JSON.stringify(ledger)), {
          'content-type': 'application/octet-stream',
        })
      ).body.isTaken,
    ).toBe(true);
    const { body } = await other.get<OrderedParcelDto[]>('parcels');
    const [parcel] = body;
    expect(parcel).toMatchObject({
      sellerName: 'The swap table',
      state: 'ordered',
      agreedMinor: 200,
      lines: [{ variant: 'HA-118·raven', open: 2 }],
    });
    const { body: places } = await other.get<PlaceDto[]>('wardrobe/places');
    const place = places.find((row) => row.path === 'Hobby room › Odds box')?.id;
    const received = { lines: [{ id: parcel?.lines[0]?.id, came: 2, damaged: 0 }], place };
    expect((await other.post(`parcels/${parcel?.id}/received`, received)).status).toBe(201);
    expect((await other.get<OrderedParcelDto[]>('parcels')).body[0]?.state).toBe('settled');
  });
});
