import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { type CatalogueData, P40 } from '@outfit/core';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

const catalogue = async (): Promise<CatalogueData> => (await server.get<CatalogueData>('catalogue')).body;
const save = (kind: string, row: object) =>
  server.post<{ key: string; notices: number; message: string }>('catalogue/entries', { kind, row });

describe('moulds and toy lines of one’s own', () => {
  const MOULD = {
    number: 'HA-900',
    name: 'Weather vane',
    nicknames: ['spinner'],
    family: 'hair',
    revision: 1,
    material: 'rigid',
    silhouette: 'hair-crest',
    fills: [['headgear']],
    geometry: { massG: 0.5, riseMm: 6 },
    shape: { words: ['crest'], length: 1 },
    motifs: [],
    thirdParty: false,
    hairColour: 0,
  };

  test('an outline of one’s own is read from a drawing, kept with its mould, and refused where it is none', async () => {
    const drawing = (inner: string): Uint8Array => Buffer.from(`<svg xmlns="http://www.w3.org/2000/svg">${inner}</svg>`);
    const read = (body: Uint8Array, heightMm = 6) =>
      server.request<{ d: string; colour: number }[]>('POST', `catalogue/outlines?heightMm=${heightMm}`, body, {
        'content-type': 'image/svg+xml',
      });
    const good = await read(drawing('<path d="M0 10h30v-4l-15-6l-15 6z"/>'));
    expect([good.status, good.body]).toEqual([200, [{ d: 'M-90,0 L90,0 L90,-24 L0,-60 L-90,-24 Z', colour: 0 }]]);
    const hostile = await read(drawing('<script>1</script>'));
    expect([hostile.status, (hostile.body as unknown as { message: string }).message]).toEqual([
      422,
      expect.stringMatching(/holds a script/),
    ]);
    expect((await read(Buffer.alloc(1_200_000, 'h'))).status).toBe(413);
    expect((await read(drawing('<path d="M0 0h9v9z"/>'), 0)).status).toBe(400);
    const row = { ...MOULD, number: 'HA-901', outline: { liftMm: 6.6, front: good.body } };
    expect((await save('moulds', row)).status).toBe(201);
    expect((await catalogue()).moulds.find((mould) => mould.number === 'HA-901')).toEqual(row);
    expect((await save('moulds', { ...row, outline: { liftMm: 0, front: [{ d: 'M0,0<script>', colour: 0 }] } })).status).toBe(422);
    await server.put('catalogue/entries/moulds/HA-901/bin');
  });

  test('a toy line of one’s own is kept, named by a brief, and stays as long as one names it', async () => {
    const { body } = await server.get<CatalogueData>('catalogue');
    expect(body.systems).toEqual([P40]);
    const peg = { ...P40, id: 'peg', name: 'Peg folk', positions: ['head', 'torso', 'lower'], needs: ['head', 'torso', 'hips'] };
    expect((await save('systems', { ...peg, torsoMm: 0 })).status).toBe(422);
    expect((await save('systems', { ...peg, needs: ['waist'] })).body.message).toBe(
      'A figure cannot need waist, which this system does not have.',
    );
    expect((await save('systems', peg)).status).toBe(201);
    const { brief } = await server.figure('sleet');
    const saving = await server.put('figures/sleet/brief', { ...brief, system: 'peg' });
    expect(saving.status).toBe(200);
    expect((await server.figure('sleet')).brief.system).toBe('peg');
    const refused = await server.put('catalogue/entries/systems/peg/bin');
    expect(refused.status).toBe(409);
    expect(JSON.stringify(refused.body)).toMatch(/names this entry by now/);
    expect((await server.put('figures/sleet/brief', brief)).status).toBe(200);
    expect((await server.put('catalogue/entries/systems/peg/bin')).status).toBe(200);
    expect((await server.put('figures/sleet/brief', { ...brief, system: 'peg' })).body).toMatchObject({ faults: [{ path: '/system' }] });
  });
});
