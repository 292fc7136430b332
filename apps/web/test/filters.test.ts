import { describe, expect, test } from '@jest/globals';
import { Catalogue } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import fc from 'fast-check';
import {
  NO_FILTERS,
  passes,
  readFilters,
  setCount,
  SORTS,
  writeFilters,
  type CandidateFilters,
} from '@/features/fitting/candidates/filters';

const catalogue = new Catalogue(demoWorld().catalogue);
const hair = catalogue.data.variants.filter((variant) => catalogue.mouldOf(variant).family === 'hair');
const left = (filters: Partial<CandidateFilters>, owned: readonly string[] = [], prices: Readonly<Record<string, number>> = {}) => {
  const fits = passes(
    { ...NO_FILTERS, ...filters },
    catalogue,
    (id) => (owned.includes(id) ? 1 : 0),
    (id) => prices[id] ?? null,
  );
  return hair.filter(fits).map((variant) => variant.id);
};

describe('filters in the address', () => {
  test('what is written is read again, whatever was set', () => {
    const filters: fc.Arbitrary<CandidateFilters> = fc.record({
      onlyOwned: fc.boolean(),
      onlyMade: fc.boolean(),
      words: fc.string({ maxLength: 12 }),
      colour: fc.constantFrom('', 'rust', 'raven'),
      motif: fc.constantFrom('', 'belt'),
      shape: fc.constantFrom('', 'tied', 'half tied'),
      era: fc.constantFrom('' as const, 'early' as const, 'late' as const),
      underMinor: fc.option(fc.integer({ min: 1, max: 99_999 }), { nil: null }),
      sort: fc.constantFrom(...SORTS),
    });
    fc.assert(
      fc.property(filters, (set) => {
        const params = new URLSearchParams();
        for (const [key, value] of Object.entries(writeFilters(set))) if (value !== null) params.set(key, value);
        expect(readFilters(new URLSearchParams(params.toString()))).toEqual(set);
      }),
    );
  });

  test('an address that makes no sense filters nothing', () => {
    expect(readFilters(new URLSearchParams('era=middle&under=cheap&sort=luck&owned=perhaps'))).toEqual(NO_FILTERS);
  });

  test('a change touches its own keys alone, and clearing takes them out', () => {
    expect(writeFilters({ colour: 'rust' })).toEqual({ colour: 'rust' });
    expect(writeFilters({ colour: '' })).toEqual({ colour: null });
    expect(writeFilters(NO_FILTERS)).toEqual({
      owned: null,
      made: null,
      words: null,
      colour: null,
      motif: null,
      shape: null,
      era: null,
      under: null,
      sort: null,
    });
  });

  test('counts what hides behind the button', () => {
    expect(setCount(NO_FILTERS)).toBe(0);
    expect(setCount({ ...NO_FILTERS, words: 'knot', onlyOwned: true, colour: 'rust', underMinor: 100 })).toBe(2);
  });
});

describe('what passes', () => {
  test('words in any order, by nickname, number, colour or shape', () => {
    expect(left({ words: 'rust librarian' })).toEqual(['HA-118·rust']);
    expect(left({ words: 'ha-118 rust' })).toEqual(['HA-118·rust']);
  });

  test('made, in a colour, in a shape', () => {
    expect(left({ colour: 'rust', words: 'low knot', onlyMade: true })).toEqual([]);
    for (const id of left({ shape: 'tied', colour: 'raven' })) expect(id).toMatch(/·raven/);
  });

  test('under a price: what is owned counts as nothing, what nobody sells does not pass', () => {
    const [a = '', b = '', c = ''] = hair.map((variant) => variant.id);
    expect(left({ underMinor: 100 }, [c], { [a]: 99, [b]: 100 })).toEqual([a, c]);
  });

  test('owned alone', () => {
    const [first = ''] = hair.map((variant) => variant.id);
    expect(left({ onlyOwned: true }, [first])).toEqual([first]);
  });
});
