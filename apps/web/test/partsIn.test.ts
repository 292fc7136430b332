import { describe, expect, test } from '@jest/globals';
import { Catalogue, mainColourOf, POSITIONS, type Raster, shelfOf, type Supply } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import fc from 'fast-check';
import { coloursOfPicture, partsIn } from '../src/features/brief/pictures/partsIn';

const { catalogue: data } = demoWorld();
const catalogue = new Catalogue(data);
const hexOf = (id: string): readonly [number, number, number] => {
  const hex = data.colours.find((colour) => colour.id === id)?.hex ?? '#000000';
  return [1, 3, 5].map((at) => parseInt(hex.slice(at, at + 2), 16)) as [number, number, number];
};
/** A picture of vertical bands, each as wide as its share says. */
function bands(shares: readonly (readonly [colour: string, share: number])[]): Raster {
  const [width, height] = [140, 140];
  const pixels = new Uint8ClampedArray(width * height * 4);
  let from = 0;
  for (const [colour, share] of shares) {
    const to = Math.min(width, Math.round(from + share * width));
    for (let y = 0; y < height; y += 1)
      for (let x = Math.round(from); x < to; x += 1) pixels.set([...hexOf(colour), 255], (y * width + x) * 4);
    from += share * width;
  }
  return { width, height, data: pixels } as unknown as Raster;
}
const NONE: Supply = { currency: 'EUR', owned: () => 0, landedMinor: () => null, donor: () => null } as unknown as Supply;

describe('the colours of a picture', () => {
  test('are those it shows most, the most first; a thin line is a detail', () => {
    const cloth = data.colours.filter(({ kind, finish }) => kind === 'cloth' && finish === 'solid');
    const has = (id: string): boolean => cloth.some((colour) => colour.id === id);
    expect(['woad', 'madder', 'moss'].every(has)).toBe(true);
    const found = coloursOfPicture(
      bands([
        ['madder', 0.3],
        ['woad', 0.5],
        ['moss', 0.2],
      ]),
      catalogue,
    );
    expect(found.slice(0, 3)).toEqual(['woad', 'madder', 'moss']);
  });

  test('are at most five, and each is of the palette', () => {
    const some = fc.uniqueArray(fc.constantFrom(...data.colours.filter(({ finish }) => finish === 'solid').map(({ id }) => id)), {
      minLength: 1,
      maxLength: 8,
    });
    fc.assert(
      fc.property(some, (colours) => {
        const found = coloursOfPicture(bands(colours.map((colour) => [colour, 1 / colours.length])), catalogue);
        expect(found.length).toBeLessThanOrEqual(5);
        expect(new Set(found).size).toBe(found.length);
        for (const id of found) expect(data.colours.some((colour) => colour.id === id)).toBe(true);
      }),
      { numRuns: 20 },
    );
  });
});

describe('the parts that were made in some colours', () => {
  test('stand from the head down, of each mould one in a colour, none that was never made', () => {
    fc.assert(
      fc.property(fc.uniqueArray(fc.constantFrom(...data.colours.map(({ id }) => id)), { minLength: 1, maxLength: 3 }), (colours) => {
        const rows = partsIn(colours, catalogue, NONE);
        const at = rows.map(({ position }) => POSITIONS.indexOf(position));
        expect(at).toEqual([...at].sort((a, b) => a - b));
        for (const { position, parts, total } of rows) {
          expect(parts.length).toBeLessThanOrEqual(Math.min(4, total));
          expect(new Set(parts.map(({ mould, colours: [first] }) => `${mould} ${first}`)).size).toBe(parts.length);
          for (const part of parts) {
            expect(colours).toContain(mainColourOf(part, catalogue).id);
            expect(part.made).toBeDefined();
            expect(shelfOf(catalogue.mouldOf(part).fills[0]?.[0] ?? 'beside')).toBe(position);
          }
        }
      }),
    );
  });

  test('what is owned comes before what is cheap, and the first colour before both', () => {
    const [plain] = partsIn(['woad'], catalogue, NONE).filter(({ parts }) => parts.length > 1);
    const second = plain?.parts[1];
    if (!plain || !second) throw new Error('several parts are made in woad');
    const owning: Supply = { ...NONE, owned: (variant) => (variant === second.id ? 1 : 0) };
    expect(partsIn(['woad'], catalogue, owning).find(({ position }) => position === plain.position)?.parts[0]).toBe(second);
    const pricing: Supply = { ...NONE, landedMinor: (variant) => (variant === second.id ? 5 : 90) };
    expect(partsIn(['woad'], catalogue, pricing).find(({ position }) => position === plain.position)?.parts[0]).toBe(second);
    const both = partsIn(['madder', 'woad'], catalogue, owning).filter(({ parts }) =>
      parts.some((part) => mainColourOf(part, catalogue).id === 'madder'),
    );
    expect(both.length).toBeGreaterThan(2);
    for (const { parts } of both) expect(parts[0] && mainColourOf(parts[0], catalogue).id).toBe('madder');
  });
});
