import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { CatalogueData, Variant } from '@outfit/core';
import { type SearchAnswerDto } from '../src/catalogue/search/search.dto.js';
import { type ImportJobDto } from '../src/catalogue/files/importReport.js';
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

describe('carrying the catalogue in and out', () => {
  const text = async (what: string): Promise<string> =>
    (await server.request<string>('GET', `catalogue/export?what=${what}`)).body as unknown as string;
  const send = async (what: string, body: string | Uint8Array, agree = ''): Promise<ImportJobDto> => {
    const { body: job, status } = await server.request<ImportJobDto>(
      'POST',
      `catalogue/import?what=${what}${agree && `&agree=${agree}`}`,
      body,
      {
        'content-type': 'application/octet-stream',
      },
    );
    expect(status).toBe(202);
    return server.ended<ImportJobDto>(job.id);
  };

  test('a file that was exported changes nothing', async () => {
    for (const what of ['colours', 'motifs', 'moulds', 'prints', 'variants', 'bundles', 'officialFigures', 'sources']) {
      const { result: importReport } = await send(what, await text(what));
      expect(importReport).toMatchObject({ problemCount: 0, addedCount: 0, changedCount: 0, importedCount: 0 });
      expect(importReport?.sameCount).toBe(importReport?.rowCount);
    }
    const { result: importReport } = await send(
      'archive',
      JSON.stringify(await server.get('catalogue/export?what=archive').then(({ body }) => body)),
    );
    expect(importReport).toMatchObject({ problemCount: 0, addedCount: 0, changedCount: 0 });
  });

  test('an archive read into an empty workspace gives the same catalogue, and the same archive again', async () => {
    const archive = JSON.stringify(await server.get('catalogue/export?what=archive').then(({ body }) => body));
    const other = await Harness.start(undefined, false);
    const { body: job } = await other.request<ImportJobDto>('POST', 'catalogue/import?what=archive&agree=all', archive, {
      'content-type': 'application/json',
    });
    expect((await other.ended(job.id)).result).toMatchObject({ problemCount: 0 });
    expect((await other.get<CatalogueData>('catalogue')).body).toEqual(await catalogue());
    expect(JSON.stringify((await other.get('catalogue/export?what=archive')).body)).toBe(archive);
    expect((await other.get<SearchAnswerDto>('catalogue/search?q=librarian')).body.total).toBe((await find('librarian')).total);
    await other.stop();
  });

  test('a dry run says what would happen and writes nothing; an import is whole or not at all', async () => {
    const before = await catalogue();
    const file = 'mould,colours,made from,made until\nHA-118,ink,2020,2021\nHA-118,puce,2020,2021\nHA-118,raven,2016,2026\n';
    const dry = await send('variants', file);
    expect(dry.result).toMatchObject({
      rowCount: 3,
      soundCount: 2,
      addedCount: 1,
      changedCount: 1,
      importedCount: 0,
      problemCount: 1,
    });
    expect(dry.result?.problems).toEqual([{ line: 3, path: 'colours', value: null, reason: 'There is no colour “puce”.' }]);
    expect(await catalogue()).toEqual(before);
    const whole = await send('variants', file, 'all');
    expect(whole).toMatchObject({ state: 'failed', result: null });
    expect(whole.error).toMatch(/1 problems? stand.*Nothing was imported/);
    expect(await catalogue()).toEqual(before);
    expect((await send('variants', file, 'sound')).result).toMatchObject({ importedCount: 2 });
    expect((await find('HA-118 ink')).variants).toEqual(['HA-118·ink']);
    expect(await variant('HA-118·raven')).toMatchObject({ made: { from: 2016, until: 2026 } });
  });

  test('an import that makes an imagined part tells its planners', async () => {
    const { result: importReport } = await send('variants', 'mould,colours,made from,made until\nHA-118,rust,2026,2026\n', 'all');
    expect(importReport?.noticeCount).toBe(1);
    expect((await notices()).map((notice) => notice.figure)).toContain('odile-marsh');
  });

  test.each<[string, string, string | Uint8Array, RegExp]>([
    ['UTF-16', 'variants', new Uint8Array([0xff, 0xfe, 0x6d, 0, 0x6f, 0]), /UTF-16.*UTF-8/],
    ['Latin-1', 'variants', new Uint8Array([0x6d, 0xe9, 0x0a]), /not UTF-8/],
    ['missing columns', 'variants', 'mould\nHA-118\n', /Missing: “colours”/],
    ['unknown columns', 'colours', 'colour,name,hex,shine\nx,x,#000000,1\n', /Unknown column “shine”/],
    ['an open quotation mark', 'variants', 'mould,colours\n"HA-118,raven\n', /quotation mark is not closed/],
    ['no JSON', 'archive', '{"format": ', /no valid JSON/],
    ['another kind of JSON', 'archive', '{"parts": []}', /not a catalogue archive/],
    ['a version to come', 'archive', '{"format":"outfit-catalogue","version":9}', /version “9”.*version 1 can be read/],
    ['an unknown kind', 'archive', '{"format":"outfit-catalogue","version":1,"shapes":[]}', /“shapes”, which is not known/],
    ['a kind that is no list', 'archive', '{"format":"outfit-catalogue","version":1,"colours":{}}', /is no list/],
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
    ['a zone nobody has', 'prints', 'print,name,motifs\nzz,Z,"belt, front, nowhere, walnut brass"\n', /no zone “nowhere”/],
    [
      'a region nobody has',
      'moulds',
      'mould,name,family,silhouette,fills,mass g,covers\nM-1,M,hair,head,headgear,1,head.bach 0.4\n',
      /no region “head.bach”/,
    ],
    [
      'covers over one',
      'moulds',
      'mould,name,family,silhouette,fills,mass g,covers\nM-1,M,hair,head,headgear,1,head.back 1.4\n',
      /fraction from 0 to 1/,
    ],
  ])('%s are reported row by row, and nothing is imported', async (_, what, body, sentence) => {
    const before = await catalogue();
    const { result: importReport } = await send(what, body);
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
    const { result: importReport } = await send('archive', JSON.stringify(archive), 'sound');
    expect(importReport).toMatchObject({ soundCount: 0, importedCount: 0 });
    expect(importReport?.problems.map((problem) => problem.path)).toEqual(['/moulds/0/fills/0/0', '/variants/0/mould', '/bundles/0/parts']);
  });

  test('a formula in a name is written so that no spreadsheet runs it, and read back as it was', async () => {
    await save('colours', { id: 'sum', name: '=SUM(A1)', hex: '#123456', finish: 'solid', kind: 'cloth' });
    const csv = await text('colours');
    expect(csv).toContain("'=SUM(A1)");
    expect((await send('colours', csv)).result).toMatchObject({ changedCount: 0, addedCount: 0 });
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
    const { body: job } = await server.request<ImportJobDto>('POST', 'catalogue/import?what=colours&agree=all', file, {
      'content-type': 'text/csv',
    });
    const phases = new Set<string>();
    for (let polls = 0; polls < 200; polls += 1) {
      const { body: now } = await server.get<ImportJobDto>(`jobs/${job.id}`);
      if (now.progress) phases.add(now.progress.phase);
      if (now.progress?.phase === 'writing' || now.state !== 'running') break;
      await new Promise((resolve) => setTimeout(resolve, 10));
    }
    await server.post(`jobs/${job.id}/stop`);
    const ended = await server.ended<ImportJobDto>(job.id);
    expect(ended).toMatchObject({ state: 'stopped', result: null, error: 'Stopped. Nothing was imported.' });
    expect((await catalogue()).colours.some((colour) => colour.id === 'c0')).toBe(false);
    expect(phases.size).toBeGreaterThan(0);
  }, 60_000);
});
