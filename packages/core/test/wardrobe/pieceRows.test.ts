import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type KnownRun, matchRuns, type StatedRun } from '../../src/wardrobe/index.js';

const run = (variant: string, quantity: number, place = 'drawer 1', note = ''): StatedRun => ({
  variant,
  quantity,
  condition: 'used',
  place,
  note,
});
const known = (id: number, of: StatedRun): KnownRun => ({ id, ...of });
const kinds = (stated: readonly StatedRun[], there: readonly KnownRun[]): readonly string[] =>
  matchRuns(stated, there).map((row) => row.kind);

describe('what a row of a file means for what is owned', () => {
  test('the very run again is the same; another count in its place takes its place', () => {
    const there = [known(1, run('arm', 3))];
    expect(kinds([run('arm', 3)], there)).toEqual(['same']);
    expect(matchRuns([run('arm', 4)], there)).toEqual([{ kind: 'replaces', known: there[0] }]);
    expect(kinds([run('arm', 3, 'drawer 1', 'one is cracked')], there)).toEqual(['replaces']);
  });

  test('a part nobody owned is new; one that lies elsewhere is added to', () => {
    const there = [known(1, run('arm', 3))];
    expect(kinds([run('hat', 1)], there)).toEqual(['new']);
    expect(kinds([run('arm', 2, 'drawer 2')], there)).toEqual(['adds to']);
  });

  test('two alike rows speak of two runs, not twice of one', () => {
    expect(kinds([run('arm', 3), run('arm', 3)], [known(1, run('arm', 3))])).toEqual(['same', 'adds to']);
    expect(kinds([run('arm', 3), run('arm', 2)], [known(1, run('arm', 2)), known(2, run('arm', 3))])).toEqual(['same', 'same']);
  });

  test('whatever is written down, read back in any order it is all the same', () => {
    const runs = fc.array(
      fc.record({
        variant: fc.constantFrom('arm', 'hat', 'leg'),
        quantity: fc.integer({ min: 1, max: 3 }),
        condition: fc.constantFrom('new', 'used'),
        place: fc.constantFrom('', 'drawer'),
        note: fc.constantFrom('', 'cracked'),
      }),
      { maxLength: 12 },
    );
    fc.assert(
      fc.property(runs, fc.infiniteStream(fc.nat()), (rows, order) => {
        const there = rows.map((row, i) => known(i, row));
        const turned = rows.map((row) => ({ row, at: order.next().value as number })).sort((a, b) => a.at - b.at);
        expect(
          matchRuns(
            turned.map(({ row }) => row),
            there,
          ).every((meaning) => meaning.kind === 'same'),
        ).toBe(true);
      }),
    );
  });
});
