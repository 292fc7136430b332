import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { Catalogue, type CatalogueData, type Variant } from '@outfit/core';
import sharp from 'sharp';
import { CatalogueService } from '../src/catalogue/catalogue.service.js';
import { type SearchAnswerDto } from '../src/catalogue/search/search.dto.js';
import { Harness } from './harness.js';

let server: Harness;
beforeAll(async () => (server = await Harness.start()), 60_000);
afterAll(() => server.stop());

const search = async (query: string): Promise<SearchAnswerDto> => (await server.get<SearchAnswerDto>(`catalogue/search?${query}`)).body;
const find = (words: string): Promise<SearchAnswerDto> => search(`q=${encodeURIComponent(words)}`);
const catalogue = async (): Promise<CatalogueData> => (await server.get<CatalogueData>('catalogue')).body;
const variant = async (id: string): Promise<Variant | undefined> => (await catalogue()).variants.find((row) => row.id === id);
const save = (kind: string, row: object) =>
  server.post<{ key: string; notices: number; message: string }>('catalogue/entries', { kind, row });
const notices = async () => (await server.get<{ id: number; figure: string; variant: string; text: string }[]>('notices')).body;

describe('searching the catalogue', () => {
  test.each([
    ['a nickname', 'librarian', 'HA-118'],
    ['a number', 'HA-118', 'HA-118'],
    ['a number without its dash', 'ha118', 'HA-118'],
    ['an official name', 'low knot', 'HA-118'],
    ['a plural', 'oars', 'HE-904'],
    ['colour and shape', 'brown ponytail', 'HA-131'],
    ['motifs', 'jacket badge', 'TO-401'],
    ['shape words', 'tied braided', 'HA-140'],
    ['the figure it came on', 'lantern keeper cape', 'CP-801'],
  ])('by %s', async (_, words, mould) => {
    const { variants } = await find(words);
    expect(variants.slice(0, 25).map((id) => id.split('·')[0])).toContain(mould);
  });

  test('finds only what is brown when brown is asked for', async () => {
    const known = new Catalogue(await catalogue());
    const { variants, total } = await find('brown ponytail');
    expect(total).toBeGreaterThan(3);
    const browns = ['walnut', 'chestnut', 'bark', 'teak', 'rust'];
    for (const id of variants) expect(browns).toContain(known.variant(id).colours[0]);
  });

  test('everyday words find something, and a word nothing is called is told', async () => {
    for (const word of ['wig', 'sword', 'wigs', 'cloak']) {
      const { corrected, variants } = await find(word);
      expect([word, corrected.length, variants.length > 0]).toEqual([word, 1, true]);
    }
    const { unknown, corrected } = await find('pirate leg');
    expect([unknown, corrected]).toEqual([['pirate'], []]);
  });

  test('forgives slips, and says what it took the word for', async () => {
    const { corrected, variants } = await find('low knto');
    expect(corrected).toEqual([{ typed: 'knto', meant: 'knot' }]);
    expect(variants[0]).toMatch(/^HA-118/);
  });

  test('offers what has some of the words when nothing has all', async () => {
    const { any, total } = await find('oar freckles');
    expect(any).toBe(true);
    expect(total).toBeGreaterThan(5);
  });

  test('answers nothing with nothing', async () => {
    expect(await find('zzqxw')).toMatchObject({ total: 0, variants: [], any: false });
    expect(await find('" OR 1=1 --')).toMatchObject({ any: false });
  });

  test('counts each facet over what the others leave', async () => {
    const all = await search('q=knot');
    const hair = all.facets.find((facet) => facet.name === 'family')?.values.find((row) => row.value === 'hair');
    const narrowed = await search('q=knot&family=hair');
    expect(narrowed.total).toBe(hair?.count);
    const families = narrowed.facets.find((facet) => facet.name === 'family')?.values;
    expect(families).toEqual(all.facets.find((facet) => facet.name === 'family')?.values);
    const two = await search('q=knot&family=hair&family=scarf');
    expect(two.total).toBeGreaterThan(narrowed.total);
    expect(await search('family=hair&exists=imagined')).toMatchObject({ total: 3 });
  });

  test('orders and pages the whole list', async () => {
    const first = await search('family=hair&sort=newest&limit=50');
    const second = await search('family=hair&sort=newest&limit=50&offset=50');
    expect(new Set([...first.variants, ...second.variants]).size).toBe(100);
    const known = new Catalogue(await catalogue());
    const years = [...first.variants, ...second.variants].map((id) => known.variant(id).made?.from ?? 0);
    expect(years).toEqual([...years].sort((a, b) => b - a));
  });

  test('refuses what is no query with a sentence', async () => {
    expect((await server.get<{ message: string }>('catalogue/search?limit=0')).status).toBe(400);
    expect((await server.get<{ message: string }>(`catalogue/search?q=${'a'.repeat(300)}`)).status).toBe(400);
    expect((await server.get<{ message: string }>('catalogue/search?sort=price')).status).toBe(400);
  });
});

