import { describe, expect, test } from '@jest/globals';
import { explode, sourcesByVariant, type CatalogueData, type Source, type Yield } from '../../src/index.js';
import { yieldCycle } from '../../src/catalogue/sources.js';
import { DATA } from '../fixture.js';

const line = (kind: Yield['kind'], item: string, quantity = 1, certainty: Yield['certainty'] = 'sure'): Yield => ({
  kind,
  item,
  quantity,
  certainty,
});
const source = (id: string, ...yields: Yield[]): Source => ({ id, name: id, kind: 'boxed set', range: '', year: 2020, yields });
const head = 'HD-1·light·reader';

/** A box of three bags; each bag holds the figure S-1-a, perhaps, and a pair of arms in a bundle. */
const BAG = source('BAG', line('figure', 'S-1-a', 1, 'think so'), line('bundle', 'PAIR'));
const BOX = source('BOX', line('source', 'BAG', 3), line('variant', 'AR-1·red', 2));
const world: CatalogueData = {
  ...DATA,
  sources: [BAG, BOX],
  bundles: [{ id: 'PAIR', name: 'Pair of arms', parts: [{ variant: 'AR-1·red', quantity: 2 }] }],
};

describe('taking a source to pieces', () => {
  test('multiplies down to single variants, no surer than the least sure step', () => {
    const pieces = new Map(explode(BOX, world).map((row) => [row.variant, row]));
    expect(pieces.get(head)).toEqual({ variant: head, quantity: 3, certainty: 'think so' });
    expect(pieces.get('AR-1·red')).toEqual({ variant: 'AR-1·red', quantity: 3 * 2 + 2, certainty: 'sure' });
  });

  test('says for each variant which sources it is in', () => {
    expect(
      sourcesByVariant(world)
        .get(head)
        ?.map((row) => row.source.id),
    ).toEqual(['BAG', 'BOX']);
    expect(sourcesByVariant(world).get('LG-1·red')).toBeUndefined();
  });

  test('refuses a circle rather than run for ever', () => {
    const [a, b] = [source('A', line('source', 'B')), source('B', line('source', 'A'))];
    expect(() => explode(a, { ...world, sources: [a, b] })).toThrow('A yields itself');
  });
});

describe('circles of sources', () => {
  test.each<[string, readonly Source[], readonly string[] | null]>([
    ['none', [BAG, BOX], null],
    ['of one', [source('A', line('source', 'A'))], ['A', 'A']],
    [
      'of three, reached from outside',
      [
        source('X', line('source', 'A')),
        source('A', line('source', 'B')),
        source('B', line('source', 'C')),
        source('C', line('source', 'A')),
      ],
      ['A', 'B', 'C', 'A'],
    ],
    [
      'none where two ways meet',
      [
        source('A', line('source', 'B'), line('source', 'C')),
        source('B', line('source', 'D')),
        source('C', line('source', 'D')),
        source('D'),
      ],
      null,
    ],
  ])('%s', (_, sources, cycle) => {
    expect(yieldCycle(sources)).toEqual(cycle);
  });
});
