import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { BriefDto } from '../src/figures/record/brief.dto.js';
import type { FigureDto } from '../src/figures/record/figures.dto.js';
import type { LookDto } from '../src/figures/record/looks.dto.js';
import type { ErrandDto } from '../src/errands/errands.dto.js';
import type { PlaceDto } from '../src/wardrobe/ledger/ledger.dto.js';
import type { ClashDto, PromisesDto, RunPromisesDto } from '../src/wardrobe/promises/promises.dto.js';
import type { LeastCopiesDto, SortOutDto } from '../src/wardrobe/sorting/sorting.dto.js';
import type { PieceDto, PiecesPageDto } from '../src/wardrobe/wardrobe.dto.js';
import { PromiseKeeper } from '../src/wardrobe/promises/promiseKeeper.js';
import { Harness, suiteDay } from './harness.js';

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

const promises = async (): Promise<PromisesDto> => (await server.get<PromisesDto>('wardrobe/promises')).body;
/** "Toss Hallam 1 of 1" for everybody who wants a part, in line. */
const shares = async (variant: string): Promise<string[]> => {
  const told = await promises();
  const at = told.variants.indexOf(variant);
  return told.of.flatMap((of, i) => (of === at ? [`${told.names[told.by[i] ?? -1]} ${told.gets[i]} of ${told.wants[i]}`] : []));
};
const standing = async (figure: string): Promise<readonly [string, number, number]> => {
  const told = await promises();
  const i = told.figures.indexOf(figure);
  return [told.standings[i] ?? '', told.toBuy[i] ?? -1, told.onTheirWay[i] ?? -1];
};
const sortOut = async (): Promise<SortOutDto> => (await server.get<SortOutDto>('wardrobe/sort-out')).body;
const clash = async (variant: string): Promise<ClashDto | undefined> => (await sortOut()).clashes.find((row) => row.variant === variant);
const places = async (): Promise<PlaceDto[]> => (await server.get<PlaceDto[]>('wardrobe/places')).body;
const placeOf = async (path: string): Promise<PlaceDto> => {
  const found = (await places()).find((place) => place.path === path);
  if (!found) throw new Error(`no place ${path}`);
  return found;
};
const runOf = async (variant: string, place = ''): Promise<PieceDto> => {
  const { body } = await server.get<PieceDto[]>(`wardrobe/pieces?variant=${encodeURIComponent(variant)}`);
  const found = body.find((piece) => piece.place.includes(place));
  if (!found) throw new Error(`no run of ${variant}`);
  return found;
};
const undo = () => server.post<{ done: string; message: string }>('history/wardrobe/all/undo');
const brief = async (figure: string, change: Partial<BriefDto>): Promise<void> => {
  const { body } = await server.get<FigureDto>(`figures/${figure}`);
  const answer = await server.put(`figures/${figure}/brief?version=${body.version}`, { ...body.brief, ...change });
  if (answer.status !== 200) throw new Error(JSON.stringify(answer.body));
};

const DRUM = 'HE-910·teak+chalk';
const SILVER = 'HA-118·silver';

