import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { type PieceDto } from '../src/wardrobe/wardrobe.dto.js';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

/** Asks under a key, as the application does. */
async function ask(
  path: string,
  body: object,
  key: string,
): Promise<{ readonly status: number; readonly body: { readonly message?: string } }> {
  const answer = await fetch(`${server.base}/api/${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'x-outfit-deed': key },
    body: JSON.stringify(body),
  });
  return { status: answer.status, body: (await answer.json()) as { readonly message?: string } };
}

const lineUps = async (): Promise<number> => (await server.get<object[]>('line-ups')).body.length;
const pieces = async (): Promise<readonly PieceDto[]> => (await server.get<PieceDto[]>('wardrobe/pieces')).body;
const quantityOf = async (id: number): Promise<number | undefined> => (await pieces()).find((row) => row.id === id)?.quantity;
const anyRun = async (): Promise<PieceDto> => {
  const made = new Set(
    (await server.get<{ id: string; kind: string }[]>('wardrobe/places')).body.flatMap(({ id, kind }) => (kind === 'made' ? [id] : [])),
  );
  const found = (await pieces()).find((row) => row.quantity > 3 && made.has(row.placeId ?? ''));
  if (!found) throw new Error('the demo has a run of some pieces');
  return found;
};

describe('a deed under a key of its own', () => {
  test('is done once, however often it is asked for, and answers the same', async () => {
    const before = await lineUps();
    const first = await ask('line-ups', { name: 'Harbour watch' }, 'key-one-1');
    const again = await ask('line-ups', { name: 'Harbour watch' }, 'key-one-1');
    expect([first.status, again]).toEqual([201, first]);
    expect(await lineUps()).toBe(before + 1);
    expect((await ask('line-ups', { name: 'Harbour watch' }, 'key-two-2')).status).toBe(201);
    expect(await lineUps()).toBe(before + 2);
  });

  test('that is asked for twice at the same moment is done once', async () => {
    const before = await lineUps();
    const both = await Promise.all([1, 2, 3].map(() => ask('line-ups', { name: 'Quay watch' }, 'key-race-1')));
    expect(await lineUps()).toBe(before + 1);
    const statuses = both.map((answer) => answer.status);
    expect(statuses).toContain(201);
    // Who asks while it is being done is told so; who asks after it gets the answer again.
    expect(statuses.filter((status) => status !== 201 && status !== 409)).toEqual([]);
  });

  test('moves pieces once: one move sent twice moved twice', async () => {
    const { id, placeId, quantity } = await anyRun();
    const to = (await server.get<{ id: string; kind: string }[]>('wardrobe/places')).body.find(
      (place) => place.kind === 'made' && place.id !== placeId,
    );
    const move = { deed: 'move', pieces: [{ id, quantity: 1 }], to: to?.id };
    const first = await ask('wardrobe/deeds', move, 'key-move-1');
    expect(first.status).toBe(201);
    expect(await ask('wardrobe/deeds', move, 'key-move-1')).toEqual(first);
    expect(await quantityOf(id)).toBe(quantity - 1);
  });

  test('that was refused may be asked for again; another deed under the same key may not', async () => {
    expect((await ask('line-ups', { name: '' }, 'key-bad-1')).status).toBeGreaterThanOrEqual(400);
    expect((await ask('line-ups', { name: 'Night watch' }, 'key-bad-1')).status).toBe(201);
    const other = await ask('errands/solve', {}, 'key-bad-1');
    expect([other.status, other.body.message]).toEqual([422, 'Something else was asked for under this key. Ask under a new one.']);
  });
});

test('a count over an older number is refused, and says what there is now', async () => {
  const { id, placeId, quantity } = await anyRun();
  const count = (seen: number, counted: number) =>
    server.post('wardrobe/counts', { place: placeId, runs: [{ id, quantity: counted, seen }] });
  const refused = await count(quantity + 1, quantity + 2);
  expect([refused.status, refused.body.message]).toEqual([409, expect.stringMatching(new RegExp(`has become ${quantity} in place of`))]);
  expect(await quantityOf(id)).toBe(quantity);
  expect((await count(quantity, quantity + 2)).status).toBe(201);
  expect(await quantityOf(id)).toBe(quantity + 2);
});
