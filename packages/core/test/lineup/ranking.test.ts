import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { normal, type PairChoice, rankingOf, readChoice, strengthsOf } from '../../src/lineup/index.js';
import { seededRandom } from '../../src/kernel/index.js';

const times = (n: number, first: string, second: string, outcome: PairChoice['outcome']): PairChoice[] =>
  Array.from({ length: n }, () => ({ first, second, outcome }));

describe('strengths of figures by pairs', () => {
  test('three to one, hardly any prior: they differ by ln 3', () => {
    const { theta } = strengthsOf(['a', 'b'], [...times(3, 'a', 'b', 'first'), ...times(1, 'b', 'a', 'first')], 1000);
    expect((theta[0] ?? 0) - (theta[1] ?? 0)).toBeCloseTo(Math.log(3), 4);
  });

  test('the prior holds them in: with a deviation of 1, the difference d solves 3 − 4/(1 + e^−d) = d/2, which is 0.684', () => {
    const { theta } = strengthsOf(['a', 'b'], [...times(3, 'a', 'b', 'first'), ...times(1, 'a', 'b', 'second')], 1);
    const d = (theta[0] ?? 0) - (theta[1] ?? 0);
    expect(d).toBeCloseTo(0.684, 3);
    expect(3 - 4 / (1 + Math.exp(-d))).toBeCloseTo(d / 2, 6);
    expect(theta[0]).toBeCloseTo(d / 2, 6);
  });

  test('the standard error of two after four even choices: information 1/σ² + 4·¼ along the difference', () => {
    // Along (1, −1)/√2 the information is 1/σ² + 2·1 = 3, across it 1: the variance of one strength is (1/3 + 1)/2 = 2/3.
    const { covariance } = strengthsOf(['a', 'b'], [...times(2, 'a', 'b', 'first'), ...times(2, 'a', 'b', 'second')], 1);
    expect(covariance[0]).toBeCloseTo(2 / 3, 6);
    expect(covariance[1]).toBeCloseTo((1 - 1 / 3) / 2, 6);
  });

  test('a figure that always wins has a finite strength; one never compared stands in the middle', () => {
    const { theta } = strengthsOf(['a', 'b', 'c'], times(50, 'a', 'b', 'first'));
    expect(theta[0]).toBeGreaterThan(0);
    expect(theta[0]).toBeLessThan(10);
    expect(theta[2]).toBeCloseTo(0, 6);
  });

  test('ties draw together and are reckoned as half a win each', () => {
    const apart = strengthsOf(['a', 'b'], times(4, 'a', 'b', 'first')).theta;
    const nearer = strengthsOf(['a', 'b'], [...times(4, 'a', 'b', 'first'), ...times(8, 'a', 'b', 'tie')]);
    expect((nearer.theta[0] ?? 0) - (nearer.theta[1] ?? 0)).toBeLessThan((apart[0] ?? 0) - (apart[1] ?? 0));
    expect(nearer.tie).toBeGreaterThan(0);
    expect(strengthsOf(['a', 'b'], times(5, 'a', 'b', 'tie')).theta[0]).toBeCloseTo(0, 6);
  });

  test('one tie and nothing else: ν solves ν = 1.5 / (1/(2 + ν) + 1), which is 1.1375', () => {
    const { tie } = strengthsOf(['a', 'b'], times(1, 'a', 'b', 'tie'));
    expect(tie).toBeCloseTo((Math.sqrt(14.25) - 1.5) / 2, 4);
    expect(tie).toBeCloseTo(1.1375, 3);
  });

  test('the maximum is a maximum: the posterior falls whichever strength is moved', () => {
    const someChoice = fc.record({
      first: fc.constantFrom('a', 'b', 'c', 'd'),
      second: fc.constantFrom('a', 'b', 'c', 'd'),
      outcome: fc.constantFrom('first', 'second', 'tie', 'skip') as fc.Arbitrary<PairChoice['outcome']>,
    });
    fc.assert(
      fc.property(
        fc.array(someChoice, { maxLength: 30 }),
        fc.integer({ min: 0, max: 3 }),
        fc.constantFrom(0.05, -0.05),
        (choices, at, by) => {
          const items = ['a', 'b', 'c', 'd'];
          const { theta, tie } = strengthsOf(items, choices, 1);
          const posterior = (strength: Float64Array): number =>
            choices.reduce((all, { first, second, outcome }) => {
              if (first === second || outcome === 'skip') return all;
              const [a, b] = [Math.exp(strength[items.indexOf(first)] ?? 0), Math.exp(strength[items.indexOf(second)] ?? 0)];
              const even = tie * Math.sqrt(a * b);
              const said = outcome === 'first' ? a : outcome === 'second' ? b : even;
              return all + Math.log(said / (a + b + even));
            }, 0) - strength.reduce((all, own) => all + (own * own) / 2, 0);
          const moved = theta.slice();
          moved[at] = (moved[at] ?? 0) + by;
          expect(posterior(moved)).toBeLessThan(posterior(theta) + 1e-9);
        },
      ),
    );
  });
});

