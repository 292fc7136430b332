import { describe, expect, test } from '@jest/globals';
import { problemFaults, type BasketProblem } from '../../src/basket/problem/problem.js';
import { solveBasket, type SolveProgress } from '../../src/basket/solve/solve.js';
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
    expect(plan.reasons).toContain('cape: 1 of 1 left unfilled; 0 can be had.');
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
        'Every part can be had, but not all of them under a budget of 2.00.',
        'Without a budget of 2.00 there is a plan, for 3.10.',
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

describe('the verifier', () => {
  test('lets the hand-written plan pass', () => {
    expect(verifyPlan(EXAMPLE, EXAMPLE_PLAN)).toEqual([]);
  });

  const parcel = EXAMPLE_PLAN.parcels[0];
  const withParcel = (changes: object): BasketPlan => ({
    ...EXAMPLE_PLAN,
    parcels: [{ ...parcel, ...changes } as BasketPlan['parcels'][number]],
  });
  const capeFills = EXAMPLE_PLAN.fills.filter((fill) => fill.need === 'cape');
  const withoutCape = EXAMPLE_PLAN.fills.filter((fill) => fill.need !== 'cape');
  const withLine = (offer: string, quantity: number): BasketPlan => withParcel({ lines: [{ offer, quantity }, parcel?.lines[1]] });
  const ruled = (rules: Partial<BasketProblem['rules']>): BasketProblem => ({ ...EXAMPLE, rules: { ...NO_RULES, ...rules } });
  const sellersWith = (changes: object): BasketProblem => ({
    ...EXAMPLE,
    sellers: EXAMPLE.sellers.map((seller) => ({ ...seller, ...changes })),
  });
  const offersWith = (changes: object): BasketProblem => ({
    ...EXAMPLE,
    offers: EXAMPLE.offers.map((offer) => ({ ...offer, ...changes })),
  });
  const needsWith = (changes: object): BasketProblem => ({ ...EXAMPLE, needs: EXAMPLE.needs.map((need) => ({ ...need, ...changes })) });

  test.each<[string, BasketProblem, BasketPlan, RegExp]>([
    ['a wrong sum of goods', EXAMPLE, withParcel({ goodsMinor: 200 }), /Goods are 210/],
    ['wrong postage', EXAMPLE, withParcel({ postageMinor: 90 }), /Postage is 100/],
    ['postage where it is free', sellersWith({ freePostageFromMinor: 200 }), EXAMPLE_PLAN, /Postage is 0/],
    ['wrong handling', EXAMPLE, withParcel({ handlingMinor: 5 }), /Handling is 0/],
    ['a wrong weight', EXAMPLE, withParcel({ weightG: 4 }), /weighs 3 g/],
    ['duty that is not owed', EXAMPLE, withParcel({ dutyMinor: 7 }), /Duty is 0/],
    ['duty that is owed', sellersWith({ duty: { aboveMinor: 200, percent: 10, feeMinor: 5 } }), EXAMPLE_PLAN, /Duty is 26/],
    ['an order below the minimum', sellersWith({ minimumMinor: 211 }), EXAMPLE_PLAN, /at least 211/],
    ['a parcel that is too heavy', sellersWith({ postage: [{ upToG: 2.9, costMinor: 100 }] }), EXAMPLE_PLAN, /too heavy/],
    ['more than there is in stock', offersWith({ stock: 0 }), EXAMPLE_PLAN, /1 of 0 in stock/],
    ['a broken lot', offersWith({ multiple: 2, stock: 4 }), EXAMPLE_PLAN, /lots of 2/],
    ['half a piece', EXAMPLE, withLine('near lantern', 0.5), /whole and above zero/],
    ['another seller’s offer', EXAMPLE, withLine('far lantern', 2), /"near" has no offer/],
    ['an offer bought twice over', EXAMPLE, withParcel({ lines: [...(parcel?.lines ?? []), parcel?.lines[0]] }), /there twice/],
    ['an empty parcel', EXAMPLE, withParcel({ lines: [] }), /nothing in it/],
    ['an unknown seller', EXAMPLE, withParcel({ seller: 'nowhere' }), /no seller "nowhere"/],
    [
      'two parcels from one seller',
      EXAMPLE,
      { ...EXAMPLE_PLAN, parcels: [...EXAMPLE_PLAN.parcels, ...EXAMPLE_PLAN.parcels] },
      /second parcel/,
    ],
    ['a seller who is too slow', ruled({ withinDays: 2 }), EXAMPLE_PLAN, /takes 3 days/],
    [
      'a seller who is not trusted',
      { ...sellersWith({ trusted: false }), rules: { ...NO_RULES, trustedOnly: true } },
      EXAMPLE_PLAN,
      /not trusted/,
    ],
    ['a third-party seller', sellersWith({ thirdParty: true }), EXAMPLE_PLAN, /third-party/],
    ['a seller who is not allowed', ruled({ sellers: ['far'] }), EXAMPLE_PLAN, /not among the sellers/],
    ['a worse condition', ruled({ condition: 'new' }), EXAMPLE_PLAN, /used is below new/],
    ['too many parcels', ruled({ maxParcels: 0 }), EXAMPLE_PLAN, /More than 0 parcels/],
    ['a budget overrun', ruled({ budgetMinor: 309 }), EXAMPLE_PLAN, /over the budget/],
    ['a need left open', EXAMPLE, { ...EXAMPLE_PLAN, fills: withoutCape }, /"cape" wants 1: 0 filled/],
    [
      'a must left short',
      needsWith({ shortCostMinor: null }),
      { ...EXAMPLE_PLAN, fills: withoutCape, short: [{ need: 'cape', quantity: 1 }] },
      /must be filled/,
    ],
    ['a part that does not fill the need', needsWith({ options: [{ variant: 'kite', penaltyMinor: 0 }] }), EXAMPLE_PLAN, /does not fill/],
    [
      'a piece owned once and used twice',
      EXAMPLE,
      {
        ...EXAMPLE_PLAN,
        fills: [{ need: 'lanterns', variant: 'lantern', quantity: 2, from: 'owned', seller: null }, ...capeFills],
      },
      /2 of .* are used and 1/,
    ],
    [
      'a bought fill without its seller',
      EXAMPLE,
      { ...EXAMPLE_PLAN, fills: EXAMPLE_PLAN.fills.map((fill) => ({ ...fill, seller: null })) },
      /names its seller/,
    ],
    [
      'leftovers that are not there',
      EXAMPLE,
      { ...EXAMPLE_PLAN, leftovers: [{ variant: 'cape', quantity: 1 }] },
      /0 of "cape" are left over/,
    ],
    ['a wrong cost', EXAMPLE, { ...EXAMPLE_PLAN, costMinor: 309, boundMinor: 309 }, /The cost is 310/],
    ['a wrong payment', EXAMPLE, { ...EXAMPLE_PLAN, paidMinor: 300 }, /Paid is 310/],
    ['a bound above the cost', EXAMPLE, { ...EXAMPLE_PLAN, boundMinor: 311 }, /bound is above/],
    ['a gap that is not the gap', EXAMPLE, { ...EXAMPLE_PLAN, gap: 0.2 }, /The gap is 0/],
    ['a proof that proves nothing', EXAMPLE, { ...EXAMPLE_PLAN, boundMinor: 300, gap: 10 / 310 }, /Proven means/],
    ['an infeasible plan that buys', EXAMPLE, { ...EXAMPLE_PLAN, status: 'infeasible' }, /buys and fills nothing/],
  ])('catches %s', (_, problem, plan, sentence) => {
    expect(verifyPlan(problem, plan).map((fault) => fault.sentence)).toEqual(expect.arrayContaining([expect.stringMatching(sentence)]));
  });

  test('believes that a gap was reached only when it was', () => {
    const { costMinor } = EXAMPLE_PLAN;
    const boundMinor = costMinor - 10;
    const near: BasketPlan = { ...EXAMPLE_PLAN, status: 'within-gap', boundMinor, gap: 10 / costMinor };
    const asked = (gap: number): BasketProblem => ({ ...EXAMPLE, effort: { ...EXAMPLE.effort, gap } });
    expect(verifyPlan(asked(10 / costMinor), near)).toEqual([]);
    expect(verifyPlan(asked(9 / costMinor), near)).toEqual([{ path: '/status', sentence: 'The gap asked for is not reached.' }]);
  });

  test('catches one need bought from two sellers where one dye lot was asked', () => {
    const problem = needsWith({ sameSeller: true });
    const fills: BasketPlan['fills'] = [
      { need: 'lanterns', variant: 'lantern', quantity: 1, from: 'bought', seller: 'near' },
      { need: 'lanterns', variant: 'lantern', quantity: 1, from: 'bought', seller: 'far' },
    ];
    expect(verifyPlan(problem, { ...EXAMPLE_PLAN, fills }).map((fault) => fault.sentence)).toContain('"lanterns" wants one seller.');
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
