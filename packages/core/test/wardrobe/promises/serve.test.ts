import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type Claim, type Pin, serve, type ServingRun } from '../../../src/wardrobe/index.js';

const run = (id: number, more: Partial<ServingRun> = {}): ServingRun => ({
  id,
  lot: id,
  place: `place ${id}`,
  quantity: 1,
  reach: 'loose',
  figure: null,
  condition: 'used',
  isFlawed: false,
  holes: 0,
  ...more,
});
const claim = (figure: string, more: Partial<Claim> = {}): Claim => ({
  id: `${figure} ${more.spot ?? 'hat'}`,
  figures: [figure],
  spot: 'hat',
  quantity: 1,
  takes: 'unflawed',
  order: figure,
  ...more,
});
/** "ada ← 1" for every run that serves a figure. */
const told = (claims: readonly Claim[], runs: readonly ServingRun[], pins: readonly Pin[] = []): readonly string[] =>
  serve(claims, runs, pins).given.map((row) => `${row.claim.figures.join('+')} ← ${row.quantity} of ${row.run.id}`);

describe('who gets a piece', () => {
  test('the one that stands first in line', () => {
    expect(told([claim('b'), claim('a')], [run(1)])).toEqual(['a ← 1 of 1']);
  });

  test('loose pieces go before sealed ones and those on their way, and these before a donor’s', () => {
    const runs = [run(1, { reach: 'donor' }), run(2, { reach: 'coming' }), run(3, { reach: 'sealed' }), run(4)];
    expect(
      told(
        ['a', 'b', 'c', 'd'].map((name) => claim(name)),
        runs,
      ),
    ).toEqual(['a ← 1 of 4', 'b ← 1 of 2', 'c ← 1 of 3', 'd ← 1 of 1']);
  });

  test('of two donors the one that lacks something already is taken from', () => {
    const runs = [run(1, { reach: 'donor' }), run(2, { reach: 'donor', holes: 2 })];
    expect(told([claim('a')], runs)).toEqual(['a ← 1 of 2']);
  });

  test('of equals the worst the spot allows: a cracked one where nobody sees it, never where it shows', () => {
    const runs = [run(1, { condition: 'new' }), run(2, { isFlawed: true }), run(3)];
    expect(told([claim('a', { takes: 'anything' })], runs)).toEqual(['a ← 1 of 2']);
    expect(told([claim('a')], runs)).toEqual(['a ← 1 of 3']);
    expect(told([claim('a', { takes: 'new' })], runs)).toEqual(['a ← 1 of 1']);
    expect(told([claim('a')], [run(2, { isFlawed: true })])).toEqual([]);
  });

  test('what is built in stays, also where its figure stands last in line', () => {
    expect(told([claim('a'), claim('z')], [run(1, { reach: 'built', figure: 'z' })])).toEqual(['z ← 1 of 1']);
    // Nobody else is given what a figure holds and does not want any more.
    expect(told([claim('a')], [run(1, { reach: 'built', figure: 'z' })])).toEqual([]);
  });

  test('a pinned piece goes where it is pinned, flawed or not, and is kept while it is not wanted', () => {
    const pins = [{ lot: 1, figure: 'z', quantity: 1 }];
    expect(told([claim('a'), claim('z')], [run(1, { isFlawed: true }), run(2)], pins)).toEqual(['z ← 1 of 1', 'a ← 1 of 2']);
    const kept = serve([claim('a')], [run(1)], pins);
    expect([kept.given, kept.free.get(1)]).toEqual([[], 0]);
  });

  test('what was ordered for a figure waits for it while it is on its way, and goes by the line once it is here or is not wanted', () => {
    const pins: readonly Pin[] = [{ lot: 1, figure: 'b', quantity: 1, isOrdered: true }];
    expect(told([claim('a'), claim('b')], [run(1, { reach: 'coming' })], pins)).toEqual(['b ← 1 of 1']);
    expect(told([claim('a'), claim('b')], [run(1)], pins)).toEqual(['a ← 1 of 1']);
    expect(told([claim('a')], [run(1, { reach: 'coming' })], pins)).toEqual(['a ← 1 of 1']);
  });

  test('one figure that wants two alike hands takes both of a run', () => {
    const hands = [claim('a', { spot: 'hand.L' }), claim('a', { spot: 'hand.R' })];
    expect(told(hands, [run(1, { quantity: 3 })])).toEqual(['a ← 1 of 1', 'a ← 1 of 1']);
    expect(serve(hands, [run(1, { quantity: 3 })]).free.get(1)).toBe(1);
  });

  test('figures of one order never take each other’s only piece for nothing', () => {
    // Both could have the new one; only one of them can have the used one too.
    const claims = [claim('a', { order: '1' }), claim('b', { order: '1', takes: 'new' })];
    expect([...told(claims, [run(1, { condition: 'new' }), run(2)])].sort()).toEqual(['a ← 1 of 2', 'b ← 1 of 1']);
  });
});

