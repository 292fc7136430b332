import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { Balances, type Movement } from '@outfit/core/wardrobe';
import SQLite from 'better-sqlite3';
import fc from 'fast-check';
import { join } from 'node:path';
import type { DeedDto, PlaceDto, StoryLineDto } from '../src/wardrobe/ledger/ledger.dto.js';
import type { PieceDto, PiecesPageDto } from '../src/wardrobe/wardrobe.dto.js';
import { Harness, suiteDay } from './harness.js';

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

const HAT = 'HA-176·rust+lagoon';
const places = async (): Promise<PlaceDto[]> => (await server.get<PlaceDto[]>('wardrobe/places')).body;
const placeOf = async (path: string): Promise<PlaceDto> => {
  const found = (await places()).find((place) => place.path === path);
  if (!found) throw new Error(`no place ${path}`);
  return found;
};
const pieces = async (variant = HAT): Promise<PieceDto[]> =>
  (await server.get<PieceDto[]>(`wardrobe/pieces?variant=${encodeURIComponent(variant)}`)).body;
const within = async (place: string): Promise<PieceDto[]> => [
  ...(await server.get<PiecesPageDto>(`wardrobe/pieces/page?place=${place}`)).body.rows,
];
const deed = (body: Partial<DeedDto>) => server.post<{ sentence: string; message: string }>('wardrobe/deeds', body);
const undo = () => server.post<{ done: string; message: string }>('history/wardrobe/all/undo');
const redo = () => server.post<{ done: string }>('history/wardrobe/all/redo');
const add = async (quantity: number, place: string, variant = HAT): Promise<PieceDto> => {
  const { body } = await server.post<PieceDto[]>('wardrobe/pieces', { variant, quantity, condition: 'used', place });
  const made = body.filter((piece) => piece.place === place).at(-1);
  if (!made) throw new Error('not added');
  return made;
};
const story = async ({ id }: PieceDto): Promise<string[]> =>
  (await server.get<StoryLineDto[]>(`wardrobe/pieces/${id}/story`)).body.map((line) => line.sentence);

