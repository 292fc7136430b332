import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { hexDifference, nearestPalette, samplePatch, type Raster } from '../../src/index.js';
import { CATALOGUE } from '../fixture.js';

/** A picture from a function of its pixels. */
function picture(width: number, height: number, colour: (x: number, y: number) => readonly number[]): Raster {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let y = 0; y < height; y += 1) for (let x = 0; x < width; x += 1) data.set([...colour(x, y), 255].slice(0, 4), (y * width + x) * 4);
  return { width, height, data };
}

describe('a sampled patch', () => {
  test('of one colour is that colour, with no spread', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 255 }), fc.integer({ min: 0, max: 255 }), fc.integer({ min: 0, max: 255 }), (r, g, b) => {
        const patch = samplePatch(
          picture(20, 20, () => [r, g, b]),
          10,
          10,
          6,
        );
        const hex = `#${[r, g, b].map((c) => c.toString(16).padStart(2, '0')).join('')}`.toUpperCase();
        expect(patch).toMatchObject({ hex, mixed: false });
        expect(patch?.spread).toBeCloseTo(0, 6);
      }),
    );
  });

  test('half black and half white averages in linear light: #BCBCBC, not #808080', () => {
    const patch = samplePatch(
      picture(40, 40, (x) => (x < 20 ? [0, 0, 0] : [255, 255, 255])),
      19.5,
      19.5,
      12,
    );
    expect(patch?.hex).toBe('#BCBCBC');
    expect(patch?.mixed).toBe(true);
  });

  test('counts the pixels within the disc alone', () => {
    const ring = picture(30, 30, (x, y) => (Math.hypot(x - 15, y - 15) <= 5 ? [200, 30, 30] : [0, 0, 255]));
    expect(samplePatch(ring, 15, 15, 5)?.hex).toBe('#C81E1E');
    expect(samplePatch(ring, 15, 15, 2)?.pixels).toBe(13);
  });

  test('a patch is one colour up to ΔE 15', () => {
    const two = (b: number) =>
      samplePatch(
        picture(20, 20, (x) => (x % 2 ? [120, 120, 120] : [b, b, b])),
        9.5,
        9.5,
        8,
      );
    expect(two(140)?.mixed).toBe(false);
    expect(two(230)?.mixed).toBe(true);
  });

  test('see-through pixels and the world beyond the edge count nothing', () => {
    const clear = picture(10, 10, () => [9, 9, 9, 0]);
    expect(samplePatch(clear, 5, 5, 3)).toBeNull();
    expect(
      samplePatch(
        picture(10, 10, () => [9, 9, 9]),
        -50,
        -50,
        3,
      ),
    ).toBeNull();
    expect(
      samplePatch(
        picture(10, 10, () => [9, 9, 9]),
        0,
        0,
        3,
      )?.pixels,
    ).toBeLessThan(13);
  });

  test('a disc of any size is sampled at a bounded cost, with the same mean', () => {
    const big = picture(600, 600, (x, y) => [(x * 7) % 256, (y * 5) % 256, 90]);
    const patch = samplePatch(big, 300, 300, 290);
    expect(patch?.pixels).toBeLessThan(6000);
  });
});

describe('the nearest palette colours', () => {
  test('come with ΔE, its reading, and whether the moulds in play exist in them', () => {
    const [first, second] = nearestPalette('#A9333B', [CATALOGUE.mould('HA-2')], CATALOGUE, { most: 2 });
    expect([first?.colour.id, second?.colour.id]).toEqual(['red', 'crimson']);
    expect(first?.deltaE).toBeCloseTo(hexDifference('#A9333B', '#A8323A'), 9);
    expect(first?.reading).toBe('same to the eye');
    expect(first?.moulds.map((row) => [row.mould.number, row.existence])).toEqual([['HA-2', 'imagined']]);
  });

  test('skins are offered for what is bare alone', () => {
    const [bare] = nearestPalette('#E6B98F', [], CATALOGUE);
    const [dressed] = nearestPalette('#E6B98F', [], CATALOGUE, { skins: false });
    expect([bare?.colour.id, dressed?.colour.kind === 'skin']).toEqual(['light', false]);
  });
});
