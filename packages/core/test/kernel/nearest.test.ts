import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { NearestNames } from '../../src/index.js';
import { editDistance } from '../../src/kernel/index.js';

const nearest = (typed: string, names: readonly string[], most?: number): string | null => new NearestNames(() => names, most).to(typed);

describe('the nearest name', () => {
  test('two swapped letters are one slip, and case is none', () => {
    expect(nearest('ha-118·ravne', ['HA-118·slate', 'HA-118·raven'])).toBe('HA-118·raven');
    expect(nearest('something else', ['HA-118·raven'])).toBeNull();
    expect(nearest('ravens', ['raven', 'ravel'])).toBe('raven');
  });

  test('is the one that comparing with every name finds', () => {
    const word = fc.string({ unit: fc.constantFrom('a', 'b', 'c', '-', '1'), maxLength: 7 });
    fc.assert(
      fc.property(word, fc.array(word, { maxLength: 12 }), (typed, names) => {
        const slips = names.map((name) => editDistance(typed, name, 3));
        const fewest = Math.min(...slips);
        expect(nearest(typed, names)).toBe(fewest <= 3 ? names[slips.indexOf(fewest)] : null);
      }),
    );
  });

  test('is looked for a few dozen times, and the names are read once', () => {
    let reads = 0;
    const names = new NearestNames(() => {
      reads += 1;
      return ['raven'];
    }, 2);
    expect([names.to('ravne'), names.to('rave'), names.to('raven')]).toEqual(['raven', 'raven', null]);
    expect(reads).toBe(1);
  });
});