describe('deeds with pieces', () => {
  test('some of a run are put elsewhere; its story says so, and Undo brings them back', async () => {
    const run = await add(5, 'Cabinet › Drawer Z');
    const to = (await server.post<PlaceDto[]>('wardrobe/places', { name: 'Tin of hair', parent: null })).body.find(
      (row) => row.name === 'Tin of hair',
    );
    const { status, body } = await deed({ deed: 'move', pieces: [{ id: run.id, quantity: 2 }], to: to?.id ?? '' });
    expect([status, body.sentence]).toEqual([201, 'Put 2 × Two plaits in rust and lagoon into Tin of hair']);
    const counted = (await pieces())
      .filter((row) => ['Cabinet › Drawer Z', 'Tin of hair'].includes(row.place))
      .map((row) => [row.place, row.quantity]);
    expect(counted).toEqual(
      expect.arrayContaining([
        ['Cabinet › Drawer Z', 3],
        ['Tin of hair', 2],
      ]),
    );
    expect(await story(run)).toEqual(['5 came into Drawer Z. Added 5 × Two plaits in rust and lagoon.', '2 from Drawer Z to Tin of hair']);
    expect((await undo()).body.done).toBe(body.sentence);
    expect((await within((await placeOf('Cabinet › Drawer Z')).id)).map((row) => row.quantity)).toEqual([5]);
    expect((await redo()).status).toBeLessThan(300);
    expect((await within((await placeOf('Cabinet › Drawer Z')).id)).map((row) => row.quantity)).toEqual([3]);
  });

  test('three of five crack: they are a run of their own, from the same story', async () => {
    const run = await add(5, 'Shelf of five');
    await deed({ deed: 'defect', pieces: [{ id: run.id, quantity: 3 }], defect: 'crack', note: 'dropped' });
    const there = await within((await placeOf('Shelf of five')).id);
    expect(there.map((row) => [row.quantity, row.defects])).toEqual([
      [2, []],
      [3, [{ kind: 'crack', note: 'dropped' }]],
    ]);
    expect(await story(there[1] as PieceDto)).toHaveLength(3);
    await undo();
    expect((await within((await placeOf('Shelf of five')).id)).map((row) => row.quantity)).toEqual([5]);
  });

  test('what is lent is owned and not at hand, until it comes back', async () => {
    const run = await add(2, 'Lending shelf');
    const before = (await pieces()).reduce((all, row) => all + row.quantity, 0);
    await deed({ deed: 'lend', pieces: [{ id: run.id, quantity: 2 }], person: 'Margit', dueOn: suiteDay(27) });
    expect((await pieces()).reduce((all, row) => all + row.quantity, 0)).toBe(before - 2);
    const lent = await placeOf('Lent to Margit');
    expect(lent).toMatchObject({ kind: 'lent', dueOn: suiteDay(27), pieces: 2 });
    const [away] = await within(lent.id);
    await deed({ deed: 'return', pieces: [{ id: away?.id ?? 0, quantity: 2 }], to: (await placeOf('Lending shelf')).id });
    expect((await pieces()).reduce((all, row) => all + row.quantity, 0)).toBe(before);
    expect((await places()).some((place) => place.path === 'Lent to Margit')).toBe(false);
  });

  test('Undo is refused with the later deed that stands in the way, told in its words, and nothing is changed', async () => {
    const first = await server.post<PieceDto[]>('wardrobe/pieces', { variant: HAT, quantity: 1, condition: 'new', place: 'Way box' });
    const run = first.body.find((row) => row.place === 'Way box') as PieceDto;
    await server.request('POST', 'wardrobe/import?agree=all', `variant,quantity,condition,place,note\n${HAT},4,new,Way box,\n`);
    expect((await within((await placeOf('Way box')).id)).map((row) => row.quantity)).toEqual([4]);
    await deed({ deed: 'sell', pieces: [{ id: run.id, quantity: 4 }], person: 'Tin Drawer' });
    // The import cannot be taken back before the sale: history goes the other way round.
    expect((await undo()).body.done).toBe('Sold 4 × Two plaits in rust and lagoon to Tin Drawer');
    expect((await undo()).body.done).toMatch(/^Took a row of owned pieces from a file/);
    expect((await within((await placeOf('Way box')).id)).map((row) => row.quantity)).toEqual([1]);
  });

  test('counting a place enters the difference, and says so', async () => {
    const run = await add(6, 'Count box');
    const place = (await placeOf('Count box')).id;
    const { body } = await server.post<{ sentence: string }>('wardrobe/counts', { place, runs: [{ id: run.id, quantity: 4 }] });
    expect(body.sentence).toBe('Counted Count box: 0 more and 2 fewer than written down');
    expect((await within(place)).map((row) => row.quantity)).toEqual([4]);
    const again = await server.post<{ message: string }>('wardrobe/counts', { place, runs: [{ id: run.id, quantity: 4 }] });
    expect([again.status, again.body.message]).toEqual([409, 'Everything in Count box is as it is written down.']);
  });

  test('lines of a list on paper are taken when every one tells a part, and none before', async () => {
    const place = (await placeOf('Count box')).id;
    const typed = (text: string) =>
      server.post<{ taken: boolean; lines: { reason: string | null }[] }>('wardrobe/lines', { text, place, take: true });
    expect((await typed('3 HA-118 raven\n1 XX-1 red')).body).toMatchObject({
      taken: false,
      lines: [{ reason: null }, { reason: '“XX-1” is the number of no mould.' }],
    });
    const before = (await within(place)).length;
    expect((await typed('3 HA-118 raven\n2 TO-401 woad')).body.taken).toBe(true);
    expect((await within(place)).length).toBe(before + 2);
  });

  test('what cannot be done is refused in a sentence: more than there is, nowhere to go, nobody to lend to', async () => {
    const run = await add(1, 'Refusal box');
    const one = [{ id: run.id, quantity: 1 }];
    for (const [body, status, sentence] of [
      [{ deed: 'lose', pieces: [{ id: run.id, quantity: 2 }] }, 409, /There are 1 of Two plaits .* and 2 were asked for/],
      [{ deed: 'move', pieces: one }, 422, /Say where they go/],
      [{ deed: 'move', pieces: one, to: 'outside' }, 422, /lend, give or sell/],
      [{ deed: 'move', pieces: one, to: 'nowhere' }, 404, /nowhere/],
      [{ deed: 'lend', pieces: one }, 422, /who borrows/],
      [{ deed: 'defect', pieces: one }, 422, /what is wrong/],
      [{ deed: 'condition', pieces: one }, 422, /in what condition/],
      [{ deed: 'lose', pieces: [...one, ...one] }, 422, /named twice/],
      [{ deed: 'lose', pieces: [{ id: 999_999, quantity: 1 }] }, 404, /do not lie there any more/],
    ] as const) {
      const answer = await deed(body as unknown as DeedDto);
      expect([answer.status, answer.body.message]).toEqual([status, expect.stringMatching(sentence)]);
    }
    expect((await within((await placeOf('Refusal box')).id)).map((row) => row.quantity)).toEqual([1]);
  });
});

