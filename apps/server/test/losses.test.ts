import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { LossDto, PromisesDto } from '../src/wardrobe/promises/promises.dto.js';
import { Harness, suiteDay } from './harness.js';

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

describe('before pieces are dealt anew', () => {
  const losses = async (change: object): Promise<readonly LossDto[]> => {
    const { status, body } = await server.post<LossDto[]>('wardrobe/promises/losses', change);
    expect(status).toBe(200);
    return body;
  };
  const gets = async (): Promise<ReadonlyMap<string, number>> => {
    const { figures, of, by, gets: got, variants, shared } = (await server.get<PromisesDto>('wardrobe/promises')).body;
    const groups = new Map(shared.map((row) => [row.row, row.figures]));
    const all = new Map<string, number>();
    of.forEach((part, row) => {
      for (const figure of groups.get(row) ?? [by[row] ?? -1]) {
        const key = `${figures[figure] ?? ''} ${variants[part] ?? ''}`;
        all.set(key, (all.get(key) ?? 0) + (got[row] ?? 0));
      }
    });
    return all;
  };
  const order = async (): Promise<readonly string[]> =>
    (await server.get<{ figures: { id: string }[] }>('line-ups/winter-post')).body.figures.map(({ id }) => id);

  test('it is said who would lose what by another order, and just that comes of it', async () => {
    const figures = [...(await order())].reverse();
    const told = await losses({ lineUp: 'winter-post', figures });
    expect(told.length).toBeGreaterThan(0);
    const before = await gets();
    expect((await server.put('line-ups/winter-post/order', { figures })).status).toBe(200);
    const after = await gets();
    const lost = [...before].flatMap(([key, had]) => (had > (after.get(key) ?? 0) ? [`${key} ${had - (after.get(key) ?? 0)}`] : []));
    expect(told.map(({ figure, variant, quantity }) => `${figure} ${variant} ${quantity}`).sort()).toEqual(lost.sort());
    expect(told.flatMap(({ to }) => to).length).toBeGreaterThan(0);
    await server.post('history/line-up/winter-post/undo');
  });

  test('so it is by another day of the line-up; nothing is said of what changes nothing, and nothing is changed by asking', async () => {
    expect(await losses({ lineUp: 'winter-post', figures: await order() })).toEqual([]);
    const before = await gets();
    const told = await losses({ lineUp: 'lamplighters', dueOn: suiteDay(1) });
    expect(told.length).toBeGreaterThan(0);
    for (const { quantity, figure } of told) expect([quantity > 0, figure !== '']).toEqual([true, true]);
    expect(await gets()).toEqual(before);
    expect((await server.post('wardrobe/promises/losses', { lineUp: 'no-such' })).status).toBe(404);
  });
});
