import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { DonorDto } from '../src/wardrobe/donors/donors.dto.js';
import type { DeedDto, PlaceDto } from '../src/wardrobe/ledger/ledger.dto.js';
import type { PieceDto } from '../src/wardrobe/wardrobe.dto.js';
import { HistoryService } from '../src/platform/history/history.service.js';
import type { LineUpDto } from '../src/figures/record/figures.dto.js';
import { Harness } from './harness.js';
import { type Refused, undoing } from './undoing.js';

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

const HAT = 'HA-176·rust+lagoon';
const places = async (): Promise<PlaceDto[]> => (await server.get<PlaceDto[]>('wardrobe/places')).body;
const paths = async (): Promise<string[]> => (await places()).map((place) => place.path);
const idOf = async (path: string): Promise<string> => (await places()).find((place) => place.path === path)?.id ?? '';
const pieces = async (variant = HAT): Promise<PieceDto[]> =>
  (await server.get<PieceDto[]>(`wardrobe/pieces?variant=${encodeURIComponent(variant)}`)).body;
const add = async (quantity: number, place: string): Promise<PieceDto> => {
  const { body } = await server.post<PieceDto[]>('wardrobe/pieces', { variant: HAT, quantity, condition: 'used', place });
  return body.filter((piece) => piece.place === place).at(-1) as PieceDto;
};
const deed = (body: Partial<DeedDto>) => server.post<{ sentence: string; message: string }>('wardrobe/deeds', body);
const { undo, redo, history, takeBack } = undoing(() => server);

describe('a place', () => {
  test('that was made, and had a piece put into it, is gone after two undos; what was done before can be undone still', async () => {
    const run = await add(2, 'Cabinet › Drawer H');
    const before = await paths();
    const { body } = await server.post<PlaceDto[]>('wardrobe/places', { name: 'Test tray', parent: null });
    const to = body.find((place) => place.path === 'Test tray')?.id ?? '';
    await deed({ deed: 'move', pieces: [{ id: run.id, quantity: 1 }], to });
    expect((await undo()).status).toBe(201);
    expect((await undo()).body.done).toBe('Made the place Test tray');
    expect(await paths()).toEqual(before);
    expect((await undo()).body.done).toBe('Added 2 × Two plaits in rust and lagoon');
    for (let i = 0; i < 3; i += 1) expect((await redo()).status).toBe(201);
    expect((await pieces()).find((piece) => piece.place === 'Test tray')?.quantity).toBe(1);
  });

  test('that was emptied can be taken away, keeps its name in the story, and comes back', async () => {
    const run = (await pieces()).find((piece) => piece.place === 'Test tray');
    const cabinet = await idOf('Cabinet › Drawer H');
    const tray = await idOf('Test tray');
    await deed({ deed: 'move', pieces: [{ id: run?.id ?? 0, quantity: 1 }], to: cabinet });
    expect((await server.request('DELETE', `wardrobe/places/${tray}`)).status).toBe(200);
    expect(await paths()).not.toContain('Test tray');
    const here = (await pieces()).find((piece) => piece.place === 'Cabinet › Drawer H');
    const { body: story } = await server.get<{ sentence: string }[]>(`wardrobe/pieces/${here?.id}/story`);
    expect(story.map((line) => line.sentence).at(-1)).toBe('1 from Test tray to Drawer H');
    // Its name is free for another.
    expect((await server.post('wardrobe/places', { name: 'Test tray', parent: null })).status).toBe(201);
    await undo();
    await undo();
    expect(await paths()).toContain('Test tray');
  });

  test('that a deed made on its way goes with it, and stays where something else lies in it by then', async () => {
    await add(1, 'Shoe box › Corner');
    await add(1, 'Shoe box › Corner');
    expect((await takeBack('Added 1')).status).toBe(201);
    expect((await takeBack('Added 1')).status).toBe(201);
    expect(await paths()).not.toContain('Shoe box');
    await add(1, 'Hat stand');
    const first = (await history())[0]?.id ?? 0;
    await add(3, 'Hat stand');
    expect((await server.post(`history/wardrobe/all/changes/${first}/back`)).status).toBe(201);
    expect((await places()).find((place) => place.path === 'Hat stand')?.pieces).toBe(3);
    // Once that is taken back too, nobody has made it; and it is there again with what lay in it.
    await undo();
    expect(await paths()).not.toContain('Hat stand');
    await redo();
    expect((await places()).find((place) => place.path === 'Hat stand')?.pieces).toBe(3);
    await undo();
  });

  test('that was only left over stands for itself once taking it away is undone', async () => {
    await add(1, 'Stray tin');
    const first = (await history())[0]?.id ?? 0;
    await add(2, 'Stray tin');
    await server.post(`history/wardrobe/all/changes/${first}/back`);
    const tin = (await places()).find((place) => place.path === 'Stray tin');
    const [run] = (await pieces()).filter((piece) => piece.place === 'Stray tin');
    await deed({ deed: 'lose', pieces: [{ id: run?.id ?? 0, quantity: 2 }] });
    expect((await server.request('DELETE', `wardrobe/places/${tin?.id ?? ''}`)).status).toBe(200);
    expect(await paths()).not.toContain('Stray tin');
    expect((await undo()).status).toBe(201);
    expect(await paths()).toContain('Stray tin');
  });

  test('into which whole figures were sealed goes when that is undone, and they stand where they stood', async () => {
    const { body: donors } = await server.get<DonorDto[]>('wardrobe/donors');
    const donor = donors[0] as DonorDto;
    const box = await server.post('wardrobe/boxes', { name: 'Sealed again', donors: [donor.id], place: donor.placeId });
    expect(box.status).toBe(201);
    expect((await paths()).some((path) => path.endsWith('Sealed again'))).toBe(true);
    await undo();
    expect((await paths()).some((path) => path.endsWith('Sealed again'))).toBe(false);
    expect((await server.get<DonorDto[]>('wardrobe/donors')).body.find((row) => row.id === donor.id)).toEqual(donor);
  });
});

