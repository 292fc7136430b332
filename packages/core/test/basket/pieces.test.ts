import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { buildModel } from '../../src/basket/model/basketModel.js';
import { fillUp } from '../../src/basket/search/fillUp.js';
import { type BasketProblem, type Seller } from '../../src/basket/problem/problem.js';
import { postageFor } from '../../src/basket/problem/plan.js';
import { reduceMarket } from '../../src/basket/reduce/market.js';
import { indexMarket, MICROGRAMS, shelfPrices } from '../../src/basket/reduce/marketIndex.js';
import { dutyOn } from '../../src/basket/problem/plan.js';
import { priceDecision } from '../../src/basket/decision/assemble.js';
import { recreate } from '../../src/basket/search/recreate.js';
import { closeSeller, emptyNeed, lightenParcel } from '../../src/basket/search/ruin.js';
import { Terms } from '../../src/basket/decision/terms.js';
import { WorkingPlan } from '../../src/basket/search/workingPlan.js';
import { seededRandom } from '../../src/index.js';
import { smallProblem } from './arbitrary.js';
import { EXAMPLE } from './example.js';

const seller: Seller = {
  id: 's',
  country: 'NL',
  days: 3,
  trusted: true,
  thirdParty: false,
  minimumMinor: 300,
  handlingMinor: 20,
  postage: [
    { upToG: 10, costMinor: 100 },
    { upToG: 50, costMinor: 250 },
  ],
  freePostageFromMinor: 1000,
  duty: { aboveMinor: 500, percent: 10, feeMinor: 7 },
};

describe('terms read once', () => {
  const terms = new Terms(seller);
  const grams = (g: number): number => g * MICROGRAMS;

  test.each([
    ['the first tier holds up to its weight', 400, 10, 120],
    ['a hair more is the next tier', 400, 10.000001, 270],
    ['duty is owed above the threshold: 60 and the fee', 600, 10, 120 + 60 + 7],
    ['free postage leaves handling and duty', 1000, 50, 20 + 100 + 7],
  ])('%s', (_, goods, weight, charges) => expect(terms.chargesOn(goods, grams(weight))).toBe(charges));

  test('a minimum not reached is paid up in goods, a parcel too heavy is out of any plan', () => {
    expect(terms.softCost(120, grams(1))).toBe(300 + 120);
    expect(terms.softCost(400, grams(51))).toBeGreaterThan(1e6);
  });

  test('say the same as the plan’s own pricing', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 2000 }), fc.integer({ min: 0, max: 50 }), (goods, weight) => {
        expect(terms.chargesOn(goods, grams(weight))).toBe(
          (postageFor(seller, weight, goods) ?? 0) + seller.handlingMinor + dutyOn(seller, goods),
        );
      }),
    );
  });
});

describe('a reduced market', () => {
  const twice: BasketProblem = {
    ...EXAMPLE,
    offers: [
      { id: 'cheap', seller: 'near', item: 'one lantern', priceMinor: 40, stock: 1, multiple: 1, condition: 'used' },
      { id: 'dear', seller: 'near', item: 'one lantern', priceMinor: 50, stock: 9, multiple: 1, condition: 'used' },
      { id: 'dearest', seller: 'near', item: 'one lantern', priceMinor: 60, stock: 9, multiple: 1, condition: 'used' },
    ],
  };

  test('two lanterns wanted: one of the cheap, one of the dear, none of the dearest', () => {
    expect(reduceMarket(twice).offers.map((usable) => [usable.offer.id, usable.useful])).toEqual([
      ['cheap', 1],
      ['dear', 1],
    ]);
  });

  test('where a minimum must be reached each stays: a dearer one may be the one to use', () => {
    const sellers = EXAMPLE.sellers.map((row) => ({ ...row, minimumMinor: 150 }));
    expect(reduceMarket({ ...twice, sellers }).offers.map((usable) => [usable.offer.id, usable.useful, usable.most])).toEqual([
      ['cheap', 1, 1],
      ['dear', 2, 9],
      ['dearest', 2, 9],
    ]);
  });

  test('a minimum is filled up with the least that reaches it', () => {
    const sellers = EXAMPLE.sellers.map((row) => ({ ...row, minimumMinor: 130 }));
    const index = indexMarket(reduceMarket({ ...twice, sellers }));
    const [cheap] = index.market.offers;
    if (!cheap) throw new Error('there is an offer');
    const { bought } = fillUp(index, { bought: new Map([[cheap, 1]]), fills: [] });
    // 40 is bought; 90 are lacking: a dearest (60) fits, then a dear (50) goes over by the least. 40 + 60 + 50 = 150.
    const goods = [...bought].reduce((all, [usable, quantity]) => all + usable.offer.priceMinor * quantity, 0);
    expect(goods).toBe(150);
  });
});

