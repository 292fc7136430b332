import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Problem } from '../src/platform/http/index.js';
import { WorkerPool } from '../src/platform/jobs/index.js';

const folder = mkdtempSync(join(tmpdir(), 'outfit-pool-'));
const worker = join(folder, 'double.mjs');
beforeAll(() =>
  writeFileSync(
    worker,
    `export default async ({ n, ms = 0 }) => {
       await new Promise((done) => setTimeout(done, ms));
       if (n < 0) throw new RangeError('too small');
       return n * 2;
     };`,
  ),
);
afterAll(() => rmSync(folder, { recursive: true }));

type Task = { readonly n: number; readonly ms?: number };

test('a pool gives what the worker gives, and throws what it throws', async () => {
  const pool = new WorkerPool<Task, number>({ idleMs: 1000 });
  expect(await pool.run(worker, { n: 4 })).toBe(8);
  await expect(pool.run(worker, { n: -1 })).rejects.toThrow('too small');
  await pool.close();
});

test('what is under way when it closes, and what comes after, ends in a sentence', async () => {
  const pool = new WorkerPool<Task, number>({ idleMs: 1000 });
  const [running, waiting] = [pool.run(worker, { n: 1, ms: 30_000 }), pool.run(worker, { n: 2 })].map((task) =>
    task.catch((error: unknown) => error),
  );
  await new Promise((done) => setTimeout(done, 300));
  await pool.close();
  for (const outcome of [await running, await waiting, await pool.run(worker, { n: 3 }).catch((error: unknown) => error)]) {
    expect(outcome).toBeInstanceOf(Problem);
    expect([(outcome as Problem).getStatus(), (outcome as Problem).message]).toEqual([
      409,
      'Outfit is closing. What was under way is not done; do it again once it is open.',
    ]);
  }
});

test('what comes when as many wait as may is refused with a sentence, and the others are done', async () => {
  const pool = new WorkerPool<Task, number>({ idleMs: 1000, mostWaiting: 1 });
  const outcomes = await Promise.all([1, 2, 3, 4].map((n) => pool.run(worker, { n, ms: 200 }).catch((error: unknown) => error)));
  const refused = outcomes.filter((outcome) => outcome instanceof Problem);
  expect(refused.length).toBeGreaterThan(0);
  for (const outcome of refused) expect([outcome.getStatus(), outcome.message]).toEqual([429, expect.stringContaining('try again')]);
  expect(outcomes.filter((outcome) => typeof outcome === 'number')).toHaveLength(4 - refused.length);
  await pool.close();
});