describe('who gets which piece', () => {
  test('is told of every owned part that is wanted, and every figure has a standing', async () => {
    const told = await promises();
    expect(told.figures.filter((id) => !id.startsWith('spares of '))).toHaveLength(64);
    expect(new Set(told.standings.filter(Boolean))).toEqual(new Set(['wanting', 'ready to build', 'built', 'to be changed']));
    expect(told.gets.every((gets, i) => gets <= (told.wants[i] ?? 0))).toBe(true);
    // Who was promised to somebody stands first, the latest before all; then the series and the crews, by the days of their line-ups.
    expect(told.names.slice(0, 4)).toEqual(['Marta Quill', 'Juno Sedge', 'Corvin Pell', 'Perrin Oake']);
    expect(told.dueOn.slice(0, 2)).toEqual([suiteDay(-9), suiteDay(24)]);
    expect(told.names.indexOf('Vesper Arl')).toBeLessThan(told.names.indexOf('Toss Hallam'));
  });

  test('follows the day a figure is due', async () => {
    const [first = ''] = await shares(DRUM);
    expect(first).toContain('Toss Hallam');
    await brief('dace-roe', { dueOn: suiteDay(4) });
    expect((await shares(DRUM)).map((row) => row.replace(/ \d.*/, ''))).toContain('Dace Roe');
    expect((await clash(DRUM))?.contenders[0]).toMatchObject({ name: 'Dace Roe', because: 'in line', dueOn: suiteDay(4) });
    await brief('dace-roe', { dueOn: null });
    expect((await clash(DRUM))?.contenders[0]?.name).toBe('Toss Hallam');
  });

  test('a pinned piece goes where it is pinned, until it is let go; Undo knows', async () => {
    const run = await runOf('HA-131·raven+cochineal');
    const before = await shares('HA-131·raven+cochineal');
    expect(before[0]).toContain('Ibbe Lantry 1 of 1');
    const { status } = await server.post('wardrobe/pins', { id: run.id, figure: 'better-keeper', quantity: 1 });
    expect(status).toBe(201);
    expect((await clash('HA-131·raven+cochineal'))?.contenders[0]).toMatchObject({ figure: 'better-keeper', because: 'pinned', gets: 1 });
    const { body } = await server.get<RunPromisesDto>(`wardrobe/pieces/${run.id}/promises`);
    expect(body.given).toEqual([expect.objectContaining({ figure: 'better-keeper', isPinned: true, quantity: 1 })]);
    expect((await undo()).body.done).toContain('kept for');
    expect(await shares('HA-131·raven+cochineal')).toEqual(before);
    expect((await server.post('wardrobe/pins', { id: run.id, figure: 'better-keeper', quantity: 9 })).status).toBe(409);
    expect((await server.post('wardrobe/pins', { id: run.id, figure: 'nobody', quantity: 1 })).status).toBe(404);
  });

  test('figures that are never shown together share their pieces', async () => {
    const hands = 'HN-601·clay';
    const short = (await clash(hands))?.short ?? 0;
    await brief('ibbe-lantry', { neverWith: 'Clay' });
    await brief('corvin-pell', { neverWith: 'Clay' });
    expect((await clash(hands))?.short).toBe(short - 2);
    await brief('ibbe-lantry', { neverWith: '' });
    await brief('corvin-pell', { neverWith: '' });
    expect((await clash(hands))?.short).toBe(short);
  });

  test('one that takes new pieces only leaves the used ones to others', async () => {
    expect((await shares(SILVER))[0]).toBe('Marta Quill 1 of 1');
    await brief('marta-quill', { newOnly: true });
    expect((await shares(SILVER))[0]).toBe('Marta Quill 0 of 1');
    await brief('marta-quill', { newOnly: false });
  });

  test('follows an edit of a look at once', async () => {
    const { body: look } = await server.get<FigureDto>('figures/hob-linnet');
    const chosen = look.chosenLook;
    const had = (await standing('hob-linnet'))[0];
    expect(had).toBe('ready to build');
    const edited = await server.post<LookDto>(`looks/${chosen}/edits`, {
      edits: [{ action: 'put on', position: 'headgear', variant: 'HA-118·rust' }],
      label: 'Rust',
    });
    expect(edited.status).toBeLessThan(300);
    expect(await standing('hob-linnet')).toEqual(['wanting', 1, 0]);
    await server.post(`looks/${chosen}/undo`);
    expect((await standing('hob-linnet'))[0]).toBe('ready to build');
  });

  test('the spares of a line-up stand behind every figure, follow who plays which role, and go with the line-up', async () => {
    const oar = 'HE-904·teak+madder';
    const ofSpares = async (): Promise<readonly string[]> =>
      (await shares(oar)).filter((row) => row.startsWith('Spares of The Heron crew'));
    const inDrawerD = { variant: oar, condition: 'used', place: 'Drawer D' };
    // Two play an oar and get one spare each, behind whoever holds an oar in hand.
    await server.post('wardrobe/pieces', { ...inDrawerD, quantity: 1 });
    expect(await shares(oar)).toEqual([expect.stringContaining('1 of'), 'Spares of The Heron crew 0 of 2']);
    await server.post('wardrobe/pieces', { ...inDrawerD, quantity: 1 });
    expect(await ofSpares()).toEqual(['Spares of The Heron crew 1 of 2']);

    const told = await promises();
    const isSpares = (id: string): boolean => id.startsWith('spares of ');
    const behind = told.figures.findIndex(isSpares);
    expect(told.figures.slice(behind).every(isSpares)).toBe(true);
    expect(new Set(told.standings.slice(behind))).toEqual(new Set(['']));

    await server.put('line-ups/heron-crew/members', { figures: ['bram-otterby'], role: 'oar' });
    expect(await ofSpares()).toEqual(['Spares of The Heron crew 1 of 3']);
    await server.post('history/line-up/heron-crew/undo');
    expect(await ofSpares()).toEqual(['Spares of The Heron crew 1 of 2']);
    await server.put('line-ups/heron-crew/bin', { isAway: true });
    expect(await shares(oar)).toEqual([]);
    await server.put('line-ups/heron-crew/bin', { isAway: false });
    expect(await ofSpares()).toEqual(['Spares of The Heron crew 1 of 2']);
  });

  test('a misprint serves nobody who shows it', async () => {
    const torso = 'TO-401·oatmeal·lamplighter';
    const misprint = (await server.get<PieceDto[]>(`wardrobe/pieces?variant=${encodeURIComponent(torso)}`)).body.find(
      (piece) => piece.defects.length > 0,
    );
    const { body } = await server.get<RunPromisesDto>(`wardrobe/pieces/${misprint?.id ?? 0}/promises`);
    expect([body.free, body.given]).toEqual([1, []]);
  });

  test('beside what is short stands what is owned and does not serve: misprinted, altered, lent and due back, kept whole', async () => {
    const hands = 'HN-601·biscuit';
    const before = await clash(hands);
    const { id } = await runOf(hands);
    const deed = (more: object) => server.post('wardrobe/deeds', { pieces: [{ id, quantity: 1 }], ...more });
    expect((await deed({ deed: 'lend', person: 'Odile', dueOn: suiteDay(-5) })).status).toBe(201);
    expect((await deed({ deed: 'defect', defect: 'misprint' })).status).toBe(201);
    const after = await clash(hands);
    // Both are owned still, and two more are lacking.
    expect([after?.owned, after?.short]).toEqual([before?.owned, (before?.short ?? 0) + 2]);
    expect(after?.aside).toEqual(
      expect.arrayContaining([
        { why: 'lent', quantity: 1, who: 'Odile', dueOn: suiteDay(-5), defect: null },
        { why: 'flawed', quantity: 1, who: null, dueOn: null, defect: 'misprint' },
      ]),
    );
    await undo();
    await undo();
    expect(await clash(hands)).toEqual(before);
  });
});