describe('a parcel made lighter', () => {
  test('is carried by a cheaper tier, and what it lost is missing', () => {
    fc.assert(
      fc.property(smallProblem, (problem) => {
        const index = indexMarket(reduceMarket(problem));
        const plan = new WorkingPlan(index);
        const worth = new Float64Array(index.variants.length).fill(1000);
        const shelfPrice = shelfPrices(index, worth);
        recreate(plan, index.market.needs.keys(), { worth, shelfPrice, shunned: new Uint8Array(index.market.sellers.length), invited: -1 });
        index.market.sellers.forEach((own, s) => {
          const before = { weight: plan.weight[s] ?? 0, cost: plan.cost, missing: [...plan.missing] };
          const tierOf = (weight: number): number => postageFor({ ...own, freePostageFromMinor: null }, weight / MICROGRAMS, 0) ?? Infinity;
          const { mark } = plan;
          const touched = lightenParcel(plan, s, worth, shelfPrice);
          if (touched.length > 0) {
            // What fills up a parcel, or comes in a bundle or a lot, may have to stay.
            const isSingle = (o: number): boolean => index.offerLot[o] === 1 && !!index.offerYields[o]?.every((row) => row.units === 1);
            // Where a lighter parcel may cost more, leaving out a whole piece may go past the cheaper tier.
            const isRising = own.postage.every((tier, i) => tier.costMinor >= (own.postage[i - 1]?.costMinor ?? 0));
            const isPlain = index.isPlain && isRising && index.sellerOffers[s]?.every(isSingle) && own.minimumMinor === 0;
            if (isPlain) expect(tierOf(plan.weight[s] ?? 0)).toBeLessThan(tierOf(before.weight));
            for (const need of touched) expect(plan.missing[need]).toBeGreaterThan(before.missing[need] ?? 0);
          }
          plan.undoTo(mark);
          expect(plan.cost).toBe(before.cost);
        });
      }),
      { numRuns: 300 },
    );
  });
});

