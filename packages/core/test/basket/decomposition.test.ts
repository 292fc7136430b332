import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Ascent } from '../../src/basket/bound/ascent.js';
import { BoundTree } from '../../src/basket/bound/boundTree.js';
import { countsAt, countsOf, parcelAt } from '../../src/basket/bound/counts.js';
import { Decomposition } from '../../src/basket/bound/decomposition.js';
import { NeedChoice } from '../../src/basket/bound/needChoice.js';
import { emptyDecision, priceDecision } from '../../src/basket/decision/assemble.js';
import { buildModel } from '../../src/basket/model/basketModel.js';
import { solveExactly } from '../../src/basket/model/exact.js';
import type { BasketProblem } from '../../src/basket/problem/problem.js';
import { reduceMarket } from '../../src/basket/reduce/market.js';
import { indexMarket } from '../../src/basket/reduce/marketIndex.js';
import { marketStillOpen } from '../../src/basket/solve/stillOpen.js';
import { smallProblem } from './arbitrary.js';
import { bruteForce } from './bruteForce.js';

const byPrice = smallProblem.map((problem): BasketProblem => ({
  ...problem,
  rules: { ...problem.rules, standFirst: false, fillFirst: false },
}));
const never = { halt: () => false, onBound: () => undefined };
const climbed = (problem: BasketProblem, rounds = 60): Ascent => {
  const index = indexMarket(reduceMarket(problem));
  const ascent = Ascent.from(index, new Float64Array(index.variants.length));
  ascent.climb({ rounds, ...never });
  return ascent;
};

describe('the decomposition', () => {
  test('bounds the best plan from below, whatever its multipliers are', () => {
    let bounded = 0;
    fc.assert(
      fc.property(byPrice, fc.array(fc.integer({ min: 0, max: 200 }), { minLength: 1, maxLength: 40 }), (problem, drawn) => {
        const least = bruteForce(problem);
        if (!least) return;
        const index = indexMarket(reduceMarket(problem));
        const decomposition = new Decomposition(index, countsOf(index));
        const multipliers = Float64Array.from({ length: decomposition.size }, (_, i) => drawn[i % drawn.length] ?? 0);
        // What a parcel costs on top is only asked where the rules allow so many.
        if (problem.rules.maxParcels === null) multipliers[parcelAt(index)] = 0;
        expect(decomposition.evaluate(multipliers, new Float64Array(decomposition.size))).toBeLessThanOrEqual(least.costMinor + 1e-6);
        bounded += decomposition.counts.units.length > 0 ? 1 : 0;
      }),
      { numRuns: 300 },
    );
    expect(bounded).toBeGreaterThan(15);
  });

  test('climbing raises the bound, and splitting by a seller bounds plans with him and plans without', () => {
    fc.assert(
      fc.property(byPrice, fc.nat(), (problem, drawn) => {
        const least = bruteForce(problem);
        if (!least) return;
        const ascent = climbed(problem, 1);
        const before = ascent.boundMinor;
        ascent.climb({ rounds: 60, ...never });
        expect(ascent.boundMinor).toBeGreaterThanOrEqual(before);
        expect(ascent.boundMinor).toBeLessThanOrEqual(least.costMinor + 1e-6);
        const { sellers } = reduceMarket(problem);
        if (sellers.length === 0) return;
        const seller = drawn % sellers.length;
        const halves = ascent.split(seller);
        for (const half of halves) half.climb({ rounds: 40, ...never });
        expect(Math.min(...halves.map((half) => half.boundMinor))).toBeLessThanOrEqual(least.costMinor + 1e-6);
        const without = bruteForce({ ...problem, offers: problem.offers.filter((offer) => offer.seller !== sellers[seller]?.id) });
        if (without) expect(halves[1].boundMinor).toBeLessThanOrEqual(without.costMinor + 1e-6);
      }),
      { numRuns: 200 },
    );
  });

  test('a tree of splits bounds the best plan too, and never falls', () => {
    fc.assert(
      fc.property(byPrice, (problem) => {
        const least = bruteForce(problem);
        if (!least) return;
        const ascent = climbed(problem);
        const tree = new BoundTree(ascent);
        let before = tree.boundMinor;
        for (let turn = 0; turn < 6 && !tree.isSpent; turn += 1) {
          tree.climb({ rounds: 80, ...never });
          expect(tree.boundMinor).toBeGreaterThanOrEqual(before);
          before = tree.boundMinor;
        }
        expect(before).toBeLessThanOrEqual(least.costMinor + 1e-6);
        // Of leaves that may hold a better plan none is dropped; all are, once nothing could be better.
        tree.prune(least.costMinor + 1);
        expect(tree.boundMinor).toBe(before);
        tree.prune(before);
        expect(tree.boundMinor).toBe(Infinity);
        expect(tree.isSpent).toBe(true);
      }),
      { numRuns: 150 },
    );
  });

  test('agrees on whole parcels where one price for each part lets half of them be bought', () => {
    // Three of one part at 10, two at each of three sellers who charge 100: two parcels, 3 × 10 + 2 × 100.
    const seller = {
      country: 'NL',
      days: 2,
      trusted: true,
      thirdParty: false,
      minimumMinor: 0,
      handlingMinor: 0,
      freePostageFromMinor: null,
      duty: null,
    };
    const problem: BasketProblem = {
      currency: 'EUR',
      needs: [{ id: 'n', quantity: 3, options: [{ variant: 'v', penaltyMinor: 0 }], shortCostMinor: 1000, sameSeller: false }],
      wholes: [],
      owned: [],
      items: [{ id: 'i', weightG: 1, yields: [{ variant: 'v', quantity: 1 }] }],
      sellers: ['a', 'b', 'c'].map((id) => ({ id, ...seller, postage: [{ upToG: 100, costMinor: 100 }] })),
      offers: ['a', 'b', 'c'].map((id) => ({
        id,
        seller: id,
        item: 'i',
        priceMinor: 10,
        stock: 2,
        multiple: 1,
        condition: 'used' as const,
      })),
      resale: [],
      rules: { ...byRules },
      effort: { gap: 0, seconds: 10 },
    };
    expect(bruteForce(problem)?.costMinor).toBe(230);
    // Priced by the part, one and a half parcels would do: 3 × 10 + 1.5 × 100.
    const ascent = climbed(problem, 2000);
    expect(ascent.boundMinor).toBeGreaterThan(225);
  });
});

