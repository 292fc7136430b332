import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { FigureDto, LineUpDto } from '../src/figures/record/figures.dto.js';
import type { IdeaDto, IdeasDto } from '../src/ideas/ideas.dto.js';
import type { BinnedDto } from '../src/platform/bin/bin.dto.js';
import type { ImportReportDto } from '../src/platform/importing/importReport.dto.js';
import { Harness, suiteDay } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

const page = async (): Promise<IdeasDto> => (await server.get<IdeasDto>('ideas')).body;
const idea = async (title: string): Promise<IdeaDto> => {
  const found = (await page()).ideas.find((row) => row.title === title);
  if (!found) throw new Error(`there is no idea ${title}`);
  return found;
};
const undo = () => server.post('history/ideas/all/undo');
const NEW = {
  kind: 'figure',
  title: 'A diver',
  words: 'Helmet under the arm.',
  who: 'Ines',
  heardAt: 'the pier',
  parts: ['HD-101·umber·reader'],
  votes: 1,
  state: 'heard',
  reason: '',
};

describe('ideas', () => {
  test('of the demo: nine with their credits, four owed, the late one first', async () => {
    const { ideas, owed, now } = await page();
    expect(ideas).toHaveLength(9);
    expect(owed.map(({ who, standing }) => [who, standing])[0]).toEqual(['Pernille Aske', 'late']);
    expect(owed).toHaveLength(4);
    expect(now[0]).toMatchObject({ kind: 'build', isReady: true });
    const ranks = now.map(({ isReady, isOwed }) => (isReady && isOwed ? 0 : isReady ? 1 : isOwed ? 2 : 3));
    expect(ranks).toEqual([...ranks].sort());
    expect(now.some(({ kind }) => kind === 'idea')).toBe(true);
  });

  test('are written down, changed over the version that was seen, binned and brought back', async () => {
    await server.post('ideas', NEW);
    const written = await idea('A diver');
    expect((await server.put(`ideas/${written.id}?version=${written.version}`, { ...NEW, votes: 4 })).status).toBe(200);
    expect((await server.put(`ideas/${written.id}?version=${written.version}`, { ...NEW, votes: 9 })).status).toBe(409);
    await undo();
    expect((await idea('A diver')).votes).toBe(1);
    await server.put(`ideas/${written.id}/away`, { isAway: true });
    expect((await server.get<BinnedDto[]>('bin')).body).toContainEqual(expect.objectContaining({ kind: 'idea', name: 'A diver' }));
    await server.post(`bin/idea/${written.id}/back`);
    expect((await idea('A diver')).title).toBe('A diver');
    expect((await server.post('ideas', { ...NEW, parts: ['HD-000·none'] })).status).toBe(422);
  });

  test('one that is promoted becomes a brief that carries the credit, with its parts on; once', async () => {
    const lantern = await idea('The lantern maker');
    const { body } = await server.post<IdeasDto>(`ideas/${lantern.id}/promotion`, { lineUp: 'heron-crew' });
    const planned = body.ideas.find(({ id }) => id === lantern.id);
    expect(planned).toMatchObject({ state: 'planned', lineUp: null });
    const figure = (await server.get<FigureDto>(`figures/${planned?.figure ?? ''}`)).body;
    expect(figure.brief).toMatchObject({ name: 'The lantern maker', credit: 'Wilma Ketch (the regatta table)' });
    expect(figure.looks[0]?.parts.map(({ position }) => position).sort()).toEqual(['head', 'held.L']);
    expect((await server.post(`ideas/${lantern.id}/promotion`, {})).status).toBe(409);
  });

  test('what an idea became and lies in the bin is said; thrown away for good, the idea may be made again', async () => {
    const lantern = await idea('The lantern maker');
    const figure = lantern.figure ?? '';
    await server.put('figures/bin', { figures: [figure], isAway: true });
    expect(await idea('The lantern maker')).toMatchObject({ figure, isBinned: true });
    const refused = await server.post<{ message: string }>(`ideas/${lantern.id}/promotion`, { lineUp: 'heron-crew' });
    expect([refused.status, refused.body.message]).toEqual([409, expect.stringContaining('lies in the bin')]);
    await server.request('DELETE', `bin/figure/${figure}`);
    expect(await idea('The lantern maker')).toMatchObject({ figure: null, lineUp: null, isBinned: false });
    const again = await server.post<IdeasDto>(`ideas/${lantern.id}/promotion`, { lineUp: 'heron-crew' });
    const made = again.body.ideas.find(({ id }) => id === lantern.id)?.figure;
    expect((await server.get<FigureDto>(`figures/${made ?? ''}`)).body.brief.name).toBe('The lantern maker');
  });

  test('one of a line-up becomes one, and its notes say whose idea it was', async () => {
    const yard = await idea('The boat yard');
    const { body } = await server.post<IdeasDto>(`ideas/${yard.id}/promotion`, {});
    const id = body.ideas.find((row) => row.id === yard.id)?.lineUp ?? '';
    expect((await server.get<LineUpDto>(`line-ups/${id}`)).body.plan.notes).toContain('An idea of Tobin Marl');
  });
});