describe('places', () => {
  test('lie within places; moved, all below goes along, and Undo puts it back', async () => {
    await add(1, 'Attic › Trunk › Pouch');
    const trunk = await placeOf('Attic › Trunk');
    await server.put(`wardrobe/places/${trunk.id}`, { name: 'Old trunk', parent: null });
    expect((await placeOf('Old trunk › Pouch')).pieces).toBe(1);
    expect((await placeOf('Old trunk')).pieces).toBe(1);
    await undo();
    expect((await placeOf('Attic › Trunk › Pouch')).pieces).toBe(1);
    const attic = await placeOf('Attic');
    const pouch = await placeOf('Attic › Trunk › Pouch');
    expect((await server.put<{ message: string }>(`wardrobe/places/${attic.id}`, { parent: pouch.id })).body.message).toBe(
      'Attic cannot go into itself.',
    );
    expect((await server.post('wardrobe/places', { name: 'trunk', parent: attic.id })).status).toBe(409);
    expect((await server.request('DELETE', `wardrobe/places/${pouch.id}`)).status).toBe(409);
  });

  test('that nothing ever lay in are taken away, and come back by Undo', async () => {
    const { body } = await server.post<PlaceDto[]>('wardrobe/places', { name: 'Empty nook', parent: null });
    const nook = body.find((place) => place.name === 'Empty nook');
    expect((await server.request('DELETE', `wardrobe/places/${nook?.id}`)).status).toBe(200);
    expect((await places()).some((place) => place.name === 'Empty nook')).toBe(false);
    await undo();
    expect((await placeOf('Empty nook')).id).toBe(nook?.id);
  });

  test('that Outfit keeps are not changed, and names cannot hold the signs between places', async () => {
    for (const id of ['no-place', 'bench', 'outside'])
      expect((await server.put(`wardrobe/places/${id}`, { name: 'Mine' })).status).toBe(409);
    expect((await server.post('wardrobe/places', { name: 'Under the bench', parent: 'bench' })).status).toBe(409);
    const { status, body } = await server.post('wardrobe/places', { name: 'A › B', parent: null });
    expect([status, body.message]).toEqual([422, expect.stringMatching(/cannot hold ›/)]);
  });

  test('within a sealed one are sealed too, and nothing open is put into it', async () => {
    const made = async (name: string, parent: string | null, isSealed = false): Promise<PlaceDto | undefined> =>
      (await server.post<PlaceDto[]>('wardrobe/places', { name, parent, isSealed })).body.find((place) => place.name === name);
    const box = await made('Sealed box', null, true);
    expect((await made('Inner bag', box?.id ?? ''))?.kind).toBe('sealed');
    const open = await made('Open tray', null);
    expect((await server.put(`wardrobe/places/${open?.id}`, { parent: box?.id })).status).toBe(409);
  });

  test('that are sealed hold what is owned and not at hand', async () => {
    const { body } = await server.post<PlaceDto[]>('wardrobe/places', { name: 'Sealed bag', parent: null, isSealed: true });
    const bag = body.find((place) => place.name === 'Sealed bag');
    const run = await add(2, 'Before the bag');
    const before = (await pieces()).length;
    await deed({ deed: 'move', pieces: [{ id: run.id, quantity: 2 }], to: bag?.id ?? '' });
    expect((await pieces()).length).toBe(before - 1);
    expect((await placeOf('Sealed bag')).pieces).toBe(2);
  });
});