const byRules: BasketProblem['rules'] = {
  maxParcels: null,
  budgetMinor: null,
  withinDays: null,
  condition: 'worn',
  trustedOnly: false,
  allowThirdParty: true,
  sellers: null,
  resaleShare: 0,
  standFirst: false,
  fillFirst: false,
};

describe('what a need loses', () => {
  test('is what filling it costs more when so many units must come from a shelf', () => {
    fc.assert(
      fc.property(byPrice, fc.array(fc.integer({ min: 0, max: 300 }), { minLength: 1, maxLength: 20 }), (problem, drawn) => {
        const index = indexMarket(reduceMarket(problem));
        const counts = countsOf(index);
        const start = countsAt(index);
        const multipliers = Float64Array.from({ length: start + counts.units.length }, (_, i) => drawn[i % drawn.length] ?? 0);
        index.needOptions.forEach((_, n) => {
          const own = [...counts.units.keys()].filter(
            (count) => index.variantNeeds[index.shelfVariant[counts.shelf[count] ?? 0] ?? 0]?.[0] === n,
          );
          const losses = new Float64Array(counts.units.length);
          const need = new NeedChoice(index, n, counts);
          const slope = new Float64Array(multipliers.length);
          const least = need.fill(multipliers, slope);
          if (!Number.isFinite(least)) return;
          need.losses(multipliers, losses);
          for (const count of own) {
            // Paid so well that it is taken whatever else there is: what is left is the least cost with it.
            const bribed = Float64Array.from(multipliers);
            bribed[start + count] = (multipliers[start + count] ?? 0) - 1e6;
            const forced = new NeedChoice(index, n, counts).fill(bribed, new Float64Array(slope.length)) + 1e6;
            // No price has the need take what leaves it unfilled where it must be filled.
            if (losses[count] === Infinity) expect(forced).toBeGreaterThan(1e5);
            else expect(losses[count]).toBeCloseTo(forced - least, 4);
          }
        });
      }),
      { numRuns: 200 },
    );
  });
});

describe('the market still open', () => {
  test('holds a plan as good as the best, whatever was ruled out', async () => {
    let ruledOut = 0;
    await fc.assert(
      fc.asyncProperty(byPrice, fc.integer({ min: 1, max: 40 }), async (problem, above) => {
        const least = bruteForce(problem);
        if (!least) return;
        const index = indexMarket(reduceMarket(problem));
        const priced = { ...priceDecision(index.market, emptyDecision), costMinor: least.costMinor + above };
        const open = marketStillOpen(index, { decision: emptyDecision, priced }, climbed(problem).losses());
        const useful = (offers: readonly { readonly useful: number }[]): number => offers.reduce((all, usable) => all + usable.useful, 0);
        ruledOut += useful(index.market.offers) - useful(open.offers);
        const { decision } = await solveExactly(buildModel(open), null, {
          gap: 0,
          seconds: 10,
          shouldStop: () => false,
          onProgress: () => undefined,
        });
        expect(decision && priceDecision(open, decision).costMinor).toBe(least.costMinor);
      }),
      { numRuns: 200 },
    );
    expect(ruledOut).toBeGreaterThan(20);
  }, 60_000);
});
