import { describe, expect, test } from '@jest/globals';
import {
  AGE_BANDS,
  CATALOGUE_KINDS,
  GRIPS,
  MATERIALS,
  MOOD_NAMES,
  MOTIF_TRAITS,
  POSITIONS,
  SOURCE_KINDS,
  STACKS,
  SYSTEM_MEASURES,
  variantIdOf,
  YIELD_KINDS,
  type CatalogueData,
  type CatalogueKind,
  type CatalogueRow,
  type System,
} from '@outfit/core';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import {
  CATALOGUE_SCHEMA,
  CATALOGUE_TABLES,
  readArchive,
  readCatalogueTable,
  rowShapeFault,
  UnreadableFile,
  writeArchive,
  writeCatalogueTable,
  type CatalogueTable,
} from '../src/index.js';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);

/** Names as people give them: any letters, signs that files have trouble with, even what a spreadsheet would run. */
const word = fc.stringMatching(/^[a-zé][a-z0-9é-]{0,8}$/);
const name = fc
  .oneof(word, fc.stringMatching(/^[=+@'"A-Za-zäß][ ,"'=+@A-Za-zäß0-9.-]{0,18}$/))
  .map((text) => text.trim())
  .filter((text) => text !== '');
const item = name.map((text) => text.replace(/[;]/g, '')).filter((text) => text.trim() !== '' && !/^'?[=+\-@]/.test(text));
const some = <T>(value: fc.Arbitrary<T>): fc.Arbitrary<T | undefined> => fc.option(value, { nil: undefined });
const mm = fc.integer({ min: 0, max: 400 }).map((n) => n / 10);
const aboveZero = fc.integer({ min: 1, max: 400 }).map((n) => n / 10);
const share = fc.integer({ min: 0, max: 100 }).map((n) => n / 100);
const year = fc.integer({ min: 1950, max: 2050 });
/** Absent means absent: keys that are undefined are left out, as in files. */
const row = <T extends object>(model: { [K in keyof T]: fc.Arbitrary<T[K]> }): fc.Arbitrary<T> =>
  fc.record(model).map((made) => Object.fromEntries(Object.entries(made as object).filter(([, value]) => value !== undefined)) as T);

const variantId = fc.tuple(word, word).map(([mould, colour]) => variantIdOf(mould, [colour]));
const quantity = fc.integer({ min: 1, max: 99 });
const ROWS: { [K in CatalogueKind]: fc.Arbitrary<CatalogueRow<K>> } = {
  systems: fc
    .tuple(
      fc.record({
        id: word,
        name,
        positions: fc.uniqueArray(fc.constantFrom(...POSITIONS), { minLength: 1 }),
        needs: fc.uniqueArray(fc.constantFrom(...POSITIONS)),
        bandHeightMm: fc.record({ child: aboveZero, youth: aboveZero, adult: aboveZero, giant: aboveZero }),
        bandsByAge: fc.uniqueArray(fc.record({ band: fc.constantFrom(...AGE_BANDS), upTo: fc.integer({ min: 0, max: 900 }) }), {
          selector: (age) => age.band,
        }),
        riskFromMinor: fc.integer({ min: 0, max: 100_000 }),
      }),
      fc.tuple(
        ...SYSTEM_MEASURES.map(([, , least, most]) => fc.integer({ min: Math.ceil(least * 10), max: most * 10 }).map((n) => n / 10)),
      ),
    )
    .map(([rest, sizes]) => ({ ...rest, ...Object.fromEntries(SYSTEM_MEASURES.map(([key], i) => [key, sizes[i]])) }) as unknown as System),
  colours: row({
    id: word,
    name,
    hex: fc.stringMatching(/^#[0-9A-F]{6}$/),
    finish: fc.constantFrom('solid', 'clear', 'metallic', 'pearl', 'glitter', 'glow'),
    kind: fc.constantFrom('cloth', 'hair', 'skin', 'metal', 'clear'),
    skinSchool: some(fc.constantFrom('house', 'natural')),
  }),
  motifs: row<CatalogueRow<'motifs'>>({
    id: word,
    name,
    parent: some(word),
    continues: some(word),
    traits: some(fc.uniqueArray(fc.constantFrom(...MOTIF_TRAITS), { minLength: 1 })),
  }),
  moulds: row<CatalogueRow<'moulds'>>({
    number: word,
    name,
    nicknames: fc.array(item, { maxLength: 3 }),
    family: word,
    revision: fc.integer({ min: 1, max: 9 }),
    revisionNote: some(name),
    material: fc.constantFrom(...MATERIALS),
    sizeMm: some(fc.record({ width: aboveZero, height: aboveZero, depth: aboveZero })),
    silhouette: word,
    fills: fc.array(fc.uniqueArray(fc.constantFrom(...POSITIONS), { minLength: 1, maxLength: 3 }), { minLength: 1, maxLength: 3 }),
    geometry: row<CatalogueRow<'moulds'>['geometry']>({
      massG: aboveZero,
      heightMm: some(mm),
      riseMm: some(mm),
      thicknessMm: some(mm),
      centreHeightMm: some(mm),
      backDropMm: some(mm),
      backDepthMm: some(mm),
      collarRiseMm: some(mm),
      grip: some(fc.constantFrom(...GRIPS)),
      twoHanded: some(fc.constant(true)),
      holes: some(fc.array(word, { minLength: 1, maxLength: 2 })),
      fits: some(fc.array(word, { minLength: 1, maxLength: 2 })),
      covers: some(fc.record({ 'head.back': share, 'torso.front.hem': share })),
    }),
    shape: row<CatalogueRow<'moulds'>['shape']>({ words: fc.array(item, { maxLength: 3 }), length: some(fc.integer({ min: 0, max: 4 })) }),
    motifs: fc.array(word, { maxLength: 2 }),
    hairColour: some(fc.integer({ min: 0, max: 2 })),
    skinColour: some(fc.integer({ min: 0, max: 2 })),
    thirdParty: fc.boolean(),
    brittleBefore: some(year),
  }),
  prints: row<CatalogueRow<'prints'>>({
    id: word,
    name,
    era: fc.constantFrom('early', 'late'),
    motifs: fc.array(
      fc.record({
        motif: word,
        face: fc.constantFrom('front', 'back', 'side'),
        zones: fc.uniqueArray(fc.constantFrom('collar', 'chest', 'belly', 'hem'), { minLength: 1 }),
        colours: fc.array(word, { maxLength: 3 }),
      }),
      { maxLength: 3 },
    ),
    mood: some(fc.constantFrom(...MOOD_NAMES)),
    secondMood: some(fc.constantFrom(...MOOD_NAMES)),
  }),
  variants: fc
    .record({
      mould: word,
      colours: fc.array(word, { minLength: 1, maxLength: 3 }),
      print: some(word),
      made: some(fc.tuple(year, year)),
      mergedInto: some(variantId),
    })
    .map(({ mould, colours, print, made, mergedInto }) => ({
      id: variantIdOf(mould, colours, print),
      mould,
      colours,
      ...(print === undefined ? {} : { print }),
      ...(made ? { made: { from: Math.min(...made), until: Math.max(...made) } } : {}),
      ...(mergedInto === undefined ? {} : { mergedInto }),
    })),
  bundles: row({ id: word, name, parts: fc.array(fc.record({ variant: variantId, quantity }), { minLength: 1, maxLength: 3 }) }),
  officialFigures: row({
    id: word,
    name,
    person: some(name),
    parts: fc.array(
      fc.oneof(
        fc.record({ position: fc.constantFrom(...POSITIONS), variant: variantId, turned: fc.boolean() }),
        fc.record({
          position: fc.constantFrom(...STACKS),
          variant: variantId,
          turned: fc.boolean(),
          place: fc.integer({ min: 1, max: 11 }),
        }),
      ),
      { minLength: 1, maxLength: 4 },
    ),
  }),
  sources: row<CatalogueRow<'sources'>>({
    id: word,
    name,
    kind: fc.constantFrom(...SOURCE_KINDS),
    range: fc.oneof(fc.constant(''), name),
    year,
    printRun: some(
      fc.record({ copies: fc.integer({ min: 1, max: 1_000_000 }), certainty: fc.constantFrom('sure' as const, 'think so' as const) }),
    ),
    yields: fc.array(
      fc.record({
        kind: fc.constantFrom(...YIELD_KINDS),
        item: word,
        quantity,
        certainty: fc.constantFrom('sure' as const, 'think so' as const),
      }),
      { maxLength: 3 },
    ),
  }),
};

describe('a catalogue written out and read back is the same catalogue', () => {
  test.each(CATALOGUE_KINDS)('%s as CSV', (kind) => {
    const table = CATALOGUE_TABLES[kind] as CatalogueTable<CatalogueRow<CatalogueKind>>;
    fc.assert(
      fc.property(fc.array(ROWS[kind] as fc.Arbitrary<CatalogueRow<CatalogueKind>>, { maxLength: 5 }), (rows) => {
        const { sound, problems } = readCatalogueTable(table, bytes(writeCatalogueTable(table, rows)));
        expect(problems).toEqual([]);
        expect(sound.map((entry) => entry.row)).toEqual(rows);
      }),
      { numRuns: 80 },
    );
  });

  test('all of it as one archive', () => {
    const anyCatalogue = fc.record(
      Object.fromEntries(CATALOGUE_KINDS.map((kind) => [kind, fc.array(ROWS[kind] as fc.Arbitrary<unknown>, { maxLength: 3 })])),
    ) as unknown as fc.Arbitrary<CatalogueData>;
    fc.assert(
      fc.property(anyCatalogue, (data) => {
        const { rows, problems, rowCount } = readArchive(bytes(writeArchive(data)));
        expect(problems).toEqual([]);
        expect(rowCount).toBe(CATALOGUE_KINDS.reduce((all, kind) => all + data[kind].length, 0));
        for (const kind of CATALOGUE_KINDS) expect(rows[kind] ?? []).toEqual(data[kind]);
      }),
      { numRuns: 60 },
    );
  });
});

describe('an archive that is not sound', () => {
  const archive = (more: object): Uint8Array => bytes(JSON.stringify({ format: 'outfit-catalogue', version: 1, ...more }));

  test('is told row by row, by path, and the sound rows stand', () => {
    const { rows, problems, places } = readArchive(
      archive({ motifs: [{ id: 'a', name: 'a' }, { id: 'b' }, { id: 'c', name: 'c', size: 1 }, { id: 'd', name: 'd' }] }),
    );
    expect(rows.motifs?.map((motif) => motif.id)).toEqual(['a', 'd']);
    expect(places.motifs).toEqual([0, 3]);
    expect(problems).toEqual([
      { kind: 'motifs', index: 1, path: '/motifs/1', reason: 'Name is missing: say it.' },
      { kind: 'motifs', index: 2, path: '/motifs/2', reason: '“size” is not known here: leave it out.' },
    ]);
  });

  test.each<[string, Uint8Array, RegExp]>([
    ['no JSON', bytes('{'), /no valid JSON/],
    ['a list', bytes('[]'), /it is not one object/],
    ['another format', bytes('{"format":"x"}'), /its “format” is not “outfit-catalogue”/],
    ['binary', new Uint8Array([0x7b, 0, 0x7d]), /binary/],
    ['too large', new Uint8Array(60_000_001).fill(32), /over 60 MB/],
  ])('as %s is refused whole', (_, file, reason) => {
    expect(() => readArchive(file)).toThrow(UnreadableFile);
    expect(() => readArchive(file)).toThrow(reason);
  });

  test('a row by itself is judged the same way', () => {
    expect(rowShapeFault('motifs', { id: 'a', name: 'a' })).toBeNull();
    expect(rowShapeFault('motifs', { id: 'a' })).toEqual({ path: '/name', reason: 'Name is missing: say it.' });
  });
});

test('the published schema is the one that is used', () => {
  const file = JSON.parse(readFileSync(new URL('../../../docs/formats/catalogue.schema.json', import.meta.url), 'utf8')) as unknown;
  expect(file).toEqual(JSON.parse(JSON.stringify(CATALOGUE_SCHEMA)));
});
