import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { BenchOverviewDto, BenchSessionDto, ClosingDto, InsteadChoiceDto } from '../src/bench/bench.dto.js';
import type { PlaceDto } from '../src/wardrobe/ledger/ledger.dto.js';
import type { PromisesDto } from '../src/wardrobe/promises/promises.dto.js';
import type { PieceDto } from '../src/wardrobe/wardrobe.dto.js';
import { Harness } from './harness.js';

let server: Harness;
// Hob Linnet is what an owned whole figure is; without his letter he is not, and is built piece by piece.
const WHOLE = ['hob-linnet'];
beforeAll(async () => {
  server = await Harness.start();
  for (const figure of WHOLE) {
    const edit = { edits: [{ action: 'take off', position: 'held.R' }], label: 'Took off what it holds' };
    expect((await server.post(`looks/${figure}-1/edits`, edit)).status).toBe(201);
  }
  await server.post('wardrobe/pieces', { variant: 'HN-601·almond', quantity: 2, condition: 'used', place: 'Odd hands' });
}, 60_000);
afterAll(() => server.stop());

type Refused = BenchSessionDto & { readonly message: string };

const standing = async (figure: string): Promise<string> => {
  const { body } = await server.get<PromisesDto>('wardrobe/promises');
  return body.standings[body.figures.indexOf(figure)] ?? '';
};
const begin = async (figure: string, copies?: number): Promise<BenchSessionDto> => {
  const { status, body } = await server.post<BenchSessionDto>('bench', { figures: [{ figure, ...(copies ? { copies } : {}) }] });
  expect([status, body]).toEqual([201, expect.anything()]);
  return body;
};
const tick = async ({ id, steps }: BenchSessionDto): Promise<BenchSessionDto> => {
  const next = steps.find((step) => step.doneAt === null);
  const { status, body } = await server.post<BenchSessionDto>(`bench/${id}/steps/${next?.id}`);
  expect([status, next?.title]).toEqual([201, next?.title]);
  return body;
};
const tickUntil = async (session: BenchSessionDto, kind: string): Promise<BenchSessionDto> => {
  let at = session;
  while (at.steps.find((step) => step.doneAt === null)?.kind !== kind) at = await tick(at);
  return at;
};
const tickAll = async (session: BenchSessionDto): Promise<BenchSessionDto> => {
  let at = session;
  while (at.state === 'open') at = await tick(at);
  return at;
};
const places = async (): Promise<readonly string[]> =>
  (await server.get<PlaceDto[]>('wardrobe/places')).body.map((place) => `${place.path}: ${place.pieces}`).sort();
const undo = () => server.post<{ done: string }>('history/wardrobe/all/undo');

describe('a whole figure that gave a part', () => {
  const closings = async ({ id }: BenchSessionDto): Promise<ClosingDto[]> => (await server.get<ClosingDto[]>(`bench/${id}/closings`)).body;

  test('is closed by a piece of the mould that nobody is promised; what is on it still, or closed by now, is no hole', async () => {
    const session = await begin('hob-linnet');
    await server.post('wardrobe/pieces', { variant: 'HN-601·honey', quantity: 40, condition: 'used', place: 'Odd hands' });
    expect(await closings(session)).toEqual([]);
    const open = await tickUntil(session, 'build');
    const hands = async (): Promise<ClosingDto[]> => (await closings(open)).filter(({ position }) => position === 'hand.L');
    const offered = await hands();
    const hand = { name: 'Sorter', taken: 'HN-601·wheat', variant: 'HN-601·honey', where: 'Odd hands' };
    // One sorter gave both hands: the other was left whole.
    expect(offered).toMatchObject([hand]);
    // The most like comes first: a torso in another colour for the torso, none that some figure is promised.
    for (const { taken, variant } of await closings(open)) expect(variant.split('·')[0]).toBe(taken.split('·')[0]);
    const [first] = offered;
    await server.post('wardrobe/deeds', { deed: 'move', to: first?.donor, pieces: [{ id: first?.run, quantity: 1 }] });
    expect(await hands()).toEqual([]);
    await undo();
    expect(await hands()).toHaveLength(1);
    await server.post(`bench/${session.id}/end`, { as: 'put back' });
    expect((await server.get('bench/nobody/closings')).status).toBe(404);
  });
});

