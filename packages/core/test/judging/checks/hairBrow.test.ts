import { describe, expect, test } from '@jest/globals';
import { hairBrow } from '../../../src/judging/checks/skin/hairBrow.js';
import { hexDifference } from '../../../src/colour/colour.js';
import { seen, supplyOf } from '../../fixture.js';

describe('hair.brow', () => {
  test('hair in the colour of the brows is fine', () => {
    expect(hairBrow(seen('head HD-1·light·face, headgear HA-1·black'))).toEqual([]);
  });

  test('brown hair over black brows shows, with the difference in figures and the same mould in black', () => {
    const [mark] = hairBrow(seen('head HD-1·light·face, headgear HA-1·brown', {}, supplyOf([], { 'HA-1·black': 40 })));
    const deltaE = hexDifference('#7B4A32', '#17181C');
    expect(deltaE).toBeGreaterThan(15);
    expect(mark?.sentence).toBe('The hair in brown is far from the black brows.');
    expect(mark?.why).toBe(`The colours differ by ${deltaE.toFixed(1)}; up to 15 passes for a match.`);
    expect(mark?.proposals()[0]?.label).toBe('Put on Crop in black');
  });

  test('a fringe that hides the brows settles it', () => {
    expect(hairBrow(seen('head HD-1·light·face, headgear HA-3·brown'))).toEqual([]);
  });

  test('a hat is not hair', () => {
    expect(hairBrow(seen('head HD-1·light·face, headgear HT-1·red'))).toEqual([]);
  });

  test('a turned head is judged by the brows that are in front then', () => {
    expect(hairBrow(seen('head HD-1·light·two-faced!, headgear HA-2·brown'))).toEqual([]);
    expect(hairBrow(seen('head HD-1·light·two-faced, headgear HA-2·brown'))).toHaveLength(1);
  });
});