describe('a ranking', () => {
  test('recovers a known order from seeded choices, asking only for the pair that tells most', () => {
    const items = ['a', 'b', 'c', 'd', 'e', 'f'];
    const truth = new Map(items.map((id, i) => [id, 4 - 1.6 * i]));
    const draw = seededRandom(7);
    const choices: PairChoice[] = [];
    for (let i = 0; i < 120; i += 1) {
      const pair = rankingOf(items, choices).next;
      if (!pair) throw new RangeError('there is always a next pair');
      const [first, second] = pair;
      const wins = draw() < 1 / (1 + Math.exp((truth.get(second) ?? 0) - (truth.get(first) ?? 0)));
      choices.push({ first, second, outcome: wins ? 'first' : 'second' });
    }
    const { ranked, words } = rankingOf(items, choices);
    expect(ranked.map(({ id }) => id)).toEqual(items);
    expect(words).toMatch(/sure/);
  });

  test('asks first about figures nobody has compared, and not at once about the same two, nor about those that were skipped', () => {
    const { next } = rankingOf(['a', 'b', 'c'], times(3, 'a', 'b', 'first'));
    expect(next).toContain('c');
    expect(rankingOf(['a', 'b', 'c'], times(1, 'a', 'b', 'skip')).next).not.toEqual(['a', 'b']);
    expect(rankingOf(['a'], []).next).toBeNull();
  });

  test('of many pairs, the next one shrinks the uncertainty most: trying every pair agrees', () => {
    const items = ['a', 'b', 'c', 'd'];
    const choices = [...times(2, 'a', 'b', 'first'), ...times(1, 'b', 'c', 'first'), ...times(1, 'd', 'a', 'first')];
    const strengths = strengthsOf(items, choices);
    const before = determinant(strengths.covariance, 4);
    let best = { pair: ['', ''], shrinks: 0 };
    for (let a = 0; a < 4; a += 1)
      for (let b = a + 1; b < 4; b += 1) {
        const [x, y] = [Math.exp(strengths.theta[a] ?? 0), Math.exp(strengths.theta[b] ?? 0)];
        const told = (x / (x + y)) * (y / (x + y));
        // Information plus told·ddᵀ, inverted by Sherman and Morrison.
        const column = (i: number): number => (strengths.covariance[i * 4 + a] ?? 0) - (strengths.covariance[i * 4 + b] ?? 0);
        const along = column(a) - column(b);
        const after = strengths.covariance.map((v, k) => v - (told * column(Math.floor(k / 4)) * column(k % 4)) / (1 + told * along));
        const shrinks = before / determinant(after, 4);
        const isLast = a === 0 && b === 3;
        if (!isLast && shrinks > best.shrinks) best = { pair: [items[a] ?? '', items[b] ?? ''], shrinks };
      }
    expect(rankingOf(items, choices).next).toEqual(best.pair);
  });

  test('says how sure it is', () => {
    expect(rankingOf(['a', 'b'], []).words).toBe('Nobody has chosen yet: this is the opening order.');
    expect(rankingOf(['a', 'b'], times(30, 'a', 'b', 'first')).words).toBe('The order is sure.');
    expect(rankingOf(['a', 'b', 'c'], [...times(30, 'a', 'b', 'first'), ...times(30, 'a', 'c', 'first')]).words).toBe(
      'The first place is sure; the rest may still change.',
    );
    expect(rankingOf(['a', 'b'], times(1, 'a', 'b', 'first')).words).toBe('The order may still change everywhere.');
    expect(normal(1.96)).toBeCloseTo(0.975, 4);
    expect(normal(-1)).toBeCloseTo(0.1587, 4);
  });

  test('a row of a file is a choice by names, or says what is wrong with it', () => {
    const idOf = (name: string): string | null => ({ Ada: 'a', Bo: 'b' })[name.trim()] ?? null;
    const row = (chosen: string, second = 'Bo') => readChoice({ who: ' Kim ', first: 'Ada', second, chosen }, idOf);
    expect(row('Bo')).toEqual({ choice: { who: 'Kim', first: 'a', second: 'b', outcome: 'second' } });
    expect(row('tie')).toMatchObject({ choice: { outcome: 'tie' } });
    expect(row('nobody')).toMatchObject({ field: 'chosen' });
    expect(row('tie', 'Cy')).toMatchObject({ field: 'second', reason: 'Nobody here is called “Cy”.' });
    expect(row('tie', 'Ada')).toMatchObject({ field: 'second' });
  });
});

function determinant(matrix: Float64Array, n: number): number {
  const m = matrix.slice();
  let product = 1;
  for (let k = 0; k < n; k += 1) {
    product *= m[k * n + k] ?? 0;
    for (let i = k + 1; i < n; i += 1) {
      const f = (m[i * n + k] ?? 0) / (m[k * n + k] ?? 1);
      for (let j = k; j < n; j += 1) m[i * n + j] = (m[i * n + j] ?? 0) - f * (m[k * n + j] ?? 0);
    }
  }
  return product;
}