describe('own entries', () => {
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

  test('a mould and a part of it can be added, found at once, and taken back', async () => {
    expect((await save('moulds', MOULD)).status).toBe(201);
    const row = { id: 'HA-900·raven', mould: 'HA-900', colours: ['raven'], made: { from: 2026, until: 2026 } };
    expect((await save('variants', row)).status).toBe(201);
    expect((await find('spinner')).variants).toEqual(['HA-900·raven']);
    expect((await save('moulds', { ...MOULD, nicknames: ['whirligig'] })).status).toBe(201);
    expect((await find('whirligig raven')).variants).toEqual(['HA-900·raven']);
    expect((await find('spinner')).total).toBe(0);
    const { body: changes } = await server.get<{ id: number; label: string; undoable: boolean }[]>('catalogue/changes');
    expect(changes.map((change) => change.label).slice(0, 3)).toEqual([
      'Changed Weather vane',
      'Added Weather vane in raven',
      'Added Weather vane',
    ]);
    expect((await server.post(`catalogue/changes/${changes[2]?.id}/undo`)).status).toBe(409);
    expect((await server.post(`catalogue/changes/${changes[0]?.id}/undo`)).status).toBe(201);
    expect((await find('spinner')).total).toBe(1);
    expect((await server.post(`catalogue/changes/${changes[1]?.id}/undo`)).status).toBe(201);
    expect(await variant('HA-900·raven')).toBeUndefined();
    expect((await find('spinner')).total).toBe(0);
  });

  test('a part that a look names, or named once, is not taken back', async () => {
    const undoLast = async (): Promise<number> => {
      const { body } = await server.get<{ id: number }[]>('catalogue/changes');
      return (await server.post(`catalogue/changes/${body[0]?.id}/undo`)).status;
    };
    await save('variants', { id: 'HA-118·mallow', mould: 'HA-118', colours: ['mallow'] });
    await server.post('looks/marta-quill-1/edits', {
      label: 'Try mallow',
      edits: [{ action: 'put on', position: 'headgear', variant: 'HA-118·mallow' }],
    });
    expect(await undoLast()).toBe(409);
    await server.post('looks/marta-quill-1/undo');
    expect(await undoLast()).toBe(409);
    await server.post('looks/marta-quill-1/redo');
    expect((await server.get('looks/marta-quill-1/picture.svg')).status).toBe(200);
    await server.post('looks/marta-quill-1/undo');
  });

  test('a colour that a part is made in is not taken back', async () => {
    await save('colours', { id: 'gooseberry', name: 'gooseberry', hex: '#9DAF4A', finish: 'solid', kind: 'cloth' });
    const { body } = await server.get<{ id: number }[]>('catalogue/changes');
    await save('variants', { id: 'AR-501·gooseberry', mould: 'AR-501', colours: ['gooseberry'] });
    expect((await server.post(`catalogue/changes/${body[0]?.id}/undo`)).status).toBe(409);
    expect((await catalogue()).colours.some((colour) => colour.id === 'gooseberry')).toBe(true);
  });

  test.each([
    [
      'a number with separators in it',
      'colours',
      { id: 'a+b ·c', name: 'odd', hex: '#123456', finish: 'solid', kind: 'cloth' },
      /cannot be a number/,
    ],
    ['an unknown colour', 'variants', { id: 'HA-118·puce', mould: 'HA-118', colours: ['puce'] }, /no colour “puce”/],
    ['an unknown mould', 'variants', { id: 'HA-999·raven', mould: 'HA-999', colours: ['raven'] }, /no mould “HA-999”/],
    [
      'years the wrong way round',
      'variants',
      { id: 'HA-118·ink', mould: 'HA-118', colours: ['ink'], made: { from: 2020, until: 2010 } },
      /before the first/,
    ],
    ['a number that is not its own', 'variants', { id: 'x', mould: 'HA-118', colours: ['ink'] }, /mould, its colours and its print/],
    ['a missing field', 'colours', { id: 'puce', name: 'puce' }, /Hex is missing/],
    ['an unknown field', 'motifs', { id: 'm', name: 'm', size: 3 }, /“size” is not known/],
    [
      'a source inside itself',
      'sources',
      {
        id: 'Z-1',
        name: 'Z',
        kind: 'boxed set',
        range: '',
        year: 2020,
        yields: [{ kind: 'source', item: 'Z-1', quantity: 1, certainty: 'sure' }],
      },
      /circle/,
    ],
    [
      'a figure with two heads',
      'officialFigures',
      { id: 'Z-a', name: 'Z', parts: [1, 2].map(() => ({ position: 'head', variant: 'HD-101·umber·reader', turned: false })) },
      /Two parts stand at head/,
    ],
  ])('refuse %s with a sentence, and nothing is saved', async (_, kind, row, sentence) => {
    const before = await catalogue();
    const { status, body } = await save(kind, row);
    expect(status).toBe(422);
    expect(body.message).toMatch(sentence);
    expect(await catalogue()).toEqual(before);
  });

  test('whoever planned an imagined part is told when it turns out to be made, once, until they put it away', async () => {
    const row = { id: 'HA-140·frost', mould: 'HA-140', colours: ['frost'], made: { from: 2026, until: 2026 } };
    expect((await save('variants', row)).body.notices).toBe(1);
    expect((await save('variants', { ...row, made: { from: 2025, until: 2026 } })).body.notices).toBe(0);
    const told = (await notices()).filter((notice) => notice.variant === 'HA-140·frost');
    expect(told).toMatchObject([{ figure: 'vesper-arl', text: 'Crown braid in frost exists: made 2026. You planned it as imagined.' }]);
    await server.post(`notices/${told[0]?.id}/put-away`);
    expect((await notices()).some((notice) => notice.id === told[0]?.id)).toBe(false);
    expect((await server.post('notices/99999/put-away')).status).toBe(404);
  });
});

