import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { Catalogue, type CatalogueData, type Variant } from '@outfit/core';
import sharp from 'sharp';
import type { SearchAnswerDto } from '../src/catalogue/search.dto.js';
import type { JobDto } from '../src/jobs/index.js';
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
    ['a plural', 'boaters oars', 'HE-904'],
    ['colour and shape', 'brown ponytail', 'HA-131'],
    ['motifs', 'jacket badge', 'TO-401'],
    ['shape words', 'tied braided', 'HA-176'],
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
    expect(changes.map((change) => change.label).slice(0, 3)).toEqual(['Changed HA-900', 'Added HA-900·raven', 'Added HA-900']);
    expect((await server.post(`catalogue/changes/${changes[2]?.id}/undo`)).status).toBe(409);
    expect((await server.post(`catalogue/changes/${changes[0]?.id}/undo`)).status).toBe(201);
    expect((await find('spinner')).total).toBe(1);
    expect((await server.post(`catalogue/changes/${changes[1]?.id}/undo`)).status).toBe(201);
    expect(await variant('HA-900·raven')).toBeUndefined();
    expect((await find('spinner')).total).toBe(0);
  });

  test.each([
    ['an unknown colour', 'variants', { id: 'HA-118·puce', mould: 'HA-118', colours: ['puce'] }, /no colour “puce”/],
    ['an unknown mould', 'variants', { id: 'HA-999·raven', mould: 'HA-999', colours: ['raven'] }, /no mould “HA-999”/],
    [
      'years the wrong way round',
      'variants',
      { id: 'HA-118·ink', mould: 'HA-118', colours: ['ink'], made: { from: 2020, until: 2010 } },
      /before the first/,
    ],
    ['a number that is not its own', 'variants', { id: 'x', mould: 'HA-118', colours: ['ink'] }, /mould, its colours and its print/],
    ['a missing field', 'colours', { id: 'puce', name: 'puce' }, /hex.*missing/],
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
    expect(told).toMatchObject([
      { figure: 'vesper-arl', text: 'Crown braid in frost exists: made 2026–2026. You planned it as imagined.' },
    ]);
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

describe('carrying the catalogue in and out', () => {
  const text = async (what: string): Promise<string> =>
    (await server.request<string>('GET', `catalogue/export?what=${what}`)).body as unknown as string;
  const send = async (what: string, body: string | Uint8Array, agree = ''): Promise<JobDto> => {
    const { body: job, status } = await server.request<JobDto>('POST', `catalogue/import?what=${what}${agree && `&agree=${agree}`}`, body, {
      'content-type': 'application/octet-stream',
    });
    expect(status).toBe(202);
    return server.ended(job.id);
  };

  test('a file that was exported changes nothing', async () => {
    for (const what of ['colours', 'motifs', 'moulds', 'prints', 'variants', 'bundles', 'officialFigures', 'sources']) {
      const { importReport } = await send(what, await text(what));
      expect(importReport).toMatchObject({ problemCount: 0, addedCount: 0, changedCount: 0, importedCount: 0 });
      expect(importReport?.sameCount).toBe(importReport?.rowCount);
    }
    const { importReport } = await send(
      'archive',
      JSON.stringify(await server.get('catalogue/export?what=archive').then(({ body }) => body)),
    );
    expect(importReport).toMatchObject({ problemCount: 0, addedCount: 0, changedCount: 0 });
  });

  test('an archive read into an empty workspace gives the same catalogue, and the same archive again', async () => {
    const archive = JSON.stringify(await server.get('catalogue/export?what=archive').then(({ body }) => body));
    const other = await Harness.start(undefined, false);
    const { body: job } = await other.request<JobDto>('POST', 'catalogue/import?what=archive&agree=all', archive, {
      'content-type': 'application/json',
    });
    expect((await other.ended(job.id)).importReport).toMatchObject({ problemCount: 0 });
    expect((await other.get<CatalogueData>('catalogue')).body).toEqual(await catalogue());
    expect(JSON.stringify((await other.get('catalogue/export?what=archive')).body)).toBe(archive);
    expect((await other.get<SearchAnswerDto>('catalogue/search?q=librarian')).body.total).toBe((await find('librarian')).total);
    await other.stop();
  });

  test('a dry run says what would happen and writes nothing; an import is whole or not at all', async () => {
    const before = await catalogue();
    const file = 'mould,colours,made from,made until\nHA-118,ink,2020,2021\nHA-118,puce,2020,2021\nHA-118,raven,2016,2026\n';
    const dry = await send('variants', file);
    expect(dry.importReport).toMatchObject({
      rowCount: 3,
      soundCount: 2,
      addedCount: 1,
      changedCount: 1,
      importedCount: 0,
      problemCount: 1,
    });
    expect(dry.importReport?.problems).toEqual([{ line: 3, path: 'colours', value: null, reason: 'There is no colour “puce”.' }]);
    expect(await catalogue()).toEqual(before);
    const whole = await send('variants', file, 'all');
    expect(whole).toMatchObject({ state: 'failed', importReport: null });
    expect(whole.error).toMatch(/1 problems? stand.*Nothing was imported/);
    expect(await catalogue()).toEqual(before);
    expect((await send('variants', file, 'sound')).importReport).toMatchObject({ importedCount: 2 });
    expect((await find('HA-118 ink')).variants).toEqual(['HA-118·ink']);
    expect(await variant('HA-118·raven')).toMatchObject({ made: { from: 2016, until: 2026 } });
  });

  test('an import that makes an imagined part tells its planners', async () => {
    const { importReport } = await send('variants', 'mould,colours,made from,made until\nHA-118,rust,2026,2026\n', 'all');
    expect(importReport?.noticeCount).toBe(1);
    expect((await notices()).map((notice) => notice.figure)).toContain('odile-marsh');
  });

  test.each<[string, string, string | Uint8Array, RegExp]>([
    ['UTF-16', 'variants', new Uint8Array([0xff, 0xfe, 0x6d, 0, 0x6f, 0]), /UTF-16.*UTF-8/],
    ['Latin-1', 'variants', new Uint8Array([0x6d, 0xe9, 0x0a]), /not UTF-8/],
    ['missing columns', 'variants', 'mould\nHA-118\n', /Missing: “colours”/],
    ['unknown columns', 'colours', 'colour,name,hex,shine\nx,x,#000000,1\n', /Unknown column “shine”/],
    ['an open quotation mark', 'variants', 'mould,colours\n"HA-118,raven\n', /quotation mark is not closed/],
    ['no JSON', 'archive', '{"format": ', /not JSON/],
    ['another kind of JSON', 'archive', '{"parts": []}', /not a catalogue archive/],
    ['a version to come', 'archive', '{"format":"outfit-catalogue","version":9}', /version 9.*version 1 can be read/],
    ['an unknown kind', 'archive', '{"format":"outfit-catalogue","version":1,"shapes":[]}', /“shapes”, which is not known/],
    ['a kind that is no list', 'archive', '{"format":"outfit-catalogue","version":1,"colours":{}}', /must be a list/],
    ['nothing but a header', 'colours', '', /.*/],
  ])('a file with %s is answered with a sentence', async (_, what, body, sentence) => {
    if (body.length === 0) {
      expect((await server.request('POST', `catalogue/import?what=${what}`, body, { 'content-type': 'text/csv' })).status).toBe(400);
      return;
    }
    const job = await send(what, body, 'all');
    expect(job.state).toBe('failed');
    expect(job.error).toMatch(sentence);
  });

  test.each<[string, string, string, RegExp]>([
    ['doubled numbers', 'colours', 'colour,name,hex\nx,x,#000000\nx,y,#111111\n', /“x” is there twice/],
    [
      'a circle of sources',
      'sources',
      'source,name,kind,year,yields\nA-1,A,boxed set,2020,1 source A-2\nA-2,B,boxed set,2020,1 source A-1\n',
      /circle: A-1 → A-2 → A-1/,
    ],
    ['a formula for a name', 'colours', 'colour,name,hex\nx,"=cmd|calc",nohex\n', /Not a colour such as/],
    ['unknown yields', 'sources', 'source,name,kind,year,yields\nA-1,A,boxed set,2020,1 figure nobody\n', /no figure “nobody”/],
    ['a position nobody has', 'officialFigures', 'figure,name,parts\nF-1,F,tail HA-118·raven\n', /Write a position and a part/],
    [
      'covers over one',
      'moulds',
      'mould,name,family,silhouette,fills,mass g,covers\nM-1,M,hair,head,headgear,1,head.back 1.4\n',
      /fraction from 0 to 1/,
    ],
  ])('%s are reported row by row, and nothing is imported', async (_, what, body, sentence) => {
    const before = await catalogue();
    const { importReport } = await send(what, body);
    expect(importReport?.problems.map((problem) => problem.reason).join(' ')).toMatch(sentence);
    expect(await catalogue()).toEqual(before);
  });

  test('a row whose neighbour is lost is lost with it', async () => {
    const archive = {
      format: 'outfit-catalogue',
      version: 1,
      moulds: [
        {
          number: 'M-1',
          name: 'M',
          nicknames: [],
          family: 'hair',
          revision: 1,
          material: 'rigid',
          silhouette: 'head',
          fills: [['nowhere']],
          geometry: { massG: 1 },
          shape: { words: [] },
          motifs: [],
          thirdParty: false,
        },
      ],
      variants: [{ id: 'M-1·raven', mould: 'M-1', colours: ['raven'] }],
      bundles: [{ id: 'B-1', name: 'B', parts: [{ variant: 'M-1·raven', quantity: 1 }] }],
    };
    const { importReport } = await send('archive', JSON.stringify(archive), 'sound');
    expect(importReport).toMatchObject({ soundCount: 0, importedCount: 0 });
    expect(importReport?.problems.map((problem) => problem.path)).toEqual(['/moulds/0/fills/0/0', '/variants/0/mould', '/bundles/0/parts']);
  });

  test('a formula in a name is written so that no spreadsheet runs it, and read back as it was', async () => {
    await save('colours', { id: 'sum', name: '=SUM(A1)', hex: '#123456', finish: 'solid', kind: 'cloth' });
    const csv = await text('colours');
    expect(csv).toContain("'=SUM(A1)");
    expect((await send('colours', csv)).importReport).toMatchObject({ changedCount: 0, addedCount: 0 });
  });

  test('a file of 300 MB is refused before it is read, with a sentence', async () => {
    const chunk = new Uint8Array(1_000_000).fill(97);
    let sent = 0;
    const body = new ReadableStream<Uint8Array>({
      pull: (controller) => {
        if ((sent += 1) > 300) controller.close();
        else controller.enqueue(chunk);
      },
    });
    const response = await fetch(`${server.base}/api/catalogue/import?what=variants`, {
      method: 'POST',
      headers: { 'content-type': 'text/csv' },
      body,
      duplex: 'half',
    } as RequestInit);
    expect(response.status).toBe(413);
    expect(((await response.json()) as { message: string }).message).toMatch(/too large|over 60 MB/);
  });

  test('100,000 rows go in with progress, and a stop keeps nothing of them', async () => {
    const rows = Array.from({ length: 100_000 }, (_, i) => `c${i},colour ${i},#${(i % 0xffffff).toString(16).padStart(6, '0')}`);
    const file = `colour,name,hex\n${rows.join('\n')}\n`;
    const { body: job } = await server.request<JobDto>('POST', 'catalogue/import?what=colours&agree=all', file, {
      'content-type': 'text/csv',
    });
    const phases = new Set<string>();
    for (let polls = 0; polls < 200; polls += 1) {
      const { body: now } = await server.get<JobDto>(`jobs/${job.id}`);
      if (now.importProgress) phases.add(now.importProgress.phase);
      if (now.importProgress?.phase === 'writing' || now.state !== 'running') break;
      await new Promise((resolve) => setTimeout(resolve, 10));
    }
    await server.post(`jobs/${job.id}/stop`);
    const ended = await server.ended(job.id);
    expect(ended).toMatchObject({ state: 'stopped', importReport: null, error: 'Stopped. Nothing was imported.' });
    expect((await catalogue()).colours.some((colour) => colour.id === 'c0')).toBe(false);
    expect(phases.size).toBeGreaterThan(0);
  }, 60_000);
});
