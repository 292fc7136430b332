import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { spawn, spawnSync } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { request } from 'node:http';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Database } from '../src/platform/db/index.js';
import { Harness, MAIN, SOURCES } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

/** fetch() sets Host itself, so a forged one goes by a plain request. */
const withHost = (host: string): Promise<number> =>
  new Promise((resolve, reject) => {
    const { port } = new URL(server.base);
    request({ host: '127.0.0.1', port, path: '/api/line-ups', headers: { host } }, (response) => resolve(response.statusCode ?? 0))
      .on('error', reject)
      .end();
  });

describe('who is answered', () => {
  test('requests to this machine by name or number', async () => {
    const { port } = new URL(server.base);
    expect(await withHost(`localhost:${port}`)).toBe(200);
    expect(await withHost(`127.0.0.1:${port}`)).toBe(200);
  });

  test('not a name that was rebound to it', async () => expect(await withHost('parts.example')).toBe(403));

  test('not another site’s page', async () => {
    const answer = await server.request('POST', 'figures', { name: 'x', lineUp: 'heron-crew' }, { origin: 'http://parts.example' });
    expect(answer.status).toBe(403);
    const own = await server.request('POST', 'figures', { name: 'x', lineUp: 'heron-crew' }, { origin: server.base });
    expect(own.status).toBe(201);
  });

  test('every answer forbids foreign scripts, frames and connections', async () => {
    const policy = (await server.get('line-ups')).headers.get('content-security-policy') ?? '';
    for (const rule of ["default-src 'none'", "script-src 'self'", "connect-src 'self'", "frame-ancestors 'none'"])
      expect(policy).toContain(rule);
    expect(policy).not.toMatch(/https?:/);
  });

  test('an unknown address is a sentence, not a stack', async () => {
    expect(await server.get('nowhere')).toMatchObject({
      status: 404,
      body: { message: 'There is nothing at this address. Go back and choose again.' },
    });
  });
});

describe('the database', () => {
  test('writes ahead, keeps foreign keys, and is on the disk when it says so', async () => {
    const database = server.app.get(Database);
    const pragma = (name: string): unknown => Object.values(database.prepare(`PRAGMA ${name}`).get() as object)[0];
    expect([pragma('journal_mode'), pragma('synchronous'), pragma('foreign_keys')]).toEqual(['wal', 2, 1]);
    const insert =
      "INSERT INTO lot (variant, condition, defects, certainty, owner, note, addedAt) VALUES ('nothing', 'new', '[]', 'sure', '', '', '')";
    await expect(database.write(() => database.prepare(insert).run().changes)).rejects.toMatchObject({
      message: expect.stringContaining('FOREIGN KEY'),
    });
  });
});

describe('starting', () => {
  const start = (args: string[]) =>
    spawnSync(process.execPath, [...SOURCES, MAIN, ...args], { encoding: 'utf8', timeout: 20_000, env: { PATH: process.env['PATH'] } });

  test('on a taken port ends with a sentence', async () => {
    const blocker = createServer().listen(0, '127.0.0.1');
    await new Promise((resolve) => blocker.once('listening', resolve));
    const { port } = blocker.address() as { port: number };
    const folder = mkdtempSync(join(tmpdir(), 'outfit-port-'));
    const { status, stderr } = await new Promise<{ status: number | null; stderr: string }>((resolve) => {
      const child = spawn(process.execPath, [...SOURCES, MAIN, '--data', folder, '--port', String(port)]);
      let stderr = '';
      child.stderr.on('data', (chunk: Buffer) => (stderr += chunk.toString()));
      child.on('exit', (code) => resolve({ status: code, stderr }));
    });
    blocker.close();
    rmSync(folder, { recursive: true });
    expect(status).toBe(1);
    expect(stderr).toContain(`port ${port} is taken`);
    expect(stderr).not.toContain('    at ');
  }, 30_000);

  test('on a folder that cannot be written ends with a sentence', () => {
    const folder = mkdtempSync(join(tmpdir(), 'outfit-data-'));
    const file = join(folder, 'a file, not a folder');
    writeFileSync(file, '');
    chmodSync(file, 0o400);
    const { status, stderr } = start(['--data', join(file, 'data')]);
    rmSync(folder, { recursive: true });
    expect(status).toBe(1);
    expect(stderr).toContain('cannot be written');
  });

  test('on a port that is none ends with a sentence', () => {
    expect(start(['--port', 'harbour']).stderr).toContain('“harbour” is not a port');
  });
});
