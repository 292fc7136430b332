import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import sharp from 'sharp';
import { type FigureDto, type LineUpDto } from '../src/figures/record/figures.dto.js';
import { type LookDto } from '../src/figures/record/looks.dto.js';
import { type ReferencePictureDto } from '../src/figures/references/references.dto.js';
import { depthOf } from '../src/platform/http/index.js';
import { isRaster } from '../src/platform/files/index.js';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

interface Stepped {
  readonly done: string;
  readonly undo: string | null;
  readonly redo: string | null;
}
const step = (subject: string, item: string, kind: 'undo' | 'redo') => server.post<Stepped>(`history/${subject}/${item}/${kind}`);

describe('two tabs', () => {
  test('that save one brief: the second is refused and shown both, and nothing is wiped', async () => {
    const seen = await server.figure('ibbe-lantry');
    const first = await server.put<FigureDto>(`figures/ibbe-lantry/brief?version=${seen.version}`, { ...seen.brief, story: 'First.' });
    expect(first.body).toMatchObject({ version: seen.version + 1, brief: { story: 'First.' } });
    const second = await server.put<{ message: string; current: FigureDto }>(`figures/ibbe-lantry/brief?version=${seen.version}`, {
      ...seen.brief,
      story: 'Second.',
    });
    expect(second.status).toBe(409);
    expect(second.body.message).toMatch(/has been changed elsewhere meanwhile/);
    expect(second.body.current).toMatchObject({ version: seen.version + 1, brief: { story: 'First.' } });
    expect((await server.figure('ibbe-lantry')).brief.story).toBe('First.');
  });

  test('that edit one look, order one line-up or save one entry: so too', async () => {
    const look = await server.look('ibbe-lantry-1');
    const edit = { label: 'Four stars', edits: [{ action: 'judge', stars: 4, words: '' }] };
    expect((await server.post<LookDto>(`looks/${look.id}/edits?version=${look.version}`, edit)).body.version).toBe(look.version + 1);
    const stale = await server.post<{ current: LookDto }>(`looks/${look.id}/edits?version=${look.version}`, edit);
    expect([stale.status, stale.body.current.version]).toEqual([409, look.version + 1]);
    const crew = (await server.get<LineUpDto[]>('line-ups')).body[0];
    const figures = crew?.figures.map((figure) => figure.id).reverse() ?? [];
    expect((await server.put(`line-ups/${crew?.id ?? ''}/order?version=${crew?.version ?? 0}`, { figures })).status).toBe(200);
    expect(
      (await server.put(`line-ups/${crew?.id ?? ''}/order?version=${crew?.version ?? 0}`, { figures: figures.reverse() })).status,
    ).toBe(409);
    const { body: catalogue } = await server.get<{ colours: { id: string; name: string }[] }>('catalogue');
    const colour = catalogue.colours[0];
    const rename = (name: string) =>
      server.post<{ current?: unknown }>('catalogue/entries', { kind: 'colours', row: { ...colour, name }, seen: colour });
    expect((await rename('Once')).status).toBe(201);
    expect(await rename('Twice')).toMatchObject({ status: 409, body: { current: { ...colour, name: 'Once' } } });
  });

  test('hear of each other: one figure was changed, by whom, once it is on the disk', async () => {
    const live = await fetch(`${server.base}/api/live`);
    const reader = live.body?.getReader();
    let heard = '';
    const until = async (what: RegExp): Promise<void> => {
      while (!what.test(heard)) heard += new TextDecoder().decode((await reader?.read())?.value);
    };
    await until(/event: hello/);
    const { brief } = await server.figure('corvin-pell');
    await server.request('PUT', 'figures/corvin-pell/brief', { ...brief, credit: 'Somebody' }, { 'x-outfit-tab': 'tab-one' });
    await until(/"area":"figures","item":"corvin-pell","by":"tab-one"/);
    await reader?.cancel();
  });
});

describe('undo', () => {
  test('takes back and brings back a brief, a choice of looks and pictures, in their order, also after a restart', async () => {
    const before = await server.figure('marta-quill');
    await server.put('figures/marta-quill/brief', { ...before.brief, story: 'Another story.' });
    const other = before.looks.find((look) => look.id !== before.chosenLook);
    await server.put('figures/marta-quill/chosen-look', { look: other?.id });
    server = await server.restart();
    expect(await server.figure('marta-quill')).toMatchObject({ undo: `Chose “${other?.name ?? ''}”`, chosenLook: other?.id });
    expect((await step('figure', 'marta-quill', 'undo')).body).toMatchObject({
      done: `Chose “${other?.name ?? ''}”`,
      undo: 'Changed the story',
    });
    expect((await step('figure', 'marta-quill', 'undo')).body).toMatchObject({ done: 'Changed the story', undo: null });
    expect(await server.figure('marta-quill')).toMatchObject({ chosenLook: before.chosenLook, brief: { story: before.brief.story } });
    expect((await step('figure', 'marta-quill', 'undo')).status).toBe(409);
    await step('figure', 'marta-quill', 'redo');
    expect(await server.figure('marta-quill')).toMatchObject({ brief: { story: 'Another story.' }, redo: `Chose “${other?.name ?? ''}”` });
  });

  test('takes a line-up back into its order, and the catalogue to before an entry', async () => {
    const [, crew] = (await server.get<LineUpDto[]>('line-ups')).body;
    const order = async () => (await server.get<LineUpDto[]>('line-ups')).body[1]?.figures.map((figure) => figure.id);
    const before = await order();
    await server.put(`line-ups/${crew?.id ?? ''}/order`, { figures: [...(before ?? [])].reverse() });
    expect((await step('line-up', crew?.id ?? '', 'undo')).body.done).toBe('Changed the order');
    expect(await order()).toEqual(before);
    await server.post('catalogue/entries', {
      kind: 'colours',
      row: { id: 'dawn', name: 'Dawn', hex: '#FFCC99', finish: 'solid', kind: 'cloth' },
    });
    const has = async () => (await server.get<{ colours: { id: string }[] }>('catalogue')).body.colours.some((row) => row.id === 'dawn');
    expect(await has()).toBe(true);
    expect((await step('catalogue', 'all', 'undo')).body.done).toBe('Added Dawn');
    expect(await has()).toBe(false);
    await step('catalogue', 'all', 'redo');
    expect(await has()).toBe(true);
  });
});