describe('one number on every screen', () => {
  test('an errand for a figure counts as owned what is promised to it, and buys what it lacks', async () => {
    for (const id of ['marta-quill', 'ibbe-lantry', 'juno-sedge', 'bram-otterby']) {
      const { body: figure } = await server.get<FigureDto>(`figures/${id}`);
      const { status, body } = await server.post<ErrandDto>('errands', {
        scope: id,
        lines: [{ look: figure.chosenLook, copies: 1, group: null }],
        useDonors: false,
      });
      expect(status).toBe(201);
      const told = await promises();
      const line = told.figures.indexOf(id);
      const gets = told.by.reduce((all, by, i) => all + (by === line ? (told.gets[i] ?? 0) - (told.offDonors[i] ?? 0) : 0), 0);
      expect([id, body.needs.reduce((all, need) => all + need.owned, 0)]).toEqual([id, gets]);
      await server.ended(body.job.id);
    }
  });

  test('what the market is asked for is what all figures lack', async () => {
    const told = await promises();
    const lacking = told.toBuy.reduce((all, pieces) => all + pieces, 0);
    const { body } = await server.get<{ pieces: number }>('errands/wanted');
    expect(body.pieces).toBe(lacking);
  });

  test('a page of pieces says the same as the run by itself; free and promised add up', async () => {
    const drawer = await placeOf('Hobby room › Cabinet › Tin of arms');
    const { body: page } = await server.get<PiecesPageDto>(`wardrobe/pieces/page?place=${drawer.id}`);
    for (const row of page.rows.slice(0, 6)) {
      const { body } = await server.get<RunPromisesDto>(`wardrobe/pieces/${row.id}/promises`);
      expect([row.free, row.serves, row.isShort]).toEqual([body.free, body.given.map((given) => given.name), body.clash !== null]);
    }
    expect((page.freePieces ?? 0) + (page.promisedPieces ?? 0)).toBe(drawer.pieces);
    const { body: free } = await server.get<PiecesPageDto>(`wardrobe/pieces/page?place=${drawer.id}&doing=free`);
    expect(free.rows.every((row) => row.free > 0)).toBe(true);
    const colours = async (order: string): Promise<string[]> => {
      const hair = await placeOf('Hobby room › Cabinet › Drawer A, hair and hats');
      const { body } = await server.get<PiecesPageDto>(`wardrobe/pieces/page?place=${hair.id}&order=${order}`);
      return body.rows.map((row) => row.variant.split(/[·+]/)[1] ?? '');
    };
    const byColour = await colours('colour');
    expect([...byColour].sort()).toEqual([...(await colours('part'))].sort());
    expect(byColour).not.toEqual(await colours('part'));
    // Of one colour all lie beside each other.
    expect(new Set(byColour).size).toBe(byColour.filter((colour, i) => colour !== byColour[i - 1]).length);
  });
});

