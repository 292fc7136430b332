import { describe, expect, test } from '@jest/globals';
import { Catalogue } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import type { PricesDto } from '@/api';
import { LowestPrices } from '@/workspace/answers/lowestPrices';
import { rememberOwned, rememberPrices } from '@/workspace/answers/rowAnswers';

const { catalogue: data } = demoWorld();
const catalogue = new Catalogue(data);
/** The same catalogue once its first variant is gone: every row is one less. */
const later = new Catalogue({ ...data, variants: data.variants.slice(1), officialFigures: [], bundles: [], sources: [] });
const [, one, two] = data.variants.map((variant) => variant.id);
const lowest = {
  rows: [2, 1],
  landedMinor: [120, 45],
  priceMinor: [100, 25],
  sellers: [0, 1],
  seenOn: [2, 2],
  conditions: [3, 4],
  names: ['ann', 'bo', '2026-11-25', 'used', 'worn'],
};
const prices = (version: string): PricesDto => ({ catalogue: version, currency: 'EUR', today: '2026-11-25', lowest });

describe('prices by row', () => {
  test('are found by the ids of variants; what nobody sells has none', () => {
    const found = new LowestPrices(lowest, catalogue);
    expect(found.get(two ?? '')).toEqual({
      variant: two,
      landedMinor: 120,
      priceMinor: 100,
      seller: 'ann',
      seenOn: '2026-11-25',
      condition: 'used',
    });
    expect(found.get(one ?? '')).toMatchObject({ seller: 'bo', condition: 'worn' });
    expect([found.landedMinor(one ?? ''), found.landedMinor(data.variants[0]?.id ?? ''), found.get('gone')]).toEqual([45, null, null]);
  });

  test('are told by the rows of whichever catalogue is asked for', () => {
    const found = new LowestPrices(lowest, catalogue);
    expect([...found.byRow(catalogue).slice(0, 4)]).toEqual([-1, 45, 120, -1]);
    expect([...found.byRow(later).slice(0, 3)]).toEqual([45, 120, -1]);
  });
});

describe('an answer that speaks of rows', () => {
  test('is taken only beside the catalogue it speaks of; what was known serves meanwhile', () => {
    const first = { catalogue: 'a', rows: [1, 2], quantities: [3, 4], donorRows: [], donorQuantities: [], donorNames: [] };
    expect(rememberOwned(first, 'b', later)).toBeNull();
    expect(rememberPrices(prices('a'), 'b', later)).toBeNull();
    const owned = rememberOwned(first, 'a', catalogue);
    expect([owned?.get(one ?? ''), owned?.get(two ?? ''), owned?.get('gone'), owned?.variants()]).toEqual([3, 4, 0, [one, two]]);
    expect(rememberOwned(first, 'b', later)).toBe(owned);
    expect([...(owned?.byRow(catalogue).slice(0, 4) ?? [])]).toEqual([0, 3, 4, 0]);
    expect([...(owned?.byRow(later).slice(0, 3) ?? [])]).toEqual([3, 4, 0]);
    expect(
      rememberOwned({ catalogue: 'b', rows: [0], quantities: [9], donorRows: [], donorQuantities: [], donorNames: [] }, 'b', later)?.get(
        one ?? '',
      ),
    ).toBe(9);
    const known = rememberPrices(prices('a'), 'a', catalogue);
    expect(rememberPrices(prices('a'), 'b', later)?.landedMinor(one ?? '')).toBe(45);
    expect(rememberPrices(prices('b'), 'b', later)).not.toBe(known);
  });
});
