import { describe, expect, test } from '@jest/globals';
import { Catalogue, explode, holdersOf } from '../../src/index.js';
import { demoWorld } from '@outfit/demo';

const catalogue = new Catalogue(demoWorld().catalogue);
const { data } = catalogue;

describe('what holds a part', () => {
  test('is every figure, bundle and source that has it, whoever is asked: the same as taking each of them to pieces', () => {
    for (const { id } of data.variants.filter((_, i) => i % 7 === 0)) {
      const slow = [
        ...data.officialFigures.filter((row) => row.parts.some((part) => part.variant === id)).map((row) => `figure ${row.id} true`),
        ...data.bundles.filter((row) => row.parts.some((part) => part.variant === id)).map((row) => `bundle ${row.id} true`),
        ...data.sources.flatMap((row) => {
          const pieces = explode(row, data).filter((piece) => piece.variant === id);
          return pieces.length === 0 ? [] : [`source ${row.id} ${pieces.some((piece) => piece.certainty === 'sure')}`];
        }),
      ];
      expect(holdersOf(id, catalogue).map((row) => `${row.kind} ${row.id} ${row.isSure}`)).toEqual(slow);
    }
  });

  test('a part nobody puts in anything is in nothing', () => expect(holdersOf('no such part', catalogue)).toEqual([]));
});