describe('merging doubles', () => {
  test('moves looks, pieces and offers over without rewriting any, and can be taken back', async () => {
    const pieces = async (id: string): Promise<number> =>
      (await server.get<{ variant: string; quantity: number }[]>('wardrobe/pieces')).body
        .filter((piece) => piece.variant === id)
        .reduce((all, piece) => all + piece.quantity, 0);
    const [walnut, chestnut] = [await pieces('HA-124·walnut'), await pieces('HA-124·chestnut')];
    expect(walnut).toBeGreaterThan(0);
    const merged = await server.post<{ message: string }>('catalogue/merge', {
      kind: 'variant',
      double: 'HA-124·walnut',
      kept: 'HA-124·chestnut',
    });
    expect(merged.status).toBe(201);
    expect(await pieces('HA-124·chestnut')).toBe(chestnut + walnut);
    const look = await server.look('toss-hallam-2');
    expect(look.parts.find((part) => part.position === 'headgear')?.variant).toBe('HA-124·chestnut');
    expect((await find('side parting walnut')).variants).not.toContain('HA-124·walnut');
    const figure = (await catalogue()).officialFigures.find((row) => row.id === 'LR-01-b');
    expect(figure?.parts[0]?.variant).toBe('HA-124·chestnut');
    const { body: changes } = await server.get<{ id: number }[]>('catalogue/changes');
    expect((await server.post(`catalogue/changes/${changes[0]?.id}/undo`)).status).toBe(201);
    expect(await pieces('HA-124·walnut')).toBe(walnut);
    expect((await find('side parting walnut')).variants).toContain('HA-124·walnut');
  });

  test('of two colours makes the parts of one the parts of the other', async () => {
    await save('colours', { id: 'coal', name: 'coal', hex: '#2B2D30', finish: 'solid', kind: 'cloth' });
    await save('variants', { id: 'AR-501·coal', mould: 'AR-501', colours: ['coal'], made: { from: 2001, until: 2002 } });
    expect((await server.post('catalogue/merge', { kind: 'colour', double: 'coal', kept: 'soot' })).status).toBe(201);
    expect((await variant('AR-501·coal'))?.mergedInto).toBe('AR-501·soot');
    expect((await variant('AR-501·soot'))?.made?.from).toBe(2001);
  });

  test.each([
    ['itself', { kind: 'variant', double: 'HA-118·raven', kept: 'HA-118·raven' }, 422],
    ['another kind of part', { kind: 'variant', double: 'HA-118·raven', kept: 'TO-401·woad' }, 422],
    ['nothing', { kind: 'mould', double: 'HA-118', kept: 'HA-000' }, 404],
  ])('into %s is refused', async (_, body, status) => {
    expect((await server.post('catalogue/merge', body)).status).toBe(status);
  });
});

