import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Catalogue, FACETS, FacetIndex, FactBook, readQuery, Vocabulary, wordsOf, type Facet, type FacetFilter } from '../../src/index.js';
import { editDistance } from '../../src/kernel/nearest.js';
import { inOneGo } from '../../src/kernel/steps.js';
import { DATA } from '../fixture.js';

const catalogue = new Catalogue(DATA);

/** Facts of the fixture, and hits found by looking for the word itself. */
const book = inOneGo(FactBook.write(DATA.variants, catalogue));
const hits = (word: string) =>
  book.facts.flatMap(({ text }, fact) => {
    const words = wordsOf(text);
    return words.some((known) => known.startsWith(word)) ? [{ fact, whole: words.includes(word) }] : [];
  });
const find = (...words: string[]) => {
  const { rows, any } = book.rank(words.map(hits));
  return { ids: [...rows].map((row) => DATA.variants[row]?.id ?? ''), any };
};

describe('the facts of a catalogue', () => {
  const textsOf = (id: string): string =>
    book.facts
      .filter((_, fact) => [...book.rank([[{ fact, whole: true }]]).rows].some((row) => DATA.variants[row]?.id === id))
      .map(({ text }) => text)
      .join(' ');

  test('are what people would type: number with and without dash, plain colours, sources and who wore it', () => {
    const text = textsOf('HD-1·light·reader');
    for (const word of ['HD-1', 'HD1', 'beige', 'First box', 'Ann']) expect(text).toContain(word);
  });

  test('are fewer than the variants that share them', () => {
    expect(book.facts.filter((fact) => fact.column === 'name').length).toBe(new Set(DATA.variants.map((variant) => variant.mould)).size);
  });

  test('rank a main colour before another, a whole word before a beginning, made before imagined', () => {
    const { ids } = find('knot');
    expect(ids.every((id) => id.startsWith('HA-2'))).toBe(true);
    expect(ids[ids.length - 1]).toBe('HA-2·red');
    const twoColours = ['HE-1·brown+red', 'HE-1·red+brown'].map((id) => ({
      id,
      mould: 'HE-1',
      colours: (id.split('·')[1] ?? '').split('+'),
      made: { from: 1, until: 2 },
    }));
    const lanterns = inOneGo(FactBook.write(twoColours, catalogue));
    const red = lanterns.facts.flatMap(({ text }, fact) => (wordsOf(text).includes('red') ? [{ fact, whole: true }] : []));
    expect([...lanterns.rank([red]).rows]).toEqual([1, 0]);
  });

  test('give all the words, or, when nothing has all, some of them', () => {
    expect(find('knot', 'red')).toEqual({ ids: ['HA-2·red'], any: false });
    const some = find('knot', 'lantern');
    expect(some.any).toBe(true);
    expect(new Set(some.ids.map((id) => id.split('·')[0]))).toEqual(
      new Set(['HA-2', 'HE-1', ...some.ids.filter((id) => id.startsWith('HA-1')).map(() => 'HA-1')]),
    );
    expect(find('nowhere')).toEqual({ ids: [], any: false });
  });

  test('agree with asking every variant by itself', () => {
    const words = [...new Set(book.facts.flatMap(({ text }) => wordsOf(text)))];
    const of = (row: number): Set<string> =>
      new Set(book.facts.flatMap(({ text }, fact) => ([...book.rank([[{ fact, whole: true }]]).rows].includes(row) ? wordsOf(text) : [])));
    const known = DATA.variants.map((_, row) => of(row));
    fc.assert(
      fc.property(fc.subarray(words, { minLength: 1, maxLength: 3 }), (asked) => {
        const { rows, any } = book.rank(asked.map(hits));
        const has = (row: number): number => asked.filter((word) => [...(known[row] ?? [])].some((one) => one.startsWith(word))).length;
        const least = any ? 1 : asked.length;
        expect([...rows].sort((a, b) => a - b)).toEqual(DATA.variants.flatMap((_, row) => (has(row) >= least ? [row] : [])));
        if (any) expect(DATA.variants.some((_, row) => has(row) === asked.length)).toBe(false);
      }),
      { numRuns: 60 },
    );
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

  test('two slips away stands another word: “pirate” is no crate, and is told as unknown', () => {
    const crates = new Vocabulary();
    crates.add('crate leg');
    expect(readQuery('pirate leg', crates)).toEqual({ words: ['pirate', 'leg'], corrected: [], unknown: ['pirate'] });
  });

  test('little words are left out beside others, and looked for alone', () => {
    expect(readQuery('knot with a tail', vocabulary).words).toEqual(['knot', 'tail']);
    expect(readQuery('with', vocabulary).words).toEqual(['with']);
  });

  test('an everyday word is read by its first meaning that there is, and only when nothing is called so', () => {
    expect(readQuery('lamps', vocabulary)).toEqual({ words: ['lantern'], corrected: [{ typed: 'lamps', meant: 'lantern' }], unknown: [] });
    const lamps = new Vocabulary();
    lamps.add('lamp lantern');
    expect(readQuery('lamp', lamps).words).toEqual(['lamp']);
  });

  test('asked for exactly, nothing is corrected', () => {
    expect(readQuery('knto', vocabulary, true)).toEqual({ words: ['knto'], corrected: [], unknown: ['knto'] });
  });

  test('reads at most a dozen words, without accents or signs', () => {
    expect(wordsOf('Émile’s “Low-Knot”, 2')).toEqual(['emile', 's', 'low', 'knot', '2']);
    expect(readQuery('a '.repeat(40), vocabulary).words).toHaveLength(12);
  });

  test('a mistyped word is what every known word one slip away would say: the nearest, then the commonest', () => {
    const letters = fc.string({ minLength: 3, maxLength: 6, unit: fc.constantFrom('a', 'b', 'c') });
    fc.assert(
      fc.property(fc.array(letters, { maxLength: 12 }), letters, (known, typed) => {
        const words = new Vocabulary();
        for (const word of known) words.add(word);
        const near = known.filter((word) => editDistance(typed, word, 1) <= 1);
        const timesOf = (word: string): number => known.filter((other) => other === word).length;
        const meant = words.meant(typed);
        expect(meant === null).toBe(near.length === 0);
        if (meant === null) return;
        expect(near).toContain(meant);
        const best = near.map((word) => [-editDistance(typed, word, 1), timesOf(word)] as const).sort((a, b) => b[0] - a[0] || b[1] - a[1]);
        expect([-editDistance(typed, meant, 1), timesOf(meant)]).toEqual(best[0]);
      }),
      { numRuns: 500 },
    );
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
  const index = inOneGo(FacetIndex.of(variants, catalogue, (id) => owned.has(id)));
  const all = Int32Array.from(variants.keys());
  const everything = index.narrow(all, {}).counts;

  test('count what there is', () => {
    expect(everything.exists.reduce((sum, row) => sum + row.count, 0)).toBe(variants.length);
    expect(everything.owned.find((row) => row.value === 'owned')?.count).toBe(owned.size);
    expect(everything.family.find((row) => row.value === 'torso')?.count).toBe(
      variants.filter((variant) => variant.mould.startsWith('TO-')).length,
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
