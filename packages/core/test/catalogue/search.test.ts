import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  Catalogue,
  DocumentWriter,
  editDistance,
  FACETS,
  FacetIndex,
  readQuery,
  Vocabulary,
  wordsOf,
  type Facet,
  type FacetFilter,
} from '../../src/index.js';
import { DATA } from '../fixture.js';

const catalogue = new Catalogue(DATA);

describe('a search document', () => {
  const document = (id: string) => new DocumentWriter(catalogue).document(catalogue.variant(id));

  test('says what people would type: number with and without dash, plain colours, sources and who wore it', () => {
    const { number, colour, source } = document('HD-1·light·reader');
    expect(number).toBe('HD-1 HD1');
    expect(colour).toContain('beige');
    expect(source).toContain('First box');
    expect(source).toContain('Ann');
  });

  test('calls hair what hair is called', () => {
    expect(document('HA-2·red').colour).toMatch(/\bred\b/);
    expect(document('HA-1·black').colour).toMatch(/\bblack\b/);
  });
});

describe('spelling', () => {
  const vocabulary = new Vocabulary();
  for (const text of ['low knot', 'side tail', 'lantern', 'lantern keeper', 'braid']) vocabulary.add(text);

  test.each([
    ['knot', 'knot', 0],
    ['lan', 'lan', 0],
    ['lanterns', 'lanterns', 0],
    ['knto', 'knot', 1],
    ['lantrn', 'lantern', 1],
    ['keepr', 'keeper', 1],
    ['xyz', 'xyz', 0],
    ['kn', 'kn', 0],
  ])('%s is read as %s', (typed, meant, corrections) => {
    const read = readQuery(typed, vocabulary);
    expect(read.words).toEqual([meant]);
    expect(read.corrected).toHaveLength(corrections);
  });

  test('reads at most a dozen words, without accents or signs', () => {
    expect(wordsOf('Émile’s “Low-Knot”, 2')).toEqual(['emile', 's', 'low', 'knot', '2']);
    expect(readQuery('a '.repeat(40), vocabulary).words).toHaveLength(12);
  });

  test('two letters swapped are one slip, and a distance is the same both ways', () => {
    expect(editDistance('knto', 'knot', 3)).toBe(1);
    expect(editDistance('abcdef', 'badcfe', 3)).toBe(3);
    fc.assert(
      fc.property(fc.string({ maxLength: 8 }), fc.string({ maxLength: 8 }), (a, b) => {
        const distance = editDistance(a, b, 8);
        expect(distance).toBe(editDistance(b, a, 8));
        expect(distance === 0).toBe(a === b);
        expect(distance).toBeLessThanOrEqual(Math.max(a.length, b.length));
      }),
    );
  });
});

describe('facets', () => {
  const variants = DATA.variants;
  const owned = new Set(variants.filter((_, i) => i % 3 === 0).map((variant) => variant.id));
  const index = new FacetIndex(variants, catalogue, (id) => owned.has(id));
  const all = Int32Array.from(variants.keys());
  const everything = index.narrow(all, {}).counts;

  test('count what there is', () => {
    expect(everything.exists.reduce((sum, row) => sum + row.count, 0)).toBe(variants.length);
    expect(everything.owned.find((row) => row.value === 'owned')?.count).toBe(owned.size);
    expect(everything.family.find((row) => row.value === 'crop')?.count).toBe(
      variants.filter((variant) => variant.mould === 'HA-1').length,
    );
  });

  test('agree with counting by hand, whatever is asked for', () => {
    const valueOf = fc.constantFrom(...FACETS).chain((facet) => {
      const values = everything[facet].map((row) => row.value);
      return fc.record({
        facet: fc.constant(facet),
        values: values.length === 0 ? fc.constant<string[]>([]) : fc.subarray(values, { minLength: 1 }),
      });
    });
    const rowsHaving = (facet: Facet, values: readonly string[]): Set<number> => new Set(index.narrow(all, { [facet]: values }).rows);
    fc.assert(
      fc.property(fc.array(valueOf, { maxLength: 3 }), (asked) => {
        const filter: FacetFilter = Object.fromEntries(asked.filter((row) => row.values.length > 0).map((row) => [row.facet, row.values]));
        const { rows, counts } = index.narrow(all, filter);
        const passing = [...all].filter((row) =>
          Object.entries(filter).every(([facet, values]) => rowsHaving(facet as Facet, values ?? []).has(row)),
        );
        expect([...rows]).toEqual(passing);
        for (const facet of FACETS) {
          const others = Object.fromEntries(Object.entries(filter).filter(([name]) => name !== facet)) as FacetFilter;
          const left = index.narrow(all, others).rows;
          for (const { value, count } of counts[facet])
            expect(count).toBe([...left].filter((row) => rowsHaving(facet, [value]).has(row)).length);
        }
      }),
      { numRuns: 60 },
    );
  });
});