describe('one deed by itself', () => {
  test('is taken back though others came after it, and can be done again', async () => {
    const run = await add(9, 'Cabinet › Drawer Q');
    await deed({ deed: 'sell', pieces: [{ id: run.id, quantity: 2 }], broughtMinor: 300 });
    await deed({ deed: 'lend', pieces: [{ id: run.id, quantity: 3 }], person: 'Odile' });
    const left = async () => (await pieces()).find((piece) => piece.id === run.id)?.quantity;
    expect(await left()).toBe(4);
    expect((await takeBack('Sold 2')).status).toBe(201);
    expect(await left()).toBe(6);
    // Undo means the loan still, and Redo the sale.
    const next = await server.get<{ undo: string; redo: string }>('history/wardrobe/all/next');
    expect(next.body).toEqual({ undo: 'Lent 3 × Two plaits in rust and lagoon to Odile', redo: 'Sold 2 × Two plaits in rust and lagoon' });
    await redo();
    expect(await left()).toBe(4);
    expect((await takeBack('Sold 2')).status).toBe(201);
    const gone = (await history()).find((row) => row.kind === 'edit' && row.label.startsWith('Sold 2'));
    expect(gone?.stands).toBe(false);
    expect((await server.post(`history/wardrobe/all/changes/${gone?.id}/back`)).status).toBe(409);
    // A change of another page is none of this one.
    expect((await server.post(`history/market/all/changes/${gone?.id}/back`)).status).toBe(404);
  });

  test('is listed as far back as somebody asks, the newest first', async () => {
    const all = await history();
    const { body: last } = await server.get<typeof all>('history/wardrobe/all?most=2');
    expect(last).toEqual(all.slice(0, 2));
    expect((await server.get('history/wardrobe/all?most=100001')).status).toBe(400);
  });

  test('is refused where a later one needs what it brought, which is named; nothing is changed', async () => {
    await add(1, 'Cabinet › Drawer R');
    const run = (await pieces()).find((piece) => piece.place === 'Cabinet › Drawer R') as PieceDto;
    await deed({ deed: 'give', pieces: [{ id: run.id, quantity: 1 }], person: 'Ola' });
    const added = (await history()).find((row) => row.stands && row.label.startsWith('Added 1 ×'));
    const refused = await server.post<Refused>(`history/wardrobe/all/changes/${added?.id}/back`);
    expect(refused.status).toBe(409);
    expect(refused.body.message).toContain('“Gave Two plaits in rust and lagoon away to Ola” stands in the way');
    await undo();
    await undo();
  });

  test('of a brief or a look leaves what was changed elsewhere in it', async () => {
    const { brief } = await server.figure('ibbe-lantry');
    await server.put('figures/ibbe-lantry/brief', { ...brief, story: 'Another story' });
    await server.put('figures/ibbe-lantry/brief', { ...brief, story: 'Another story', requester: 'Ada' });
    expect((await takeBack('Changed the story', 'figure/ibbe-lantry')).status).toBe(201);
    expect((await server.figure('ibbe-lantry')).brief).toMatchObject({ story: brief.story, requester: 'Ada' });
    await redo('figure/ibbe-lantry');
    await undo('figure/ibbe-lantry');
    await undo('figure/ibbe-lantry');
    expect((await server.figure('ibbe-lantry')).brief).toEqual(brief);
  });

  test('that a later one touched is refused by its name', async () => {
    const { brief } = await server.figure('toss-hallam');
    await server.put('figures/toss-hallam/brief', { ...brief, story: 'First' });
    await server.put('figures/toss-hallam/brief', { ...brief, story: 'Second' });
    const [, older] = (await history('figure/toss-hallam')).filter((row) => row.stands);
    const refused = await server.post<Refused>(`history/figure/toss-hallam/changes/${older?.id}/back`);
    expect([refused.status, refused.body.message]).toEqual([
      409,
      '“Changed the story” was done since, and changed the same. Take that back first; nothing was changed.',
    ]);
    expect((await server.figure('toss-hallam')).brief.story).toBe('Second');
  });
});

