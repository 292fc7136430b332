import { describe, expect, test } from '@jest/globals';
import { problemFaults, type BasketProblem } from '../../src/basket/problem/problem.js';
import { solveBasket, type SolveProgress } from '../../src/basket/solve/index.js';
import { verifyPlan } from '../../src/basket/verify/verify.js';
import { type BasketPlan } from '../../src/basket/problem/plan.js';
import { basketFor, NO_ADJUSTMENTS, NO_RULES } from '../../src/index.js';
import { EXAMPLE, EXAMPLE_PLAN } from './example.js';

const solve = (problem: BasketProblem, stop = false, told: SolveProgress[] = []): Promise<BasketPlan> =>
  solveBasket(problem, { now: () => 0, shouldStop: () => stop, onProgress: (progress) => told.push(progress), onPlan: () => undefined });

describe('the worked example', () => {
  test('one parcel from Near for 3.10, where each part at its cheapest would cost 3.60', async () => {
    expect(await solve(EXAMPLE)).toEqual(EXAMPLE_PLAN);
  });

  test('with Near out of reach it is Far for 3.60', async () => {
    const plan = await solve({ ...EXAMPLE, rules: { ...NO_RULES, sellers: ['far'] } });
    expect(plan).toMatchObject({
      status: 'proven',
      paidMinor: 360,
      parcels: [{ seller: 'far', goodsMinor: 160, postageMinor: 180, handlingMinor: 20 }],
    });
  });

  test('where a heavier parcel costs less to post, a free weight that nobody wants is worth sending', async () => {
    const [near] = EXAMPLE.sellers;
    if (!near) throw new Error('the example has a seller');
    const plan = await solve({
      ...EXAMPLE,
      needs: EXAMPLE.needs.filter((need) => need.id === 'cape'),
      items: [...EXAMPLE.items, { id: 'one pebble', weightG: 6, yields: [{ variant: 'pebble', quantity: 1 }] }],
      sellers: [
        {
          ...near,
          postage: [
            { upToG: 5, costMinor: 100 },
            { upToG: 10, costMinor: 40 },
          ],
        },
      ],
      offers: [
        ...EXAMPLE.offers.filter((offer) => offer.id === 'near cape'),
        { id: 'near pebble', seller: 'near', item: 'one pebble', priceMinor: 2, stock: 5, multiple: 1, condition: 'used' },
      ],
    });
    // 150 for the cape, 2 for the pebble, 40 postage; without the pebble 150 + 100.
    expect(plan).toMatchObject({ status: 'proven', costMinor: 192, boundMinor: 192, leftovers: [{ variant: 'pebble', quantity: 1 }] });
  });

  test('a cape nobody may send is left short at its stated cost, and said so', async () => {
    const plan = await solve({ ...EXAMPLE, offers: EXAMPLE.offers.filter((offer) => offer.item !== 'one cape') });
    expect(plan.short).toEqual([{ need: 'cape', quantity: 1 }]);
    expect(plan.costMinor).toBe(plan.paidMinor + 5000);
    expect(plan.reasons).toContainEqual({ kind: 'short', variant: 'cape', quantity: 1, wanted: 1, available: 0 });
  });

  test('a budget nobody can keep is infeasible, and the reason names it', async () => {
    const plan = await solve({
      ...EXAMPLE,
      needs: EXAMPLE.needs.map((need) => ({ ...need, shortCostMinor: null })),
      rules: { ...NO_RULES, budgetMinor: 200 },
    });
    expect(plan).toMatchObject({
      status: 'infeasible',
      parcels: [],
      reasons: [
        { kind: 'rules exclude', rules: [{ rule: 'budget', minor: 200 }] },
        { kind: 'plan without', rule: { rule: 'budget', minor: 200 }, paidMinor: 310 },
      ],
    });
  });

  test('progress tells the first plan before it is proven', async () => {
    const told: SolveProgress[] = [];
    await solve(EXAMPLE, false, told);
    expect(told.map((progress) => progress.phase)).toEqual(expect.arrayContaining(['comparing', 'searching']));
    expect(told.find((progress) => progress.phase === 'bounding')?.bestMinor).toBe(310);
  });

  test('stopped at once, it still has the plan of the search', async () => {
    const plan = await solve(EXAMPLE, true);
    expect(plan.costMinor).toBe(310);
    expect(verifyPlan(EXAMPLE, plan)).toEqual([]);
  });
});

