import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { existsSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { LineUpDto, LineUpNamesDto } from '../src/figures/record/figures.dto.js';
import type { WorkspaceDto } from '../src/workspaces/workspaces.dto.js';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start(mkdtempSync(join(tmpdir(), 'outfit-test-')), false);
});
afterAll(() => server.stop());

/** Asks a workspace beside the first. */
const beside = async <T>(path: string, method: string, what: string, body?: unknown): Promise<{ status: number; body: T }> => {
  const answer = await fetch(`${server.base}${path}/api/${what}`, {
    method,
    ...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  });
  return { status: answer.status, body: (await answer.json()) as T };
};
const list = async (): Promise<WorkspaceDto[]> => (await server.get<WorkspaceDto[]>('workspaces')).body;

describe('an empty workspace', () => {
  test('begins with the basics once, and never writes over what is there', async () => {
    const { status, body } = await server.post<{ moulds: number; colours: number }>('beginning', { with: 'basics' });
    expect(status).toBe(201);
    expect(body).toMatchObject({ colours: 48 });
    expect(body.moulds).toBeGreaterThanOrEqual(60);
    expect(await server.post('beginning', { with: 'basics' })).toMatchObject({
      status: 409,
      body: { message: expect.stringMatching(/has a catalogue already/) },
    });
    expect((await server.get<LineUpNamesDto[]>('line-ups/names')).body).toEqual([]);
  });
});

describe('workspaces beside each other', () => {
  test('never see each other’s figures; each has a folder of its own', async () => {
    const { body: made } = await server.post<WorkspaceDto>('workspaces', { name: 'Swap table', begin: 'empty' });
    expect(made).toMatchObject({ id: 'swap-table', path: '/w/swap-table' });
    await beside(made.path, 'POST', 'line-ups', { name: 'For the table' });
    await server.post('line-ups', { name: 'At home' });
    const away = await beside<LineUpNamesDto[]>(made.path, 'GET', 'line-ups/names');
    expect(away.body.map((row) => row.name)).toEqual(['For the table']);
    expect((await server.get<LineUpNamesDto[]>('line-ups/names')).body.map((row) => row.name)).toEqual(['At home']);
    expect(existsSync(join(server.folder, 'workspaces', 'swap-table', 'outfit.sqlite'))).toBe(true);
    expect((await beside<WorkspaceDto[]>(made.path, 'GET', 'workspaces')).body.filter((row) => row.isOpen).map((row) => row.id)).toEqual([
      'swap-table',
    ]);
  });

  test('are renamed, never doubled, and the demo opens beside one’s own', async () => {
    expect((await server.post('workspaces', { name: 'swap TABLE', begin: 'empty' })).status).toBe(409);
    await beside('/w/swap-table', 'PUT', 'workspaces/name', { name: 'Swap night' });
    expect((await list()).map((row) => row.name)).toContain('Swap night');
    const { body: demo } = await server.post<WorkspaceDto>('workspaces', { name: 'The demo', begin: 'demo' });
    const { body: names } = await beside<LineUpNamesDto[]>(demo.path, 'GET', 'line-ups/names');
    expect(names.length).toBeGreaterThan(3);
    expect((await server.get<LineUpNamesDto[]>('line-ups/names')).body).toHaveLength(1);
  });

  test('are there again after a restart; an address of none is told so', async () => {
    server = await server.restart();
    expect((await list()).map((row) => row.id)).toEqual(['', 'swap-table', 'the-demo']);
    const away = await beside<LineUpNamesDto[]>('/w/swap-table', 'GET', 'line-ups/names');
    expect(away.body.map((row) => row.name)).toEqual(['For the table']);
    expect((await beside('/w/nowhere', 'GET', 'line-ups/names')).status).toBe(404);
  });

  test('are carried away as one file and brought back whole, under a name of their own', async () => {
    const archive = await (await fetch(`${server.base}/w/the-demo/api/workspaces/archive`)).arrayBuffer();
    expect(archive.byteLength).toBeGreaterThan(100_000);
    const send = async (bytes: ArrayBuffer, name: string) =>
      fetch(`${server.base}/api/workspaces/archive?name=${encodeURIComponent(name)}`, {
        method: 'POST',
        headers: { 'content-type': 'application/octet-stream' },
        body: bytes,
      });
    const brought = await send(archive, 'The demo');
    expect(brought.status).toBe(201);
    const { path, name } = (await brought.json()) as WorkspaceDto;
    expect(name).toBe('The demo 2');
    const [before, after] = await Promise.all(
      ['/w/the-demo', path].map((at) => beside<LineUpDto[]>(at, 'GET', 'line-ups').then((answer) => answer.body)),
    );
    expect(after).toEqual(before);
    const refused = await send(new TextEncoder().encode('no archive at all').buffer as ArrayBuffer, 'Broken');
    expect(refused.status).toBe(422);
    expect(((await refused.json()) as { message: string }).message).toMatch(/no archive of a workspace/);
    expect((await list()).map((row) => row.name)).not.toContain('Broken');
  });
});