describe('a figure that is ready to build', () => {
  test('is built step by step; every tick moves its pieces, and can be taken back', async () => {
    const before = await places();
    const { body: bench } = await server.get<BenchOverviewDto>('bench');
    expect(bench.ready.find((row) => row.figure === 'toss-hallam')).toMatchObject({ standing: 'ready to build', canBuild: 1 });
    const session = await begin('toss-hallam');
    expect(session.steps.map((step) => step.kind)).toEqual(
      [...session.steps.map((step) => step.kind)].sort((a, b) => ORDER.indexOf(a) - ORDER.indexOf(b)),
    );
    const half = await tickUntil(session, 'build');
    expect((await places()).some((place) => /^Tray of Toss Hallam: 1\d$/.test(place))).toBe(true);
    // What lies on its tray is its own: it is as ready as before, and nobody else gets it.
    expect(await standing('toss-hallam')).toBe('ready to build');
    const done = await tickAll(half);
    expect([done.state, await standing('toss-hallam')]).toEqual(['built', 'built']);
    expect((await places()).some((place) => /^Toss Hallam: 1\d$/.test(place))).toBe(true);
    const last = done.steps.at(-2);
    expect((await server.request<Refused>('DELETE', `bench/${done.id}/steps/${last?.id}`)).body.message).toMatch(/steps after it first/);
    for (const step of [...done.steps].reverse())
      expect((await server.request('DELETE', `bench/${done.id}/steps/${step.id}`)).status).toBe(200);
    expect(await places()).toEqual(before);
    await server.post(`bench/${done.id}/end`, { as: 'left' });
  });

  test('keeps who was at it and what was remarked, each by itself; the next session begins with the same person', async () => {
    const session = await begin('toss-hallam');
    const noted = await server.put<BenchSessionDto>(`bench/${session.id}/note`, { who: ' Wilma Ketch ' });
    await server.put(`bench/${session.id}/note`, { remark: 'The left hand sits tight.' });
    expect([noted.status, noted.body.who]).toEqual([200, 'Wilma Ketch']);
    expect((await server.get<BenchSessionDto>(`bench/${session.id}`)).body).toMatchObject({
      who: 'Wilma Ketch',
      remark: 'The left hand sits tight.',
    });
    expect((await undo()).body.done).toBe('Noted at the bench: Toss Hallam');
    expect((await server.get<BenchSessionDto>(`bench/${session.id}`)).body).toMatchObject({ who: 'Wilma Ketch', remark: '' });
    await server.post(`bench/${session.id}/end`, { as: 'left' });
    const next = await begin('toss-hallam');
    expect(next.who).toBe('Wilma Ketch');
    await server.put(`bench/${next.id}/note`, { who: '' });
    await server.post(`bench/${next.id}/end`, { as: 'left' });
  });

  test('is refused where something lacks, with what; a step out of turn and a figure twice too', async () => {
    const refused = await server.post<Refused>('bench', { figures: [{ figure: 'marta-quill' }] });
    expect([refused.status, refused.body.message]).toEqual([
      409,
      expect.stringMatching(/^Marta Quill cannot be built yet: .+ not at hand\.$/),
    ]);
    expect((await server.post('bench', { figures: [{ figure: 'nobody' }] })).status).toBe(404);
    expect((await server.post('bench', { figures: [] })).status).toBe(400);
    expect((await server.post('bench', { figures: [{ figure: 'toss-hallam' }, { figure: 'toss-hallam' }] })).status).toBe(422);
    const session = await begin('toss-hallam');
    const second = session.steps[1];
    expect((await server.post<Refused>(`bench/${session.id}/steps/${second?.id}`)).body.message).toMatch(/comes first/);
    expect((await server.post<Refused>('bench', { figures: [{ figure: 'toss-hallam' }] })).body.message).toMatch(/is on the bench already/);
    // Sent twice, as when an answer was lost, it is done once.
    const first = session.steps[0]?.id;
    await server.post(`bench/${session.id}/steps/${first}`);
    expect(
      (await server.post<BenchSessionDto>(`bench/${session.id}/steps/${first}`)).body.steps.filter((step) => step.doneAt !== null),
    ).toHaveLength(1);
    await server.post(`bench/${session.id}/end`, { as: 'put back' });
  });

  test('putting everything back leaves the wardrobe as it was; Undo of a tick too', async () => {
    const before = await places();
    const session = await begin('toss-hallam');
    const some = await tickUntil(session, 'build');
    expect((await undo()).body.done).toMatch(/^At the bench/);
    const { body: back } = await server.get<BenchSessionDto>(`bench/${session.id}`);
    expect(back.steps.filter((step) => step.doneAt !== null)).toHaveLength(some.steps.filter((step) => step.doneAt !== null).length - 1);
    const { body: ended } = await server.post<BenchSessionDto>(`bench/${session.id}/end`, { as: 'put back' });
    expect([ended.state, await places()]).toEqual(['put back', before]);
  });
});