describe('a deed is named as the screen names things', () => {
  test('a whole figure that is sold, and a day something is due back', async () => {
    const donor = (await server.get<DonorDto[]>('wardrobe/donors')).body.find((row) => row.holds.length > 3) as DonorDto;
    const all = donor.holds.map(({ run, quantity }) => ({ id: run, quantity }));
    expect((await deed({ deed: 'sell', pieces: all, broughtMinor: 900 })).body.sentence).toBe(`Sold the ${donor.name}`);
    await undo();
    expect((await deed({ deed: 'sell', pieces: all.slice(1), broughtMinor: 900 })).body.sentence).toMatch(/^Sold \d+ pieces$/);
    await undo();
    const run = await add(1, 'Cabinet › Drawer T');
    const lent = await deed({ deed: 'lend', pieces: [{ id: run.id, quantity: 1 }], person: 'Jo', dueOn: '2027-01-05' });
    expect(lent.body.sentence).toBe('Lent Two plaits in rust and lagoon to Jo until 5 January 2027');
    await undo();
    await undo();
  });

  test('a change of a look that is made on the page of its line-up is undone there, and told in its own history', async () => {
    const { looks, chosenLook } = await server.figure('corvin-pell');
    const before = looks.find(({ id }) => id === chosenLook);
    const edit = { label: 'Took the headgear off', on: 'line-up', edits: [{ action: 'judge', stars: 5, words: 'from the list' }] };
    expect((await server.post(`looks/${chosenLook}/edits`, edit)).status).toBe(201);
    expect((await server.get<{ undo: string }>('history/line-up/heron-crew/next')).body.undo).toBe('Corvin Pell: Took the headgear off');
    expect((await history(`look/${chosenLook}`))[0]?.label).toBe('Corvin Pell: Took the headgear off');
    expect((await undo('line-up/heron-crew')).status).toBe(201);
    expect((await server.look(chosenLook)).verdict).toEqual(before?.verdict);
  });
});