describe('what is kept in memory', () => {
  const isOnDisk = (): void => {
    const service = server.app.get(CatalogueService);
    expect(service.now().data).toEqual(new Catalogue(service.store.read()).data);
  };

  test('is what stands in the tables, after everything above', isOnDisk);

  test('and after entries are added, changed, merged, and taken back again', async () => {
    const colour = { id: 'aaa-first', name: 'First', hex: '#010203', finish: 'solid', kind: 'cloth' };
    await save('colours', colour);
    isOnDisk();
    await save('colours', { ...colour, name: 'Still first' });
    isOnDisk();
    await save('variants', { id: 'HA-118·aaa-first', mould: 'HA-118', colours: ['aaa-first'], made: { from: 2001, until: 2002 } });
    isOnDisk();
    await server.post('catalogue/merge', { kind: 'variant', double: 'HA-118·aaa-first', kept: 'HA-118·raven' });
    isOnDisk();
    const undo = async (): Promise<void> => {
      const { body } = await server.get<{ id: number; undoable: boolean }[]>('catalogue/changes');
      const newest = body.find((change) => change.undoable);
      expect((await server.post(`catalogue/changes/${newest?.id ?? 0}/undo`)).status).toBe(201);
    };
    await undo();
    isOnDisk();
  });
});

describe('photographs', () => {
  const add = (body: Uint8Array, query = 'kind=print&item=carrier-coat&face=back', type = 'image/jpeg') =>
    server.request<{ id: string; width: number; height: number; face: string }[]>('POST', `catalogue/photographs?${query}`, body, {
      'content-type': type,
    });

  test('are drawn anew: upright, at most 1200 pixels, without the camera’s notes', async () => {
    const jpeg = await sharp({ create: { width: 3000, height: 1500, channels: 3, background: '#808080' } })
      .jpeg()
      .withExif({ IFD0: { Copyright: 'secret place' } })
      .toBuffer();
    const { status, body } = await add(jpeg);
    expect(status).toBe(201);
    expect(body).toMatchObject([{ face: 'back', width: 1200, height: 600 }]);
    const file = await fetch(`${server.base}/api/photographs/${body[0]?.id ?? ''}`);
    expect(file.headers.get('content-type')).toBe('image/webp');
    const kept = Buffer.from(await file.arrayBuffer());
    expect((await sharp(kept).metadata()).exif).toBeUndefined();
    expect(kept.includes('secret place')).toBe(false);
  });

  test('of another format, of nothing, or broken are refused with a sentence', async () => {
    expect((await add(new Uint8Array([1, 2, 3]))).status).toBe(422);
    expect((await add(new Uint8Array(), undefined)).status).toBe(400);
    expect((await add(new Uint8Array([1]), 'kind=print&item=nothing')).status).toBe(404);
    expect((await server.get('photographs/../../outfit.sqlite')).status).toBe(404);
    expect((await server.get(`photographs/${'0'.repeat(64)}`)).status).toBe(404);
  });
});
