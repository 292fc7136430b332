import { describe, expect, test } from '@jest/globals';
import { printSides } from '../../../src/judging/checks/print/printSides.js';
import { seen } from '../../fixture.js';

describe('print.sides', () => {
  test('a print on the front alone shows from the side, with legs that go all round', () => {
    const [mark] = printSides(seen('hips LG-1·brown·front-checks'));
    expect(mark?.sentence).toBe(
      'The checks on Standard legs is on the front alone: from the side it stays brown, far from the yellow in front.',
    );
    expect(mark?.proposals().every((remedy) => !remedy.label.includes('front-checks'))).toBe(true);
    expect(mark?.proposals().length).toBeGreaterThan(2);
  });

  test('a print that goes round does not', () => {
    expect(printSides(seen('hips LG-1·brown·round-checks'))).toEqual([]);
  });

  test('a patch of one zone may stand on the front', () => {
    expect(printSides(seen('hips LG-1·brown·patched'))).toEqual([]);
  });
});
