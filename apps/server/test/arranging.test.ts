import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { FigureDto, LineUpDto, LineUpNamesDto } from '../src/figures/record/figures.dto.js';
import type { BinnedDto } from '../src/platform/bin/bin.dto.js';
import type { SteppedDto } from '../src/platform/history/history.dto.js';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

const lineUp = async (id: string): Promise<LineUpDto> => (await server.get<LineUpDto>(`line-ups/${id}`)).body;
const names = async (): Promise<LineUpNamesDto[]> => (await server.get<LineUpNamesDto[]>('line-ups/names')).body;
const standing = async (id: string): Promise<string[]> => (await lineUp(id)).figures.map((figure) => figure.id);
const bin = async (): Promise<BinnedDto[]> => (await server.get<BinnedDto[]>('bin')).body;
const begin = async (name: string, copyOf?: string): Promise<LineUpDto> =>
  (await server.post<LineUpDto>('line-ups', { name, ...(copyOf === undefined ? {} : { copyOf }) })).body;
const undo = (subject: string, item: string) => server.post<SteppedDto>(`history/${subject}/${item}/undo`);

describe('line-ups', () => {
  test('are begun, renamed, ordered, and each deed is taken back from its own page', async () => {
    const { id } = await begin('Harbour fair');
    expect((await names()).at(-1)).toMatchObject({ id, name: 'Harbour fair', figures: [] });

    expect((await server.put<LineUpDto>(`line-ups/${id}/name`, { name: 'Harbour day' })).body.undo).toBe('Renamed “Harbour fair”');
    expect((await undo('line-up', id)).body.done).toBe('Renamed “Harbour fair”');
    expect((await lineUp(id)).name).toBe('Harbour fair');

    await server.put(`line-ups/${id}/name`, { name: 'Fair', on: 'workroom' });
    const order = (await names()).map((row) => row.id);
    await server.put('line-ups/order', { lineUps: [...order].reverse() });
    expect((await names()).map((row) => row.id)).toEqual([...order].reverse());
    await undo('workroom', 'all');
    await undo('workroom', 'all');
    expect((await names()).map((row) => row.id)).toEqual(order);
    expect((await lineUp(id)).name).toBe('Harbour fair');
    // What began it is taken back last: it lies in the bin then, and is brought back from there.
    expect((await undo('workroom', 'all')).body.done).toBe('Began “Harbour fair”');
    expect((await server.get(`line-ups/${id}`)).status).toBe(404);
    expect(await bin()).toContainEqual(expect.objectContaining({ kind: 'line-up', id, name: 'Harbour fair' }));
    await server.post(`bin/line-up/${id}/back`);
    expect((await lineUp(id)).name).toBe('Harbour fair');
  });

  test('are copied with briefs and looks, and the copy stands by itself', async () => {
    const copy = await begin('Heron crew, second try', 'heron-crew');
    const model = await lineUp('heron-crew');
    expect(copy.figures.map((figure) => figure.brief.name)).toEqual(model.figures.map((figure) => figure.brief.name));
    for (const [i, figure] of copy.figures.entries()) {
      const of = model.figures[i] as FigureDto;
      expect(figure.id).not.toBe(of.id);
      expect(figure.looks.map((look) => look.parts)).toEqual(of.looks.map((look) => look.parts));
      expect(figure.looks.findIndex((look) => look.id === figure.chosenLook)).toBe(of.looks.findIndex((look) => look.id === of.chosenLook));
    }
    const [first] = copy.figures;
    await server.put(`figures/${first?.id ?? ''}/role`, { role: 'Cook' });
    expect((await lineUp('heron-crew')).figures[0]?.role).toBe(model.figures[0]?.role);
  });

  test('in the bin hide their figures from everywhere, and bring them back whole', async () => {
    const { id, figures } = await begin('Heron crew, third try', 'heron-crew');
    const [first, second] = figures.map((figure) => figure.id) as [string, string];
    await server.put('figures/bin', { figures: [second], isAway: true });
    await server.put(`line-ups/${id}/bin`, { isAway: true });
    expect((await names()).some((row) => row.id === id)).toBe(false);
    const gone = await server.get<{ message: string }>(`figures/${first}`);
    expect(gone).toMatchObject({ status: 404, body: { message: expect.stringMatching(/lies in the bin/) } });
    const variant = figures[0]?.looks[0]?.parts[0]?.variant ?? '';
    const wearing = await server.get<{ id: string }[]>(`figures/wearing/${encodeURIComponent(variant)}`);
    expect(wearing.body.map((row) => row.id)).not.toContain(first);
    // The figure that was put away before stays away when the line-up comes back.
    expect((await bin()).filter((row) => row.kind === 'figure')).toEqual([]);
    await server.post(`bin/line-up/${id}/back`);
    expect(await standing(id)).toEqual(figures.map((figure) => figure.id).filter((figure) => figure !== second));
    expect(await bin()).toContainEqual(expect.objectContaining({ kind: 'figure', id: second, stoodIn: 'Heron crew, third try' }));
  });

  test('that are named wrongly, or are not there, are refused with a sentence', async () => {
    expect((await server.post('line-ups', { name: '' })).body.message).toMatch(/Name/);
    expect((await server.post('line-ups', { name: 'x', copyOf: 'nowhere' })).status).toBe(404);
    expect((await server.put('line-ups/order', { lineUps: ['heron-crew'] })).body.message).toMatch(/Nothing was moved/);
  });
});

