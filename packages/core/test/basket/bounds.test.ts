import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { fillKnapsack } from '../../src/basket/bound/knapsack.js';
import { lagrangianBound, openingLosses, sellersRuledOut } from '../../src/basket/bound/lagrangian.js';
import { SellerBound } from '../../src/basket/bound/sellerBound.js';
import { dutyOn, postageFor } from '../../src/basket/problem/plan.js';
import { NO_RULES, type BasketProblem } from '../../src/basket/problem/problem.js';
import { reduceMarket } from '../../src/basket/reduce/market.js';
import { indexMarket } from '../../src/basket/reduce/marketIndex.js';
import { smallProblem } from './arbitrary.js';
import { bruteForce } from './bruteForce.js';

/** What a seller contributes at most for some multipliers, by trying every quantity. */
function bestByTrying(problem: BasketProblem, multipliers: ReadonlyMap<string, number>): number {
  const market = reduceMarket(problem);
  const [own] = market.sellers;
  if (!own) return 0;
  const offers = market.offersBySeller.get(own.id) ?? [];
  let best = 0;
  const walk = (i: number, goods: number, weight: number, value: ReadonlyMap<string, number>): void => {
    const usable = offers[i];
    if (!usable) {
      if (goods === 0 && value.size === 0) return;
      const postage = postageFor(own, weight, goods);
      if (postage === null || goods < own.minimumMinor) return;
      let worth = 0;
      for (const [variant, units] of value) worth += units * (multipliers.get(variant) ?? 0);
      best = Math.max(best, worth - goods - postage - own.handlingMinor - dutyOn(own, goods));
      return;
    }
    for (let quantity = 0; quantity <= usable.most; quantity += usable.offer.multiple) {
      const next = new Map(value);
      if (quantity > 0)
        for (const [variant, each] of usable.yields) next.set(variant, (next.get(variant) ?? 0) + each * Math.min(quantity, usable.useful));
      walk(i + 1, goods + quantity * usable.offer.priceMinor, weight + quantity * usable.item.weightG, next);
    }
  };
  walk(0, 0, 0, new Map());
  return best;
}

describe('the bound of one seller', () => {
  test('is never below what it could contribute, whatever units are worth', () => {
    fc.assert(
      fc.property(smallProblem, fc.array(fc.integer({ min: 0, max: 300 }), { minLength: 4, maxLength: 4 }), (problem, worths) => {
        const [first] = problem.sellers;
        const alone = {
          ...problem,
          rules: { ...NO_RULES, allowThirdParty: true, sellers: [first?.id ?? ''], resaleShare: problem.rules.resaleShare },
        };
        const index = indexMarket(reduceMarket(alone));
        const multipliers = new Map(['a', 'b', 'c', 'd'].map((variant, i) => [variant, worths[i] ?? 0]));
        const values = Float64Array.from(index.variants, (variant) => multipliers.get(variant) ?? 0);
        const contribution = (inWholeUnits: boolean): number =>
          index.market.sellers.length === 0
            ? 0
            : new SellerBound(index, 0, inWholeUnits).contribution(values, new Float64Array(index.variants.length));
        const best = bestByTrying(alone, multipliers);
        expect(contribution(true)).toBeGreaterThanOrEqual(best - 1e-6);
        expect(contribution(false)).toBeGreaterThanOrEqual(contribution(true) - 1e-6);
      }),
      { numRuns: 300 },
    );
  });
});

describe('a knapsack in whole units', () => {
  const fill = (capacity: number, things: readonly (readonly [weight: number, gain: number, most: number])[]) => {
    const taken = new Float64Array(things.length);
    const column = (k: 0 | 1 | 2): Float64Array => Float64Array.from(things, (thing) => thing[k]);
    const gain = fillKnapsack(capacity, column(0), (i) => things[i]?.[1] ?? 0, column(2), taken);
    return { gain, taken: [...taken] };
  };

  test('takes two smaller things for one that gains more by its weight', () => {
    expect(
      fill(10, [
        [6, 7, 1],
        [5, 5, 2],
      ]),
    ).toEqual({ gain: 10, taken: [0, 2] });
  });

  test('what weighs nothing is taken, what gains nothing is not', () => {
    expect(
      fill(3, [
        [0, 2, 4],
        [1, 0, 9],
        [1, -5, 9],
      ]),
    ).toEqual({ gain: 8, taken: [4, 0, 0] });
  });

  const thing = fc.tuple(fc.integer({ min: 0, max: 12 }), fc.integer({ min: -3, max: 20 }), fc.integer({ min: 0, max: 3 }));

  test('gains what trying every number of each would, and takes what gains it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), fc.array(thing, { maxLength: 5 }), (capacity, things) => {
        const best = (i: number, room: number): number => {
          const own = things[i];
          if (!own) return 0;
          const [weight, gain, most] = own;
          return Math.max(
            ...Array.from({ length: most + 1 }, (_, n) => (n * weight <= room ? n * gain + best(i + 1, room - n * weight) : -Infinity)),
          );
        };
        const { gain, taken } = fill(capacity, things);
        expect(gain).toBe(best(0, capacity));
        expect(things.reduce((all, own, i) => all + own[1] * (taken[i] ?? 0), 0)).toBe(gain);
        expect(things.reduce((all, own, i) => all + own[0] * (taken[i] ?? 0), 0)).toBeLessThanOrEqual(capacity);
      }),
      { numRuns: 400 },
    );
  });

  test('is never below the truth where weights have no common measure', () => {
    // 1,000,003 is prime: it is cut into a thousand cells, and a third of it and a little more counts as a third.
    const { gain } = fill(1_000_003, [
      [333_335, 10, 3],
      [7, 1, 1],
    ]);
    expect(gain).toBe(31);
  });
});

describe('sellers ruled out', () => {
  test('are in no plan that is better than the one known: without them the best is as good', () => {
    let ruledOut = 0;
    fc.assert(
      fc.property(smallProblem, fc.integer({ min: 1, max: 40 }), (problem, above) => {
        const price = { ...problem, rules: { ...problem.rules, fillFirst: false } };
        const least = bruteForce(price);
        if (!least) return;
        const index = indexMarket(reduceMarket(price));
        const start = new Float64Array(index.variants.length);
        const { multipliers } = lagrangianBound(index, { rounds: 60, bestMinor: least.costMinor, start, halt: () => false });
        const gone = sellersRuledOut(openingLosses(index, multipliers), least.costMinor + above);
        if (gone.size === 0) return;
        ruledOut += gone.size;
        const ids = new Set([...gone].map((s) => index.market.sellers[s]?.id));
        const without = { ...price, offers: price.offers.filter((offer) => !ids.has(offer.seller)) };
        expect(bruteForce(without)?.costMinor).toBe(least.costMinor);
      }),
      { numRuns: 250 },
    );
    expect(ruledOut).toBeGreaterThan(20);
  });
});