const WEIGHTS = { built: 0, loose: 1, sealed: 2, coming: 2, donor: 3, whole: 4 } as const;
const GRADES = { worn: 1, used: 2, new: 3 } as const;
const gradeOf = (row: ServingRun): number => (row.isFlawed ? 0 : GRADES[row.condition]);
const fits = (row: Claim, piece: ServingRun): boolean =>
  row.takes === 'anything' || (row.takes === 'unflawed' ? gradeOf(piece) > 0 : gradeOf(piece) === 3);
const costOf = (piece: ServingRun): number => WEIGHTS[piece.reach] * 1e6 + (9 - piece.holes) * 1e3 + gradeOf(piece);

/** For each order, first to last: how many of its claims stay unserved, and what the others cost together. */
function outcome(claims: readonly Claim[], taken: readonly (ServingRun | null)[]): readonly number[] {
  const orders = [...new Set(claims.map((row) => row.order))].sort();
  return orders.flatMap((order) => {
    const own = claims.flatMap((row, i) => (row.order === order ? [taken[i] ?? null] : []));
    return [own.filter((piece) => piece === null).length, own.reduce((all, piece) => all + (piece ? costOf(piece) : 0), 0)];
  });
}
const less = (a: readonly number[], b: readonly number[]): boolean => {
  const i = a.findIndex((value, k) => value !== b[k]);
  return i >= 0 && (a[i] ?? 0) < (b[i] ?? 0);
};

/** Every way to serve single claims from single pieces, the best outcome by order. */
function bruteForce(claims: readonly Claim[], pieces: readonly ServingRun[]): readonly number[] {
  let best: readonly number[] | null = null;
  const taken: (ServingRun | null)[] = [];
  const used = new Set<ServingRun>();
  const go = (i: number): void => {
    const row = claims[i];
    if (!row) {
      const own = outcome(claims, taken);
      if (!best || less(own, best)) best = own;
      return;
    }
    for (const piece of [null, ...pieces]) {
      if (piece && (used.has(piece) || !fits(row, piece))) continue;
      if (piece) used.add(piece);
      taken[i] = piece;
      go(i + 1);
      if (piece) used.delete(piece);
    }
  };
  go(0);
  return best ?? [];
}

describe('on small cases', () => {
  const someRun = fc.record({
    reach: fc.constantFrom('loose' as const, 'sealed' as const, 'donor' as const),
    condition: fc.constantFrom('new' as const, 'used' as const, 'worn' as const),
    isFlawed: fc.boolean(),
    holes: fc.nat(2),
    quantity: fc.integer({ min: 1, max: 2 }),
  });
  const someClaim = fc.record({
    takes: fc.constantFrom('anything' as const, 'unflawed' as const, 'new' as const),
    order: fc.constantFrom('1', '2'),
  });

  test('no other way to serve is better for the first in line, then for the next', () => {
    fc.assert(
      fc.property(fc.array(someClaim, { minLength: 1, maxLength: 4 }), fc.array(someRun, { maxLength: 3 }), (wants, stock) => {
        const claims = wants.map((row, i) => claim(`figure ${i}`, row));
        const runs = stock.map((row, i) => run(i, row));
        const pieces = runs.flatMap((row) => Array.from({ length: row.quantity }, () => ({ ...row })));
        const { given, free } = serve(claims, runs);
        for (const row of given) expect(fits(row.claim, row.run)).toBe(true);
        const taken = claims.map((row) => given.find((part) => part.claim === row)?.run ?? null);
        expect(outcome(claims, taken)).toEqual(bruteForce(claims, pieces));
        for (const row of runs) {
          const gone = given.filter((part) => part.run === row).reduce((all, part) => all + part.quantity, 0);
          expect(gone + (free.get(row.id) ?? 0)).toBe(row.quantity);
        }
      }),
      { numRuns: 400 },
    );
  });
});