describe('figures', () => {
  test('move to another line-up, several at once, and Undo brings them back to where they stood', async () => {
    const { id: to } = await begin('Away team');
    const before = await standing('winter-post');
    const moving = [before[3], before[1]] as string[];
    await server.put('figures/line-up', { figures: moving, lineUp: to });
    // They keep the order they stood in.
    expect(await standing(to)).toEqual([before[1], before[3]]);
    expect(await standing('winter-post')).toEqual(before.filter((figure) => !moving.includes(figure)));
    expect((await undo('line-up', 'winter-post')).body.done).toMatch(/^Moved .* and 1 more to “Away team”$/);
    expect(await standing('winter-post')).toEqual(before);
    expect(await standing(to)).toEqual([]);
  });

  test('are not brought back into a line-up that lies in the bin', async () => {
    const [{ id: from }, { id: to }] = [await begin('From', 'heron-crew'), await begin('To')];
    const [figure] = await standing(from);
    await server.put('figures/line-up', { figures: [figure], lineUp: to });
    await server.put(`line-ups/${from}/bin`, { isAway: true });
    const refused = await undo('line-up', from);
    expect(refused).toMatchObject({ status: 409, body: { message: expect.stringMatching(/lies in the bin/) } });
    expect(await standing(to)).toEqual([figure]);
  });

  test('are copied beside themselves under a name of their own, and binned copies are thrown away for good', async () => {
    const [figure] = await standing('heron-crew');
    const { body } = await server.post<LineUpDto>('figures/copies', { figures: [figure], lineUp: 'heron-crew' });
    const copy = body.figures.at(-1) as FigureDto;
    expect(copy.brief.name).toMatch(/^Copy of /);
    await server.put('figures/bin', { figures: [copy.id], isAway: true });
    const left = await server.request<BinnedDto[]>('DELETE', `bin/figure/${copy.id}`);
    expect(left.status).toBe(200);
    expect(left.body.some((row) => row.id === copy.id)).toBe(false);
    expect((await server.post(`bin/figure/${copy.id}/back`)).status).toBe(404);
  });

  test('that were added are taken back, and of several line-ups none is moved', async () => {
    const { body } = await server.post<FigureDto>('figures', { name: 'Nell Arkwright', lineUp: 'heron-crew' });
    expect((await undo('line-up', 'heron-crew')).body.done).toBe('Added Nell Arkwright');
    expect(await standing('heron-crew')).not.toContain(body.id);
    const [one] = await standing('heron-crew');
    const [other] = await standing('winter-post');
    const refused = await server.put('figures/line-up', { figures: [one, other], lineUp: 'tin-drawer' });
    expect([404, 422]).toContain(refused.status);
    expect(await standing('heron-crew')).toContain(one);
  });
});

describe('the bin', () => {
  test('holds catalogue entries of one’s own; one that is used stays, and what uses it is said', async () => {
    const used = await server.put<{ message: string }>('catalogue/entries/colours/lagoon/bin');
    expect(used).toMatchObject({
      status: 409,
      body: { message: expect.stringMatching(/^lagoon cannot go: \d+ prints use and \d+ parts use it/) },
    });
    await server.post('catalogue/entries', {
      kind: 'colours',
      row: { id: 'dusk', name: 'dusk', hex: '#554466', finish: 'solid', kind: 'cloth' },
    });
    expect((await server.put('catalogue/entries/colours/dusk/bin')).status).toBe(200);
    const lying = (await bin()).find((row) => row.kind === 'entry');
    expect(lying).toMatchObject({ id: 'colours dusk', name: 'dusk' });
    await server.post(`bin/entry/${encodeURIComponent('colours dusk')}/back`);
    expect((await bin()).some((row) => row.kind === 'entry')).toBe(false);
    const { body } = await server.get<{ colours: { id: string }[] }>('catalogue');
    expect(body.colours.some((row) => row.id === 'dusk')).toBe(true);
  });

  test('is emptied by hand, and what stands is untouched', async () => {
    const before = (await names()).map((row) => [row.id, row.figures.length]);
    await begin('To throw away', 'heron-crew').then(({ id }) => server.put(`line-ups/${id}/bin`, { isAway: true }));
    expect((await bin()).length).toBeGreaterThan(0);
    const { body } = await server.request<BinnedDto[]>('DELETE', 'bin');
    expect(body.filter((row) => row.throwable)).toEqual([]);
    expect((await names()).map((row) => [row.id, row.figures.length])).toEqual(before);
  });
});