test('over random deeds and undos, also refused ones: what is kept is what the movements say, nothing is less than none, a restart changes nothing', async () => {
  const boxes = ['Random A', 'Random B', 'Random C'];
  for (const box of boxes) await add(3, box);
  const ids = await Promise.all(boxes.map(async (box) => (await placeOf(box)).id));
  const step = fc.record({
    from: fc.nat(2),
    to: fc.nat(2),
    quantity: fc.integer({ min: 1, max: 4 }),
    what: fc.constantFrom('move', 'lose', 'defect', 'undo', 'redo', 'lend'),
  });
  const [steps = []] = fc.sample(fc.array(step, { minLength: 60, maxLength: 60 }), { numRuns: 1, seed: 2026 });
  for (const { from, to, quantity, what } of steps) {
    if (what === 'undo' || what === 'redo') await (what === 'undo' ? undo() : redo());
    else {
      const [run] = await within(ids[from] ?? '');
      if (!run) continue;
      const answer = await deed({
        deed: what as 'move',
        pieces: [{ id: run.id, quantity }],
        to: ids[to] ?? '',
        person: 'Somebody',
        defect: 'loose',
      });
      expect(answer.status).toBeLessThan(500);
    }
  }
  const listed = JSON.stringify([await places(), await pieces()]);
  const database = new SQLite(join(server.folder, 'outfit.sqlite'), { readonly: true });
  const movements = database
    .prepare('SELECT lot, quantity, origin AS "from", target AS "to" FROM movement ORDER BY id')
    .all() as Movement[];
  const rebuilt = [...Balances.of([{ movements }]).rows()].map(({ lot, place, quantity }) => `${lot} ${place} ${quantity}`).sort();
  const kept = (
    database.prepare(`SELECT lot, place, quantity FROM balance WHERE quantity > 0 AND place <> 'outside'`).all() as {
      lot: number;
      place: string;
      quantity: number;
    }[]
  )
    .map(({ lot, place, quantity }) => `${lot} ${place} ${quantity}`)
    .sort();
  expect(kept).toEqual(rebuilt);
  expect(database.prepare('SELECT COUNT(*) FROM (SELECT lot FROM balance GROUP BY lot HAVING SUM(quantity) <> 0)').pluck().get()).toBe(0);
  database.close();
  server = await server.restart();
  expect(JSON.stringify([await places(), await pieces()])).toBe(listed);
}, 60_000);

test('balances that are not what the movements say are written anew at the next start', async () => {
  const listed = JSON.stringify(await pieces());
  const file = join(server.folder, 'outfit.sqlite');
  const folder = server.folder;
  await server.app.close();
  const database = new SQLite(file);
  database.prepare(`UPDATE balance SET quantity = quantity + 5 WHERE quantity > 0`).run();
  database.close();
  server = await Harness.start(folder);
  expect(JSON.stringify(await pieces())).toBe(listed);
});