describe('to sort out', () => {
  test('the demo shows every state: clashes, three orphans, doubts, a loan too long, something borrowed', async () => {
    const { clashCount, orphanCount, orphans, unsureCount, lent, borrowed } = await sortOut();
    expect(clashCount).toBeGreaterThan(5);
    expect([orphanCount, orphans.map((piece) => piece.variant).sort()]).toEqual([
      3,
      ['FT-951·soot', 'TO-401·oatmeal·kerchief', 'TO-401·woad'],
    ]);
    expect(unsureCount).toBe(5);
    expect(lent).toEqual([expect.objectContaining({ person: 'Anneke', isLate: true })]);
    expect(borrowed).toEqual([expect.objectContaining({ person: 'Petra Holm', isLate: false })]);
  });

  test('what was thought to be there is confirmed, what was borrowed goes back', async () => {
    const { unsure, borrowed } = await sortOut();
    const [doubt] = unsure;
    await server.post('wardrobe/deeds', { deed: 'confirm', pieces: [{ id: doubt?.id, quantity: doubt?.quantity }] });
    expect((await sortOut()).unsureCount).toBe(4);
    await undo();
    expect((await sortOut()).unsureCount).toBe(5);
    const own = await runOf(SILVER);
    const refused = await server.post('wardrobe/deeds', { deed: 'hand back', pieces: [{ id: own.id, quantity: 1 }] });
    expect([refused.status, refused.body.message]).toEqual([409, expect.stringContaining('is yours')]);
    const lantern = borrowed[0]?.pieces[0];
    await server.post('wardrobe/deeds', { deed: 'hand back', pieces: [{ id: lantern?.id, quantity: 1 }] });
    expect((await sortOut()).borrowed).toEqual([]);
    await undo();
    expect((await sortOut()).borrowed).toHaveLength(1);
  });

  test('the fewest copies serve a line-up, and say which further one serves most', async () => {
    const { body } = await server.get<LeastCopiesDto>('wardrobe/least-copies/heron-crew');
    expect(body.isProven).toBe(true);
    expect(body.figures.reduce((all, row) => all + row.copies, 0)).toBe(body.figureTotal);
    expect(body.productTotal).toBeLessThanOrEqual(body.figureTotal);
    expect(body.further.map((row) => row.serves)).toEqual([...body.further.map((row) => row.serves)].sort((a, b) => b - a));
    expect((await server.get('wardrobe/least-copies/nowhere')).status).toBe(404);
  });
});

