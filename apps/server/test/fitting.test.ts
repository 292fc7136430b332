import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import sharp from 'sharp';
import { type FigureDto } from '../src/figures/record/figures.dto.js';
import { type LookDto } from '../src/figures/record/looks.dto.js';
import { type ChangeDto } from '../src/platform/history/index.js';
import { type ReferencePictureDto } from '../src/figures/references/references.dto.js';
import { type DonorDto } from '../src/wardrobe/donors/donors.dto.js';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

const create = (name: string, from?: object) =>
  server.post<FigureDto>('figures', { name, lineUp: 'winter-post', ...(from ? { from } : {}) });
const edit = (look: string, ...edits: object[]) => server.post<LookDto>(`looks/${look}/edits`, { edits, label: 'A change' });

describe('what a figure begins with', () => {
  test('an official figure brings its own features and its look as made', async () => {
    const { status, body } = await create('Better toll keeper', { kind: 'official', id: 'LR-21-a' });
    expect(status).toBe(201);
    expect(body.looks.map((look) => look.name)).toEqual(['As made']);
    expect(body.looks[0]?.parts.map((part) => part.position)).toContain('waist');
    expect(body.brief.name).toBe('Better toll keeper');
    expect(body.brief.features.map((feature) => feature.target)).toEqual(expect.arrayContaining(['straw', 'belt', 'calm', 'as its age']));
  });

  test('a copy brings brief and chosen look, and lives its own life', async () => {
    const model = await server.figure('sleet');
    const { body } = await create('Another Sleet', { kind: 'figure', id: 'sleet' });
    expect(body.brief).toEqual({ ...model.brief, name: 'Another Sleet' });
    expect(body.looks[0]?.parts).toEqual(model.looks[0]?.parts);
    await edit(body.chosenLook, { action: 'take off', position: 'headgear' });
    expect((await server.figure('sleet')).looks[0]?.parts).toEqual(model.looks[0]?.parts);
  });

  test('a part left over is put where it goes', async () => {
    const { body } = await create('Somebody with an oar', { kind: 'part', id: 'HE-904·teak+chalk' });
    expect(body.looks[0]?.parts).toEqual([{ position: 'held.L', variant: 'HE-904·teak+chalk', turned: false }]);
  });

  test.each([
    ['figure', 'nobody'],
    ['official', 'XX-99'],
    ['part', 'HA-999·raven'],
  ])('a %s that is not there is refused, and no figure is made', async (kind, id) => {
    const before = (await server.get<{ figures: unknown[] }[]>('line-ups')).body.map((lineUp) => lineUp.figures.length);
    expect((await create('Nobody', { kind, id })).status).toBe(404);
    expect((await server.get<{ figures: unknown[] }[]>('line-ups')).body.map((lineUp) => lineUp.figures.length)).toEqual(before);
  });
});

describe('everything of a look is an edit', () => {
  const LOOK = 'perrin-oake-1';

  test('verdict, substitutes, alterations and the year are kept, told in the history, and undone', async () => {
    const before = await server.look(LOOK);
    await edit(LOOK, { action: 'judge', stars: 4, words: 'Nearly' }, { action: 'leave as it is', leave: true });
    await edit(LOOK, { action: 'note substitute', position: 'headgear', variant: 'HA-118·raven', reason: 'Tied too' });
    await edit(LOOK, { action: 'alter', position: 'torso', alteration: 'remove print', what: 'stamp-badge', note: 'With care' });
    await edit(LOOK, { action: 'vary', year: 1890, skinSchool: null });
    server = await server.restart();
    const look = await server.look(LOOK);
    expect(look).toMatchObject({
      verdict: { stars: 4, words: 'Nearly', leave: true },
      substitutes: [{ position: 'headgear', variant: 'HA-118·raven', reason: 'Tied too' }],
      variation: { year: 1890 },
    });
    expect(look.parts.find((part) => part.position === 'torso')?.alterations).toEqual([
      { kind: 'remove print', what: 'stamp-badge', note: 'With care' },
    ]);
    for (let step = 0; step < 4; step += 1) await server.post(`looks/${LOOK}/undo`);
    const after = await server.look(LOOK);
    expect(after.parts).toEqual(before.parts);
    expect(after.substitutes).toEqual([]);
    expect(after.verdict).toBeUndefined();
  });

  test('a snapshot has a name, changes nothing, and can be gone back to; that can be undone', async () => {
    const look = 'hob-linnet-1';
    const { parts } = await server.look(look);
    const { body: named } = await server.post<ChangeDto[]>(`looks/${look}/snapshots`, { name: 'Before the hat' });
    expect(named[0]).toMatchObject({ kind: 'snapshot', label: 'Before the hat' });
    expect(named[0]?.at).toMatch(/^\d{4}-\d\d-\d\dT/);
    await edit(look, { action: 'take off', position: 'headgear' });
    await edit(look, { action: 'take off', position: 'held.R' });
    const { body: returned } = await server.post<LookDto>(`looks/${look}/return`, { change: named[0]?.id });
    expect(returned.parts).toEqual(parts);
    expect(returned.undo).toBe('Back to “Before the hat”');
    expect((await server.post<LookDto>(`looks/${look}/undo`)).body.parts).toHaveLength(parts.length - 2);
    expect((await server.post(`looks/${look}/return`, { change: 999_999 })).status).toBe(404);
  });

  test.each<[string, object, number, RegExp]>([
    ['an edit without what it needs', { action: 'note substitute', position: 'headgear' }, 400, /variant is missing: say it/],
    ['six stars', { action: 'judge', stars: 6, words: '' }, 400, /stars/],
    ['paint in no known colour', { action: 'alter', position: 'torso', alteration: 'paint', what: 'puce' }, 422, /no colour “puce”/],
    ['a part where it does not go', { action: 'note substitute', position: 'torso', variant: 'HA-118·raven' }, 422, /does not go at torso/],
  ])('%s is refused with a sentence', async (_, wrong, status, sentence) => {
    const answer = await server.post<{ message: string }>(`looks/${LOOK}/edits`, { edits: [wrong], label: 'Wrong' });
    expect(answer.status).toBe(status);
    expect(JSON.stringify(answer.body)).toMatch(sentence);
  });
});