describe('a plan under construction', () => {
  const options = (plan: WorkingPlan) => {
    const worth = new Float64Array(plan.index.variants.length);
    return { worth, shelfPrice: shelfPrices(plan.index, worth), shunned: new Uint8Array(plan.index.market.sellers.length), invited: -1 };
  };

  /** Random ruin and recreation, by seed. */
  function shake(plan: WorkingPlan, seed: number): void {
    const draw = seededRandom(seed);
    const { needs, sellers } = plan.index.market;
    for (let i = 0; i < 4; i += 1) {
      if (draw() < 0.5 && sellers.length > 0) closeSeller(plan, Math.floor(draw() * sellers.length));
      else emptyNeed(plan, Math.floor(draw() * needs.length));
      recreate(plan, needs.keys(), options(plan));
    }
  }

  test('goes back to a mark exactly as it was', () => {
    fc.assert(
      fc.property(smallProblem, fc.nat(), (problem, seed) => {
        const plan = new WorkingPlan(indexMarket(reduceMarket(problem)));
        recreate(plan, plan.index.market.needs.keys(), options(plan));
        const before = {
          cost: plan.cost,
          bought: [...plan.bought],
          spare: [...plan.spare],
          missing: [...plan.missing],
          weight: [...plan.weight],
        };
        const { mark } = plan;
        shake(plan, seed);
        plan.undoTo(mark);
        expect({
          cost: plan.cost,
          bought: [...plan.bought],
          spare: [...plan.spare],
          missing: [...plan.missing],
          weight: [...plan.weight],
        }).toEqual(before);
      }),
      { numRuns: 150 },
    );
  });

  test('costs what its decision costs, once no rule is broken', () => {
    let compared = 0;
    fc.assert(
      fc.property(smallProblem, fc.nat(), (problem, seed) => {
        const plan = new WorkingPlan(indexMarket(reduceMarket(problem)));
        recreate(plan, plan.index.market.needs.keys(), options(plan));
        shake(plan, seed);
        const priced = priceDecision(plan.index.market, plan.decision());
        if (priced.faults > 0) return;
        compared += 1;
        // The credit for leftovers is rounded once in a decision and not at all on the way.
        expect(Math.abs(priced.costMinor - plan.cost)).toBeLessThanOrEqual(0.5);
      }),
      { numRuns: 150 },
    );
    expect(compared).toBeGreaterThan(20);
  });

  test('takes a decision over and gives the same one back', () => {
    fc.assert(
      fc.property(smallProblem, (problem) => {
        const index = indexMarket(reduceMarket(problem));
        const plan = new WorkingPlan(index);
        recreate(plan, index.market.needs.keys(), options(plan));
        const again = new WorkingPlan(index);
        again.load(plan.decision());
        expect(again.cost).toBeCloseTo(plan.cost, 6);
        expect([...again.bought]).toEqual([...plan.bought]);
      }),
      { numRuns: 100 },
    );
  });
});

describe('the model', () => {
  const constants = { objectiveSense: { minimize: 1 }, variableType: { integer: 1, continuous: 0 } } as never;

  test('takes a sound decision as a start that breaks no row, at the cost the decision has', () => {
    let checked = 0;
    fc.assert(
      fc.property(smallProblem, (problem) => {
        const market = reduceMarket(problem);
        const plan = new WorkingPlan(indexMarket(market));
        const worth = new Float64Array(plan.index.variants.length);
        recreate(plan, market.needs.keys(), {
          worth,
          shelfPrice: shelfPrices(plan.index, worth),
          shunned: new Uint8Array(market.sellers.length),
          invited: -1,
        });
        const decision = plan.decision();
        const priced = priceDecision(market, decision);
        if (priced.faults > 0) return;
        checked += 1;
        const built = buildModel(market);
        const values = built.start(decision);
        const data = built.model.toHighs({ constants });
        const {
          starts,
          indices,
          values: coefficients,
        } = data.matrix as unknown as { starts: number[]; indices: number[]; values: number[] };
        const [lower, upper] = [data.rowLower as number[], data.rowUpper as number[]];
        for (let row = 0; row < lower.length; row += 1) {
          let sum = 0;
          for (let k = starts[row] ?? 0; k < (starts[row + 1] ?? 0); k += 1) sum += (coefficients[k] ?? 0) * (values[indices[k] ?? 0] ?? 0);
          expect(sum).toBeGreaterThanOrEqual((lower[row] ?? 0) - 1e-6);
          expect(sum).toBeLessThanOrEqual((upper[row] ?? 0) + 1e-6);
        }
        const cost = (data.colCost as number[]).reduce((all, each, i) => all + each * (values[i] ?? 0), 0);
        expect(cost).toBeCloseTo(priced.costMinor, 6);
        expect(priceDecision(market, built.read(values)).costMinor).toBe(priced.costMinor);
      }),
      { numRuns: 200 },
    );
    expect(checked).toBeGreaterThan(40);
  });
});