describe('an army', () => {
  test('twelve of forty are built in one session, each drawer opened once, and eight are left to build', async () => {
    const session = await begin('lamplighter', 12);
    const fetched = session.steps.filter((step) => step.sentence.startsWith('Take from')).map((step) => step.sentence.split(':')[0]);
    expect(new Set(fetched).size).toBe(fetched.length);
    expect(session.steps.find((step) => step.kind === 'build')?.sentence).toMatch(/^12 times: /);
    expect(session.copies).toHaveLength(12);
    await tickAll(session);
    const { body } = await server.get<BenchOverviewDto>('bench');
    expect(body.ready.find((row) => row.figure === 'lamplighter')).toMatchObject({ standing: 'wanting', canBuild: 8 });
    expect(await places()).toContain(`Lamplighter: ${12 * 9}`);
    const tooMany = await server.post<Refused>('bench', { figures: [{ figure: 'lamplighter', copies: 9 }] });
    expect(tooMany.body.message).toMatch(/^Only 8 of Lamplighter can be built: then .+ runs out\.$/);
  });
});

describe('several figures in one session', () => {
  test('open each drawer once, say what is whose, and end built, each by itself', async () => {
    const figures = ['wystan-pool', 'toss-hallam', 'yara-flint'];
    const { status, body: session } = await server.post<BenchSessionDto>('bench', { figures: figures.map((figure) => ({ figure })) });
    expect([status, session.title]).toEqual([201, 'Wystan Pool and 2 more']);
    expect(session.figures.map((row) => row.figure)).toEqual(figures);
    const fetched = session.steps.filter((step) => step.sentence.startsWith('Take from')).map((step) => step.sentence.split(':')[0]);
    expect(new Set(fetched).size).toBe(fetched.length);
    expect(session.steps[0]?.hint).toMatch(/Wystan Pool: .+\. Yara Flint: .+\./);
    const done = await tickAll(session);
    expect([done.state, await Promise.all(figures.map(standing))]).toEqual(['built', ['built', 'built', 'built']]);
    for (;;) if ((await undo()).body.done.startsWith('Began at the bench: Wystan')) break;
    expect(await standing('toss-hallam')).toBe('ready to build');
  });
});