describe('alternatives', () => {
  test('an edition in another skin is a look of its own; what was never made in it is imagined and said so', async () => {
    const { status, body } = await server.post<FigureDto>('looks/corvin-pell-1/editions', { name: 'House edition', skin: 'biscuit' });
    expect(status).toBe(201);
    const edition = body.looks.find((look) => look.name === 'House edition');
    expect(edition?.variation).toEqual({ skinSchool: 'house' });
    expect(edition?.parts.find((part) => part.position === 'head')?.variant).toMatch(/^HD-101·biscuit·/);
    const { body: changes } = await server.get<{ label: string }[]>('catalogue/changes');
    expect(changes.some((change) => change.label.includes('for “House edition”'))).toBe(true);
    expect((await server.post('looks/corvin-pell-1/editions', { name: 'Green', skin: 'moss' })).status).toBe(404);
  });

  test('a look is renamed, put in the bin and taken out again; the chosen one stays', async () => {
    expect((await server.put<FigureDto>('looks/corvin-pell-2/name', { name: 'Copper' })).body.looks[1]?.name).toBe('Copper');
    const binned = await server.request<FigureDto>('DELETE', 'looks/corvin-pell-2');
    expect(binned.body.looks.map((look) => look.id)).not.toContain('corvin-pell-2');
    expect((await server.post<FigureDto>('looks/corvin-pell-2/restore')).body.looks.map((look) => look.id)).toContain('corvin-pell-2');
    const { chosenLook } = await server.figure('corvin-pell');
    const refused = await server.request<{ message: string }>('DELETE', `looks/${chosenLook}`);
    expect([refused.status, refused.body.message]).toEqual([409, expect.stringMatching(/chosen look. Choose another first/)]);
  });
});

describe('reference pictures', () => {
  const send = (figure: string, body: Uint8Array | string, name = 'harbour.jpg', type = 'image/jpeg') =>
    server.request<ReferencePictureDto[]>('POST', `figures/${figure}/references?name=${encodeURIComponent(name)}`, body, {
      'content-type': type,
    });
  const photograph = () =>
    sharp({ create: { width: 60, height: 40, channels: 3, background: '#A8323A' } })
      .withExif({ IFD0: { Copyright: 'Somebody', Make: 'A camera' } })
      .jpeg()
      .toBuffer();

  test('are drawn anew without what the camera noted, pinned, binned and restored', async () => {
    const bytes = await photograph();
    expect((await sharp(bytes).metadata()).exif).toBeDefined();
    const { status, body } = await send('odile-marsh', bytes);
    expect(status).toBe(201);
    expect(body).toMatchObject([{ name: 'harbour.jpg', width: 60, height: 40, pins: [] }]);
    const file = await fetch(`${server.base}/api/photographs/${body[0]?.file ?? ''}`);
    expect(file.headers.get('content-type')).toBe('image/webp');
    expect((await sharp(Buffer.from(await file.arrayBuffer())).metadata()).exif).toBeUndefined();

    const id = body[0]?.id ?? '';
    const pinned = await server.put<ReferencePictureDto[]>(`references/${id}/pins`, { pins: [{ x: 0.5, y: 0.25, note: 'This red' }] });
    expect(pinned.body[0]?.pins).toEqual([{ x: 0.5, y: 0.25, note: 'This red' }]);
    expect((await server.put(`references/${id}/pins`, { pins: [{ x: 1.5, y: 0, note: 'Outside' }] })).status).toBe(400);
    // Somebody who saw it before that does not write over it.
    const stale = await server.put(`references/${id}/pins?version=${body[0]?.version ?? 0}`, {
      pins: [{ x: 0.1, y: 0.1, note: 'Another' }],
    });
    expect([stale.status, (await server.get<ReferencePictureDto[]>('figures/odile-marsh/references')).body[0]?.pins]).toEqual([
      409,
      [{ x: 0.5, y: 0.25, note: 'This red' }],
    ]);
    expect((await server.request<ReferencePictureDto[]>('DELETE', `references/${id}`)).body).toEqual([]);
    const restored = await server.post<ReferencePictureDto[]>(`references/${id}/restore`);
    expect(restored.body[0]?.pins).toHaveLength(1);
  });

  test.each<[string, Uint8Array | string, string, number, RegExp]>([
    ['what is no picture', 'not a picture', 'image/png', 422, /no picture that can be read/],
    ['nothing at all', '', 'image/png', 400, /Send the picture as the body/],
    ['over 20 MB', new Uint8Array(20_000_001), 'image/png', 413, /too large|20 MB/i],
  ])('%s is refused with a sentence', async (_, body, type, status, sentence) => {
    const answer = await send('odile-marsh', body, 'x.png', type);
    expect(answer.status).toBe(status);
    expect(JSON.stringify(answer.body)).toMatch(sentence);
  });

  test('a figure nobody knows has no pictures', async () => {
    expect((await send('nobody', await photograph())).status).toBe(404);
  });
});

test('donors are owned whole figures, some kept whole', async () => {
  const { body } = await server.get<DonorDto[]>('wardrobe/donors');
  expect(body).toHaveLength(26);
  expect(body.filter((donor) => donor.keepWhole).map((donor) => donor.officialFigure)).toContain('LR-07-a');
});