test('what nobody can put back is found when Outfit starts', () => {
  const service = new HistoryService(null as never, null as never);
  expect(() => service.onApplicationBootstrap()).toThrow('nobody registered how these are put back: look, figure');
});

test('a look goes back to how it was after an undo too; a name for a state is nothing to take back', async () => {
  const judge = (words: string) => server.post('looks/juno-sedge-1/edits', { label: words, edits: [{ action: 'judge', stars: 3, words }] });
  const words = async () => (await server.look('juno-sedge-1')).verdict?.words;
  await judge('first');
  await judge('second');
  await undo('look/juno-sedge-1');
  await judge('third');
  const undone = (await history('look/juno-sedge-1')).find((row) => row.kind === 'undo');
  expect((await server.post('looks/juno-sedge-1/return', { change: undone?.id })).status).toBe(201);
  expect(await words()).toBe('first');
  await server.post('looks/juno-sedge-1/snapshots', { name: 'Kept' });
  const kept = (await history('look/juno-sedge-1'))[0]?.id;
  const refused = await server.post<Refused>(`history/look/juno-sedge-1/changes/${kept}/back`);
  expect([refused.status, refused.body.message]).toEqual([409, '“Kept” changed nothing by itself. There is nothing to take back.']);
});

describe('a deed that changes several looks', () => {
  const POST = 'winter-post';
  const WINTER = 'TO-401·woad·winter-carrier';
  const lineUp = async () => (await server.get<LineUpDto>(`line-ups/${POST}`)).body;
  const torsoOf = async (look: string) => (await server.look(look)).parts.find(({ position }) => position === 'torso')?.variant;
  const dress = async (): Promise<string> => {
    const { plan, figures } = await lineUp();
    const follower = figures.find(({ brief }) => brief.name === 'Perrin Oake');
    const uniform = plan.uniform.map((row) =>
      row.scope.of === 'carriers' && row.part.position === 'torso' ? { ...row, part: { ...row.part, variant: WINTER } } : row,
    );
    expect((await server.put(`line-ups/${POST}/uniform`, { uniform, reaches: 'followers' })).status).toBe(200);
    return follower?.chosenLook ?? '';
  };

  test('stands in the history of each, and is taken back whole on the page of one', async () => {
    const before = await lineUp();
    const look = await dress();
    expect(await torsoOf(look)).toBe(WINTER);
    const [inLook, inLineUp] = [await history(`look/${look}`), await history(`line-up/${POST}`)];
    expect(inLook[0]?.id).toBe(inLineUp[0]?.id);
    expect((await undo(`look/${look}`)).status).toBe(201);
    const after = await lineUp();
    expect(after.plan).toEqual(before.plan);
    expect(after.figures.map(({ looks }) => looks.map(({ parts }) => parts))).toEqual(
      before.figures.map(({ looks }) => looks.map(({ parts }) => parts)),
    );
    // Done again on the other page, it is in both.
    await redo(`line-up/${POST}`);
    expect(await torsoOf(look)).toBe(WINTER);
    await undo(`line-up/${POST}`);
  });

  test('leaves what one of them was given elsewhere since, and does not overwrite what was changed there', async () => {
    const look = await dress();
    const verdict = { label: 'Judged', edits: [{ action: 'judge', stars: 4, words: 'stays' }] };
    await server.post(`looks/${look}/edits`, verdict);
    expect((await undo(`line-up/${POST}`)).status).toBe(201);
    expect((await server.look(look)).verdict?.words).toBe('stays');
    expect(await torsoOf(look)).not.toBe(WINTER);
    await redo(`line-up/${POST}`);
    const off = { label: 'Took the torso off', edits: [{ action: 'take off', position: 'torso' }] };
    expect((await server.post(`looks/${look}/edits`, off)).status).toBe(201);
    const refused = await undo(`line-up/${POST}`);
    expect([refused.status, refused.body.message]).toEqual([
      409,
      '“Took the torso off” was done since, and changed the same. Take that back first; nothing was changed.',
    ]);
  });
});
