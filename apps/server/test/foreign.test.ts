import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { ForeignLookDto } from '../src/catalogue/files/files.dto.js';
import type { ImportJobDto } from '../src/catalogue/files/importReport.js';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => {
  server = await Harness.start();
});
afterAll(() => server.stop());

const FILE = [
  'Item;Title;Group;Colour;Shade;First;Last',
  '1;Windy ponytail;Hair;Blue;#3F628F;2014;2020',
  '2;Windy ponytail;Hair;Sunset;#EE00AA;2015;',
  '3;Doodad;Odds;Blue;#3F628F;;',
  '4;;Odds;Blue;#3F628F;;',
].join('\n');
const MAPPING = { name: 'Title', category: 'Group', colourName: 'Colour', colourHex: 'Shade', from: 'First', until: 'Last' };
const send = async (columns: unknown, agree?: 'all' | 'sound') => {
  const query = new URLSearchParams({ what: 'foreign', foreign: JSON.stringify(columns), ...(agree ? { agree } : {}) });
  return server.post<ImportJobDto>(`catalogue/import?${query.toString()}`, FILE);
};
const done = async (begun: ImportJobDto): Promise<ImportJobDto> => {
  for (;;) {
    const { body } = await server.get<ImportJobDto>(`jobs/${begun.id}`);
    if (body.state !== 'running') return body;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
};

describe('a catalogue in somebody else’s columns', () => {
  test('is looked at: its columns, some rows, and what each column seems to tell', async () => {
    const { status, body } = await server.post<ForeignLookDto>('catalogue/import/look', FILE);
    expect(status).toBe(200);
    expect(body.headers).toEqual(['Item', 'Title', 'Group', 'Colour', 'Shade', 'First', 'Last']);
    expect(body.mapping).toMatchObject({ name: 'Title', category: 'Group', colourHex: 'Shade', from: 'First', until: 'Last' });
    expect(body.samples[0]?.[1]).toBe('Windy ponytail');
  });

  test('is read only when it is agreed to; what could not be placed is told by its kind, and a second time nothing is new', async () => {
    const looked = await done((await send({ mapping: MAPPING, kinds: {} })).body);
    expect(looked.result).toMatchObject({
      importedCount: 0,
      problemCount: 1,
      unplaced: [{ category: 'Odds', moulds: 1, names: ['Doodad'] }],
    });
    expect(looked.result?.problems[0]).toMatchObject({ line: 5, path: 'Title' });
    const taken = await done((await send({ mapping: MAPPING, kinds: { Odds: 'hat' } }, 'sound')).body);
    expect(taken.result).toMatchObject({ unplaced: [] });
    expect(taken.result?.importedCount).toBeGreaterThan(4);
    const { body } = await server.get<{
      moulds: { number: string; family: string; geometry: { covers?: Record<string, number> } }[];
      variants: { id: string }[];
    }>('catalogue');
    expect(body.moulds).toContainEqual(expect.objectContaining({ number: 'doodad', family: 'hat' }));
    expect(body.variants.map((variant) => variant.id)).toContain('windy-ponytail·woad');
    // What it hides is measured on its drawing, so that checks on it are as sharp as on any other.
    const ponytail = body.moulds.find((mould) => mould.number === 'windy-ponytail');
    expect(ponytail?.geometry.covers?.['head.back']).toBeGreaterThan(0.7);
    const again = await done((await send({ mapping: MAPPING, kinds: { Odds: 'beard' } }, 'sound')).body);
    expect(again.result).toMatchObject({ addedCount: 0, changedCount: 0 });
  });

  test('is refused where columns are not told, or are not there', async () => {
    expect((await send({ mapping: { name: 'Title' }, kinds: {} })).status).toBe(422);
    expect((await send({ mapping: { ...MAPPING, size: 'Item' }, kinds: {} })).status).toBe(422);
    expect((await send({ mapping: MAPPING, kinds: { Odds: 'teapot' } })).status).toBe(422);
    const missing = await done((await send({ mapping: { ...MAPPING, name: 'Nowhere' }, kinds: {} })).body);
    expect(missing).toMatchObject({ state: 'failed', error: expect.stringMatching(/no column “Nowhere”/) });
  });
});
