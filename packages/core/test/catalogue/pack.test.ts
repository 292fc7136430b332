import { describe, expect, test } from '@jest/globals';
import { demoWorld } from '@outfit/demo';
import fc from 'fast-check';
import { type CatalogueData, packCatalogue, unpackCatalogue, type Variant, variantIdOf, VariantPacker } from '../../src/index.js';

const over = (variants: readonly Variant[]): CatalogueData => ({
  ...{ systems: [], colours: [], motifs: [], moulds: [], prints: [], bundles: [], sources: [], officialFigures: [] },
  variants,
});
const sent = (data: CatalogueData): CatalogueData => unpackCatalogue(JSON.parse(JSON.stringify(packCatalogue(data))));

const word = fc.stringMatching(/^[a-z+·]{1,4}$/);
const variant: fc.Arbitrary<Variant> = fc
  .record(
    {
      mould: word,
      colours: fc.array(word, { maxLength: 3 }),
      print: word,
      made: fc.record({ from: fc.integer({ min: 1, max: 9999 }), until: fc.integer({ min: 1, max: 9999 }) }),
      mergedInto: word,
      ownId: word,
    },
    { requiredKeys: ['mould', 'colours'] },
  )
  .map(({ ownId, ...rest }) => ({ id: ownId ?? variantIdOf(rest.mould, rest.colours, rest.print), ...rest }));

describe('a catalogue in columns', () => {
  test('is the same catalogue once it is taken out of them, whatever its variants are called', () => {
    fc.assert(
      fc.property(fc.array(variant, { maxLength: 12 }), (variants) => {
        expect(sent(over(variants))).toEqual(over(variants));
      }),
    );
  });

  test('is the demo catalogue, a good deal smaller', () => {
    const { catalogue } = demoWorld();
    expect(sent(catalogue)).toEqual(catalogue);
    const { variants } = packCatalogue(catalogue);
    expect(variants.others).toEqual([]);
    expect(JSON.stringify(variants).length).toBeLessThan(JSON.stringify(catalogue.variants).length / 4);
  });

  test('does not depend on how many are packed at a time', () => {
    const { catalogue } = demoWorld();
    const packer = new VariantPacker();
    for (let from = 0; from < catalogue.variants.length; from += 7) packer.add(catalogue.variants.slice(from, from + 7));
    expect(packer.pack()).toEqual(packCatalogue(catalogue).variants);
  });
});
