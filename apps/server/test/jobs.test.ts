import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Worker } from 'node:worker_threads';
import { EXAMPLE, EXAMPLE_PLAN } from '../../../packages/core/test/basket/example.js';
import { JobEntity } from '../src/platform/jobs/job.entity.js';
import { JobsService } from '../src/platform/jobs/jobs.service.js';
import { type ErrandJobDto } from '../src/errands/solving/plan.dto.js';
import { Database } from '../src/platform/db/index.js';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

describe('jobs', () => {
  /** Many needs with interlocking postage: long enough to be stopped on the way. */
  const long = () => {
    const count = 60;
    const sellers = Array.from({ length: 50 }, (_, s) => ({
      ...EXAMPLE.sellers[0],
      id: `s${s}`,
      postage: [{ upToG: 500, costMinor: 150 + ((s * 37) % 90) }],
    }));
    return {
      ...EXAMPLE,
      needs: Array.from({ length: count }, (_, n) => ({
        id: `n${n}`,
        quantity: 2,
        options: [{ variant: `v${n}`, penaltyMinor: 0 }],
        shortCostMinor: null,
        sameSeller: false,
      })),
      owned: [],
      items: Array.from({ length: count }, (_, n) => ({ id: `i${n}`, weightG: 1, yields: [{ variant: `v${n}`, quantity: 1 }] })),
      sellers,
      offers: Array.from({ length: count * 14 }, (_, o) => ({
        id: `o${o}`,
        seller: `s${(o * 31 + Math.floor(o / count) * 7) % 50}`,
        item: `i${o % count}`,
        priceMinor: 20 + ((o * 7919) % 113),
        stock: 1 + (o % 3),
        multiple: 1,
        condition: 'used',
      })),
      effort: { gap: 0, seconds: 60 },
    };
  };

  test('can be stopped and keep the best plan so far', async () => {
    const { body } = await server.post<ErrandJobDto>('errands/solve', long());
    for (let tries = 0; tries < 100; tries += 1) {
      if ((await server.get<ErrandJobDto>(`jobs/${body.id}`)).body.result) break;
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    await server.post(`jobs/${body.id}/stop`);
    const job = await server.ended<ErrandJobDto>(body.id);
    expect(job.state).toBe('stopped');
    expect(job.result?.status).toBe('stopped');
    expect(job.result?.short).toEqual([]);
    expect(job.result?.boundMinor).toBeLessThan(job.result?.costMinor ?? 0);
  }, 30_000);

  test('whose thread dies are marked failed, their best plan kept, and the server goes on', async () => {
    const { body } = await server.post<ErrandJobDto>('errands/solve', long());
    for (let tries = 0; tries < 200; tries += 1) {
      if ((await server.get<ErrandJobDto>(`jobs/${body.id}`)).body.result) break;
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
    const { pool } = server.app.get(JobsService) as unknown as { pool: { threads: Worker[] } };
    await Promise.all(pool.threads.map((thread) => thread.terminate()));
    const job = await server.ended<ErrandJobDto>(body.id);
    expect(job.state).toBe('failed');
    expect(job.error).toContain('The solver broke off.');
    expect(job.result?.short).toEqual([]);
    expect(job.result?.paidMinor).toBeGreaterThan(0);
    const next = await server.post<ErrandJobDto>('errands/solve', EXAMPLE);
    expect((await server.ended<ErrandJobDto>(next.body.id)).state).toBe('done');
  }, 30_000);

  test('that ran while Outfit was closed are marked interrupted, their best plan kept', async () => {
    const database = server.app.get(Database);
    await database.write(() => {
      database.table(JobEntity).insert({
        id: 'left-behind',
        kind: 'errand',
        state: 'running',
        startedAt: '2026-01-01T00:00:00.000Z',
        endedAt: null,
        result: EXAMPLE_PLAN,
        error: null,
      });
    });
    server = await server.restart();
    const { body } = await server.get<ErrandJobDto>('jobs/left-behind');
    expect(body).toMatchObject({ state: 'interrupted', result: EXAMPLE_PLAN });
    expect(body.endedAt).not.toBeNull();
    expect(await server.ended<ErrandJobDto>('left-behind')).toEqual(body);
  });

  test('that are not there answer 404, also as events', async () => {
    expect((await server.get('jobs/nothing')).status).toBe(404);
    expect((await server.get('jobs/nothing/events')).status).toBe(404);
  });
});