describe('a poll', () => {
  const file = 'voter,A post goose,The boat yard,Something else\nAnn,x,,1\nBo,yes,1,\nann,,x,\nCy,maybe,,\n';
  const take = (agree: string, text = file) => server.post<ImportReportDto>(`ideas/polls/import?poll=Spring${agree}`, text);

  test('counts each person once, tells what it cannot read, and replaces itself', async () => {
    const look = await take('');
    expect(look.body).toMatchObject({ rowCount: 4, soundCount: 2, importedCount: 0 });
    expect(look.body.problems.map(({ line, column }) => [line, column])).toEqual([
      [1, 'Something else'],
      [4, 'voter'],
      [5, 'A post goose'],
    ]);
    expect((await take('&agree=all')).body.importedCount).toBe(0);
    await take('&agree=sound');
    expect([(await idea('A post goose')).polled, (await idea('The boat yard')).polled]).toEqual([2, 1]);
    await take('&agree=sound', 'voter,A post goose\nDee,x\n');
    expect([(await idea('A post goose')).polled, (await idea('The boat yard')).polled]).toEqual([1, 0]);
    await undo();
    expect((await idea('A post goose')).polled).toBe(2);
    expect((await take('', 'voter\nAnn\n')).status).toBe(422);
  });
});

describe('what is owed', () => {
  test('says what stands in the way of each figure, and is done when it is given', async () => {
    const rowers = (await page()).owed.find(({ who }) => who === 'Tobin Marl');
    expect(rowers?.obstacles.map(({ name }) => name)).toEqual(['Juno Sedge', 'Corvin Pell']);
    expect(rowers?.obstacles[1]?.waits).toMatch(/to buy|on their way/);
    const { who, what, agreed, dueOn, figures } = rowers ?? { who: '', what: '', agreed: '', dueOn: null, figures: [] };
    const { body } = await server.put<IdeasDto>(`ideas/owed/${rowers?.id ?? ''}?version=1`, {
      who,
      what,
      agreed,
      dueOn,
      figures,
      doneOn: suiteDay(-7),
    });
    expect(body.owed.at(-1)).toMatchObject({ who: 'Tobin Marl', standing: 'done' });
    await undo();
    expect((await page()).owed.find((row) => row.id === rowers?.id)?.standing).not.toBe('done');
    expect(
      (await server.post('ideas/owed', { who: 'X', what: 'Y', agreed: '', dueOn: null, figures: ['nobody'], doneOn: null })).status,
    ).toBe(404);
  });

  test('that was changed elsewhere meanwhile is not written over', async () => {
    const seen = (await page()).owed.find(({ who }) => who === 'Tobin Marl');
    const { who, what, agreed, dueOn, figures, doneOn, version, id } = seen ?? {
      who: '',
      what: '',
      agreed: '',
      dueOn: null,
      figures: [],
      doneOn: null,
      version: 0,
      id: '',
    };
    const send = (words: string) =>
      server.put<{ message: string; current: { agreed: string } }>(`ideas/owed/${id}?version=${version}`, {
        who,
        what,
        agreed: words,
        dueOn,
        figures,
        doneOn,
      });
    expect((await send('The first word')).status).toBe(200);
    const second = await send('The second word');
    expect([second.status, second.body.current.agreed]).toEqual([409, 'The first word']);
    expect((await page()).owed.find((row) => row.id === id)?.agreed).toBe('The first word');
    await undo();
    expect((await page()).owed.find((row) => row.id === id)?.agreed).toBe(agreed);
  });

  test('can be given though a figure of it lies in the bin meanwhile', async () => {
    const poster = (await page()).owed.find(({ who }) => who === 'The winter fair');
    await server.put('figures/bin', { figures: ['perrin-oake'], isAway: true });
    const { who, what, agreed, dueOn, figures } = poster ?? { who: '', what: '', agreed: '', dueOn: null, figures: [] };
    const given = await server.put(`ideas/owed/${poster?.id ?? ''}`, { who, what, agreed, dueOn, figures, doneOn: suiteDay(-1) });
    expect(given.status).toBe(200);
  });
});
