import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { FiledEntry, LedgerFile } from '@outfit/formats';
import type { LedgerReadingDto } from '../src/wardrobe/exchange/exchange.controller.js';
import type { PieceDto } from '../src/wardrobe/wardrobe.dto.js';
import { Harness } from './harness.js';

let server: Harness;
/** Another workspace with the same beginning. */
let other: Harness;
beforeAll(async () => ([server, other] = await Harness.startTwins()), 60_000);
afterAll(async () => {
  await server.stop();
  await other.stop();
});

const exported = async (from = server): Promise<LedgerFile> => (await from.get<LedgerFile>('wardrobe/ledger.json')).body;
const send = (ledger: unknown, take = false, to = server) =>
  to.request<LedgerReadingDto & { message: string }>(
    'POST',
    `wardrobe/ledger${take ? '?take=yes' : ''}`,
    new TextEncoder().encode(typeof ledger === 'string' ? ledger : JSON.stringify(ledger)),
    { 'content-type': 'application/octet-stream' },
  );
const pieces = async (from: Harness): Promise<PieceDto[]> => (await from.get<PieceDto[]>('wardrobe/pieces')).body;
const last = (ledger: LedgerFile): FiledEntry => ledger.entries.at(-1) as FiledEntry;

describe('the ledger as a file', () => {
  test('read back where it came from it changes nothing', async () => {
    const ledger = await exported();
    expect(ledger).toMatchObject({ format: 'outfit-ledger', version: 1 });
    const before = await pieces(server);
    expect((await send(ledger, true)).body).toEqual({ entries: ledger.entries.length, newEntries: 0, isTaken: false });
    expect(await pieces(server)).toEqual(before);
  });

  test('goes on where another one ends, with its places and its stories; what went another way is refused', async () => {
    const ledger = await exported();
    // The other one has the same parts and has done something of its own.
    const own = await exported(other);
    expect(own.entries.length).toBe(ledger.entries.length);
    await server.post('wardrobe/pieces', { variant: 'HA-118·raven', quantity: 3, condition: 'new', place: 'Quite new › Drawer' });
    const longer = await exported();
    const looked = await send(longer, false, other);
    expect(looked.body).toEqual({ entries: longer.entries.length, newEntries: 1, isTaken: false });
    expect((await exported(other)).entries.length).toBe(own.entries.length);
    const taken = await send(longer, true, other);
    expect(taken.body).toMatchObject({ newEntries: 1, isTaken: true });
    expect(await exported(other)).toEqual(longer);
    const told = (rows: PieceDto[]): string[] => rows.map((row) => `${row.quantity} × ${row.variant} in ${row.place}`).sort();
    expect(told(await pieces(other))).toEqual(told(await pieces(server)));
    // What went another way is not mixed in.
    await other.post('wardrobe/pieces', { variant: 'HA-118·raven', quantity: 1, condition: 'used', place: 'Elsewhere' });
    await server.post('wardrobe/pieces', { variant: 'HA-118·raven', quantity: 2, condition: 'used', place: 'Here' });
    const parted = await send(await exported(), true, other);
    expect([parted.status, parted.body.message]).toEqual([422, expect.stringContaining('went different ways')]);
  });

  test('names places that were taken away, and they are none where it is read', async () => {
    const [here, there] = await Harness.startTwins();
    const places = async (from: Harness) => (await from.get<{ id: string; path: string }[]>('wardrobe/places')).body;
    const { body } = await here.post<PieceDto[]>('wardrobe/pieces', {
      variant: 'HA-118·raven',
      quantity: 1,
      condition: 'used',
      place: 'Attic › Tin',
    });
    const piece = body.find((row) => row.place === 'Attic › Tin');
    await here.post('wardrobe/deeds', { deed: 'move', pieces: [{ id: piece?.id, quantity: 1 }], to: 'no-place' });
    for (const path of ['Attic › Tin', 'Attic']) {
      const place = (await places(here)).find((row) => row.path === path);
      expect((await here.request('DELETE', `wardrobe/places/${place?.id ?? ''}`)).status).toBe(200);
    }
    const ledger = await exported(here);
    expect(ledger.places.flatMap(({ isGone, name }) => (isGone ? [name] : []))).toEqual(expect.arrayContaining(['Attic', 'Tin']));
    expect((await send(ledger, true, there)).body).toMatchObject({ isTaken: true });
    expect((await places(there)).map(({ path }) => path)).toEqual((await places(here)).map(({ path }) => path));
    expect(await exported(there)).toEqual(ledger);
    await here.stop();
    await there.stop();
  });

  test('that would leave less than none anywhere is refused, with the lot and the place', async () => {
    const ledger = await exported();
    const entry = last(ledger);
    const [movement] = entry.movements;
    const wrong = {
      ...ledger,
      entries: [
        ...ledger.entries,
        { ...entry, id: entry.id + 1, movements: [{ ...movement, quantity: 900, from: movement?.to, to: 'outside' }] },
      ],
    };
    const { status, body } = await send(wrong, true);
    expect([status, body.message]).toEqual([422, expect.stringContaining('900 were to leave')]);
  });

  test.each([
    ['no JSON', 'hello', 'it is no JSON'],
    ['another document', { format: 'something else' }, 'The ledger cannot be taken'],
  ])('%s is refused with a sentence', async (_, document, sentence) => {
    const { status, body } = await send(document);
    expect([status, body.message]).toEqual([422, expect.stringContaining(sentence)]);
  });

  test('a part nobody knows, a place in itself and a lot that is not there are each named', async () => {
    const ledger = await exported();
    const faulty = [
      [{ ...ledger, lots: ledger.lots.map((lot, i) => (i === 0 ? { ...lot, variant: 'ZZ-1·none' } : lot)) }, '“ZZ-1·none” is no part'],
      [
        { ...ledger, places: ledger.places.map((place) => (place.id === 'place-1' ? { ...place, parent: 'place-2' } : place)) },
        'lies in itself',
      ],
      [
        {
          ...ledger,
          entries: ledger.entries.map((entry, i) =>
            i === 0 ? { ...entry, movements: entry.movements.map((row) => ({ ...row, lot: 99_999 })) } : entry,
          ),
        },
        'Lot 99999 is not in the file',
      ],
    ] as const;
    for (const [document, sentence] of faulty) expect((await send(document)).body.message).toContain(sentence);
    expect((await server.request('POST', 'wardrobe/ledger')).status).toBe(400);
  });
});