describe('what comes in', () => {
  test.each<[string, unknown]>([
    ['edits in a list of lists', { edits: [[]], label: 'x' }],
    ['an edit that is a number', { edits: [7], label: 'x' }],
    ['no edits', { edits: [], label: 'x' }],
    ['a label of spaces', { edits: [{ action: 'turn', position: 'torso' }], label: '  ' }],
    ['a label with a NUL', { edits: [{ action: 'turn', position: 'torso' }], label: 'a\u0000b' }],
    ['a mark nobody makes', { edits: [{ action: 'overrule', key: 'nothing', reason: 'x' }], label: 'x' }],
    ['an alteration that is not there', { edits: [{ action: 'drop alteration', position: 'torso', index: 9 }], label: 'x' }],
    ['a key nobody knows', { edits: [{ action: 'turn', position: 'torso' }], label: 'x', colour: 'red' }],
  ])('as %s is refused with a sentence of ours', async (_, body) => {
    const answer = await server.post('looks/ibbe-lantry-1/edits', body);
    expect([400, 422]).toContain(answer.status);
    expect(answer.body.message).toMatch(/^[A-Z“][^\n]*[.]$/);
    expect(answer.body.message).not.toMatch(/must be|should not|property|undefined/);
  });

  test('nested a thousand deep, or setting the inner workings of an object, is refused before anything walks it', async () => {
    for (const text of ['['.repeat(5000) + ']'.repeat(5000), '{"name":"x","__proto__":{"a":1}}', '{"name":{"constructor":1}}']) {
      const answer = await fetch(`${server.base}/api/figures`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: text,
      });
      expect(answer.status).toBe(400);
      expect(((await answer.json()) as { message: string }).message).toMatch(/nested over 40 deep|names “(__proto__|constructor)”/);
    }
    expect(depthOf(new TextEncoder().encode('{"a":["]]]\\"}}}",[1]]}'))).toBe(3);
  });

  test('as a picture is looked at by what it is, not by what it says', async () => {
    const send = (body: Uint8Array | string, type: string) =>
      fetch(`${server.base}/api/figures/ibbe-lantry/references?name=x`, {
        method: 'POST',
        headers: { 'content-type': type },
        body: body as string,
      });
    const svg = '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><rect width="9" height="9"/></svg>';
    expect((await send(svg, 'image/png')).status).toBe(422);
    const { data: gif } = await sharp({ create: { width: 4, height: 4, channels: 3, background: '#112233' } })
      .gif()
      .toBuffer({ resolveWithObject: true });
    expect((await send(gif, 'image/jpeg')).status).toBe(422);
    const png = await sharp({ create: { width: 4, height: 4, channels: 3, background: '#112233' } })
      .png()
      .toBuffer();
    expect(isRaster(png) && !isRaster(gif)).toBe(true);
    const both = await Promise.all([send(png, 'image/png'), send(png, 'image/png')]);
    expect(both.map((answer) => answer.status)).toEqual([201, 201]);
  });

  test('and lies in the data folder is looked at again: missing and altered files are told as such', async () => {
    const [picture] = (await server.get<ReferencePictureDto[]>('figures/ibbe-lantry/references')).body;
    const path = join(server.folder, 'files', picture?.file ?? '');
    const bytes = readFileSync(path);
    expect((await server.get(`photographs/${picture?.file ?? ''}`)).status).toBe(200);
    writeFileSync(path, Buffer.concat([bytes, Buffer.from('x')]));
    expect(await server.get(`photographs/${picture?.file ?? ''}`)).toMatchObject({
      status: 404,
      body: { message: expect.stringMatching(/was changed in the data folder/) },
    });
    writeFileSync(path, bytes);
    expect((await server.get(`photographs/${'0'.repeat(64)}`)).body).toMatchObject({
      message: expect.stringMatching(/is not in the data folder/),
    });
    expect(readdirSync(join(server.folder, 'files')).filter((name) => name.endsWith('.draft'))).toEqual([]);
  });

  test('from another site is not answered', async () => {
    const ask = (site: string) => fetch(`${server.base}/api/line-ups`, { headers: { 'sec-fetch-site': site } });
    expect((await ask('cross-site')).status).toBe(403);
    expect((await ask('same-origin')).status).toBe(200);
  });
});