describe('problems that cannot be taken', () => {
  test('doubled ids and names that refer to nothing are told by path', () => {
    const [need, ...needs] = EXAMPLE.needs;
    const [offer] = EXAMPLE.offers;
    if (!need || !offer) throw new Error('the example has needs and offers');
    const bad: BasketProblem = {
      ...EXAMPLE,
      needs: [need, need, ...needs],
      offers: [{ ...offer, seller: 'nobody', item: 'nothing' }],
      rules: { ...NO_RULES, sellers: ['ghost'] },
    };
    expect(problemFaults(bad).map((fault) => fault.path)).toEqual([
      '/needs/1/id',
      '/offers/0/item',
      '/offers/0/seller',
      '/rules/sellers/0',
    ]);
  });

  test('a variant owned or wished for twice is told, not guessed at', () => {
    const option = { variant: 'lantern', penaltyMinor: 0 };
    const doubled: BasketProblem = {
      ...EXAMPLE,
      owned: [...EXAMPLE.owned, { variant: 'lantern', quantity: 2, costMinor: 9 }],
      needs: EXAMPLE.needs.map((need) => ({ ...need, options: [option, option] })),
    };
    expect(problemFaults(doubled).map((fault) => fault.path)).toEqual([
      '/owned/1/variant',
      '/needs/0/options/1/variant',
      '/needs/1/options/1/variant',
    ]);
  });
});

describe('the basket of an errand', () => {
  test('wants looks × copies, offers whole figures for their parts, and leaves out what yields nothing wanted', () => {
    const problem = basketFor({
      currency: 'EUR',
      demand: new Map([['cape', 2]]),
      wholes: [],
      owned: [
        { variant: 'cape', quantity: 1, costMinor: 0 },
        { variant: 'kite', quantity: 5, costMinor: 0 },
      ],
      offers: [
        { id: 'a', seller: 'near', item: { kind: 'variant', id: 'kite' }, priceMinor: 1, stock: 1, multiple: 1, condition: 'new' },
        { id: 'b', seller: 'far', item: { kind: 'figure', id: 'F' }, priceMinor: 9, stock: 1, multiple: 1, condition: 'new' },
      ],
      sellers: EXAMPLE.sellers,
      substitutes: () => [],
      sameSeller: () => false,
      donors: [],
      resale: [],
      adjustments: NO_ADJUSTMENTS,
      yieldsOf: ({ kind, id }) =>
        kind === 'figure'
          ? new Map([
              ['cape', 1],
              ['kite', 2],
            ])
          : new Map([[id, 1]]),
      massG: () => 1.5,
      rules: NO_RULES,
      effort: { gap: 0, seconds: 1 },
    });
    expect(problem.needs).toMatchObject([{ id: 'cape', quantity: 2 }]);
    expect(problem.owned).toEqual([{ variant: 'cape', quantity: 1, costMinor: 0 }]);
    expect(problem.offers.map((offer) => offer.id)).toEqual(['b']);
    expect(problem.sellers.map((seller) => seller.id)).toEqual(['far']);
    expect(problem.items).toEqual([
      {
        id: 'figure F',
        weightG: 4.5,
        yields: [
          { variant: 'cape', quantity: 1 },
          { variant: 'kite', quantity: 2 },
        ],
      },
    ]);
    expect(problemFaults(problem)).toEqual([]);
  });
});
