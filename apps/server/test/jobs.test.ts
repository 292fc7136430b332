import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import SQLite from 'better-sqlite3';
import { fileURLToPath } from 'node:url';
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

  describe('the end of a job', () => {
    const words = { closed: 'closed', broken: 'Nothing was done.' };
    const worker = (name: string): string => fileURLToPath(new URL(`./workers/${name}.mjs`, import.meta.url));
    const begin = async (kind: string, task: (job: string) => object): Promise<string> => {
      const [jobs, database] = [server.app.get(JobsService), server.app.get(Database)];
      jobs.register({ kind, worker: worker(kind), words });
      const job = await database.write(() => jobs.create(kind, null));
      jobs.run<object, string, string>(job, { task: task(job.id), news: (result) => ({ result }), ended: (result) => ({ result }) });
      return job.id;
    };
    const rowOf = (id: string) => server.app.get(Database).table(JobEntity).first({ id });

    test('stays, whatever is heard of it later', async () => {
      const id = await begin('late', () => ({}));
      // Whoever holds the database keeps the end from being written until the late message has come.
      const other = new SQLite(server.app.get(Database).file);
      other.exec('BEGIN IMMEDIATE');
      await new Promise((resolve) => setTimeout(resolve, 400));
      other.exec('COMMIT');
      other.close();
      await server.ended(id);
      await new Promise((resolve) => setTimeout(resolve, 100));
      expect(rowOf(id)).toMatchObject({ state: 'done', result: 'the end' });
    });

    test('is what was written down with the work, where its thread dies right after', async () => {
      const id = await begin('doneThenBroken', (job) => ({ databaseFile: server.app.get(Database).file, job }));
      expect(await server.ended(id)).toMatchObject({ state: 'done', result: 'all of it', error: null });
      expect(rowOf(id)).toMatchObject({ state: 'done', error: null });
    });

    test('of an import stands in the import’s own transaction: both are kept, or neither', async () => {
      const database = server.app.get(Database);
      const file = 'colour,name,hex,finish,kind\nlate-plum,Late plum,#553355,solid,cloth';
      const importing = async () => {
        const headers = { 'content-type': 'text/csv' };
        const { body } = await server.request<{ id: string }>('POST', 'catalogue/import?what=colours&agree=all', file, headers);
        return server.ended<{ state: string }>(body.id);
      };
      const isThere = () => database.prepare(`SELECT 1 FROM colour WHERE id = 'late-plum'`).get() !== undefined;
      await database.write(() =>
        database.prepare(`CREATE TRIGGER no_end BEFORE UPDATE ON job WHEN NEW.state = 'done' BEGIN SELECT RAISE(ABORT, 'no'); END`).run(),
      );
      expect((await importing()).state).toBe('failed');
      expect(isThere()).toBe(false);
      await database.write(() => database.prepare('DROP TRIGGER no_end').run());
      expect((await importing()).state).toBe('done');
      expect(isThere()).toBe(true);
    });
  });

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