describe('when something is wrong at the bench', () => {
  test('what broke is gone from the ledger, another takes its place, and the rest is worked out anew', async () => {
    const session = await tickUntil(await begin('hob-linnet'), 'build');
    const step = session.steps.find((row) => row.kind === 'build');
    const piece = step?.moves[0]?.piece ?? '';
    const variant = session.copies[0]?.pieces.find((row) => row.piece === piece)?.variant ?? '';
    const total = async (): Promise<number> =>
      (await server.get<PieceDto[]>(`wardrobe/pieces?variant=${encodeURIComponent(variant)}`)).body.reduce(
        (all, row) => all + row.quantity,
        0,
      );
    const before = await total();
    const { body: choices } = await server.get<InsteadChoiceDto[]>(`bench/${session.id}/instead?piece=${encodeURIComponent(piece)}`);
    const [same] = choices;
    expect([same?.variant, same?.likeness]).toEqual([variant, 100]);
    const { status, body: after } = await server.post<BenchSessionDto>(`bench/${session.id}/troubles`, {
      piece,
      what: 'it broke',
      run: same?.run,
    });
    expect(status).toBe(201);
    expect(after.troubles).toEqual([expect.objectContaining({ what: 'it broke', variant })]);
    expect(await total()).toBe(before - 1);
    expect(after.copies[0]?.pieces.some((row) => row.piece === piece)).toBe(false);
    // The look is the same one: only another piece of it is taken.
    expect(after.changed).toEqual([]);
    // What is done stays done; what is left ends in the same figure.
    const doneBefore = session.steps.filter((row) => row.doneAt !== null).map((row) => row.title);
    expect(after.steps.filter((row) => row.doneAt !== null).map((row) => row.title)).toEqual(doneBefore);
    const built = await tickAll(after);
    expect([built.state, await standing('hob-linnet')]).toEqual(['built', 'built']);
  });

  test('without another it is built with a hole, and says what lacks', async () => {
    const session = await tickUntil(await begin('toss-hallam'), 'build');
    const held = session.copies[0]?.pieces.find((row) => row.position === 'headgear');
    const { body: after } = await server.post<BenchSessionDto>(`bench/${session.id}/troubles`, {
      piece: held?.piece,
      what: 'it is not there',
    });
    expect(after.steps.some((step) => step.doneAt === null && step.pieces.includes(held?.piece ?? ''))).toBe(false);
    await tickAll(after);
    expect(await standing('toss-hallam')).not.toBe('built');
    for (;;) {
      const { body } = await undo();
      if (body.done.startsWith('Began at the bench: Toss')) break;
    }
    expect(await standing('toss-hallam')).toBe('ready to build');
    expect((await server.get(`bench/${session.id}`)).status).toBe(404);
  });

  test('a piece that somebody took meanwhile is told, and nothing is half done', async () => {
    const session = await begin('toss-hallam');
    const [first] = session.steps;
    const run = Number(first?.pieces[0]?.split('#')[0]);
    expect((await server.post('wardrobe/deeds', { deed: 'lose', pieces: [{ id: run, quantity: 1 }] })).status).toBe(201);
    const refused = await server.post<Refused>(`bench/${session.id}/steps/${first?.id}`);
    expect([refused.status, refused.body.message]).toEqual([
      409,
      expect.stringMatching(/is not in .+ any more\. Say that it is not there, or put it back\./),
    ]);
    expect((await server.get<BenchSessionDto>(`bench/${session.id}`)).body.steps.every((step) => step.doneAt === null)).toBe(true);
    await undo();
    await server.post(`bench/${session.id}/end`, { as: 'left' });
  });
});

describe('a figure that is built otherwise', () => {
  test('is changed over with the least steps', async () => {
    await tickAll(await begin('toss-hallam'));
    const { body: figure } = await server.get<{ chosenLook: string }>('figures/toss-hallam');
    await server.post(`looks/${figure.chosenLook}/edits`, {
      label: 'Other hair',
      edits: [{ action: 'put on', position: 'headgear', variant: 'HA-118·chestnut' }],
    });
    expect(await standing('toss-hallam')).toBe('to be changed');
    const { body: bench } = await server.get<BenchOverviewDto>('bench');
    expect(bench.ready.find((row) => row.figure === 'toss-hallam')).toMatchObject({ standing: 'to be changed', canBuild: 1 });
    const session = await begin('toss-hallam');
    expect([session.changed, session.steps.map((step) => step.kind)]).toEqual([[], ['fetch', 'take apart', 'put away', 'build', 'look']]);
    await tickAll(session);
    expect(await standing('toss-hallam')).toBe('built');
    const { body: history } = await server.get<BenchSessionDto[]>('bench/figures/toss-hallam');
    expect(history.filter((row) => row.state === 'built').length).toBeGreaterThanOrEqual(2);
  });
});

const ORDER = ['fetch', 'take apart', 'put back', 'put away', 'alter', 'build', 'look'];