describe('a piece', () => {
  test('is altered for good, and what was sold says what it brought', async () => {
    const run = await runOf('AR-501·madder');
    const cut = await server.post<{ sentence: string }>('wardrobe/deeds', {
      deed: 'alter',
      pieces: [{ id: run.id, quantity: 1 }],
      alteration: 'cut',
      what: 'the cuff',
    });
    expect(cut.body.sentence).toBe('Altered Arm in madder: cut: the cuff');
    const { body } = await server.get<PieceDto[]>(`wardrobe/pieces?variant=${encodeURIComponent('AR-501·madder')}`);
    expect(body.map((piece) => piece.alterations.length)).toEqual(expect.arrayContaining([0, 1]));
    await undo();
    await server.post('wardrobe/deeds', { deed: 'sell', pieces: [{ id: run.id, quantity: 1 }], broughtMinor: 45, person: 'Bo' });
    const { body: story } = await server.get<{ sentence: string; broughtMinor: number | null }[]>(`wardrobe/pieces/${run.id}/story`);
    expect(story.at(-1)).toMatchObject({ sentence: 'Sold Arm in madder to Bo', broughtMinor: 45 });
  });

  test('is borrowed until a day', async () => {
    const { body } = await server.post<PieceDto[]>('wardrobe/pieces', {
      ...{ variant: 'HA-118·raven', quantity: 1, condition: 'used', place: 'Window sill' },
      ...{ owner: 'Petra Holm', dueOn: suiteDay(36) },
    });
    expect(body.find((piece) => piece.owner !== '')).toMatchObject({ owner: 'Petra Holm', dueOn: suiteDay(36) });
  });
});

test('what is used up is counted, runs low, and is never less than none', async () => {
  const { body: added } = await server.post<{ id: string; isLow: boolean }[]>('wardrobe/consumables', {
    ...{ name: 'Glue dots', unit: 'pieces', quantity: 40, lowAt: 10 },
  });
  const id = added[0]?.id ?? '';
  expect(added[0]?.isLow).toBe(false);
  expect((await server.post(`wardrobe/consumables/${id}/used`, { quantity: -50 })).status).toBe(409);
  const { body: used } = await server.post<{ left: number; isLow: boolean }[]>(`wardrobe/consumables/${id}/used`, { quantity: -32 });
  expect(used[0]).toMatchObject({ left: 8, isLow: true });
  expect((await undo()).body.done).toBe('Used 32 pieces of Glue dots');
  expect((await server.get<{ left: number }[]>('wardrobe/consumables')).body[0]?.left).toBe(40);
  expect((await server.post('wardrobe/consumables', { name: 'glue DOTS', unit: 'mm', quantity: 1, lowAt: 0 })).status).toBe(409);
});

describe('after a change of the catalogue', () => {
  const entered = (kind: string, row: object) => server.post('catalogue/entries', { kind, row });

  test('nothing is decided anew for a colour or a part more; a part that is found to be another takes its promises along', async () => {
    const keeper = server.app.get(PromiseKeeper, { strict: false });
    const before = (await keeper.now()).revision;
    const colour = { id: 'plum-dust', name: 'plum dust', hex: '#5a3550', finish: 'solid', kind: 'cloth' };
    expect((await entered('colours', colour)).status).toBe(201);
    const part = { id: 'HA-118·plum-dust', mould: 'HA-118', colours: ['plum-dust'] };
    expect([200, 201]).toContain((await entered('variants', part)).status);
    expect((await keeper.now()).revision).toBe(before);
    expect((await shares(SILVER)).join()).toContain('Marta Quill');
    expect((await server.post('catalogue/merge', { kind: 'variant', double: SILVER, kept: 'HA-118·plum-dust' })).status).toBe(201);
    expect((await keeper.now()).revision).toBeGreaterThan(before);
    expect((await shares('HA-118·plum-dust')).join()).toContain('Marta Quill');
    expect(await shares(SILVER)).toEqual([]);
  });
});
