import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { addCheck, addChecks, bitsAt, emptySets } from '../../src/judging/candidates/checkSets.js';

const WORDS = 3;
const bits = fc.uniqueArray(fc.integer({ min: 0, max: WORDS * 32 - 1 }));

describe('sets of checks in a column', () => {
  test('hold any check of any number of checks, each set its own', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(bits, bits), { maxLength: 6 }), (rows) => {
        const sets = emptySets(rows.length, WORDS);
        for (const [place, twice] of rows.entries())
          for (const row of twice) {
            const added = emptySets(1, WORDS);
            for (const bit of row) addCheck(added, bit);
            addChecks(sets, place, added);
          }
        const both = rows.map(([one, other]) => [...new Set([...one, ...other])].sort((a, b) => a - b));
        expect(rows.map((_, place) => bitsAt(sets, place, WORDS))).toEqual(both);
      }),
    );
  });
});
