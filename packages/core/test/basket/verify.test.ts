import { describe, expect, test } from '@jest/globals';
import { type BasketPlan } from '../../src/basket/problem/plan.js';
import { type BasketProblem } from '../../src/basket/problem/problem.js';
import { verifyPlan } from '../../src/basket/verify/verify.js';
import { NO_RULES } from '../../src/index.js';
import { EXAMPLE, EXAMPLE_PLAN } from './example.js';

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

  /** A guard takes both lanterns and the cape. */
  const wholesWith = (changes: object): BasketProblem => ({
    ...EXAMPLE,
    wholes: [
      {
        id: 'guard',
        count: 1,
        worth: 1,
        needs: [
          { need: 'lanterns', quantity: 2 },
          { need: 'cape', quantity: 1 },
        ],
        ...changes,
      },
    ],
  });
  const standing = (quantity: number, standingWorth: number): BasketPlan => ({
    ...EXAMPLE_PLAN,
    standing: [{ whole: 'guard', quantity }],
    standingWorth,
    mostStandingWorth: standingWorth,
  });

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
    ['a shortage that is none', EXAMPLE, { ...EXAMPLE_PLAN, shortageMinor: 5000 }, /The shortage is 0/],
    ['a least shortage above the plan’s', EXAMPLE, { ...EXAMPLE_PLAN, leastShortageMinor: 10 }, /No plan leaves less than 10/],
    ['a least shortage where shortage is a price', ruled({ fillFirst: false }), EXAMPLE_PLAN, /exactly where filling comes first/],
    [
      'a curve that rises',
      EXAMPLE,
      {
        ...EXAMPLE_PLAN,
        compared: {
          ...EXAMPLE_PLAN.compared,
          curve: [
            { parcels: 1, costMinor: 320, besideMinor: 0, gap: 0 },
            { parcels: 2, costMinor: 330, besideMinor: 0, gap: 0 },
          ],
        },
      },
      /More parcels never cost more/,
    ],
    [
      'a cheaper plan beside it',
      EXAMPLE,
      { ...EXAMPLE_PLAN, compared: { ...EXAMPLE_PLAN.compared, curve: [{ parcels: 1, costMinor: 310, besideMinor: -10, gap: 0 }] } },
      /beside a cheaper one/,
    ],
    ['more that stand than are filled', wholesWith({ count: 2 }), standing(2, 2), /takes 4 of "lanterns", and 2 are filled/],
    ['more that stand than are wanted', wholesWith({}), standing(2, 2), /2 stand of 1 wanted/],
    ['a whole nobody asked for', EXAMPLE, standing(1, 1), /no whole "guard"/],
    ['a wrong count of what stands', wholesWith({}), standing(1, 3), /counts 1, not 3/],
    ['less that can stand than does', wholesWith({}), { ...standing(1, 1), mostStandingWorth: 0 }, /By no plan more than 0 stands/],
    [
      'standing that was not settled',
      wholesWith({}),
      { ...standing(1, 1), mostStandingWorth: 2 },
      /not proven that by no plan more stands/,
    ],
    ['a most where standing does not come first', ruled({ standFirst: false }), EXAMPLE_PLAN, /exactly where standing comes first/],
    ['an infeasible plan that buys', EXAMPLE, { ...EXAMPLE_PLAN, status: 'infeasible' }, /buys and fills nothing/],
  ])('catches %s', (_, problem, plan, sentence) => {
    expect(verifyPlan(problem, plan).map((fault) => fault.sentence)).toEqual(expect.arrayContaining([expect.stringMatching(sentence)]));
  });

  test('counts resale of no more than is wanted of it, and by the share that is hoped for', () => {
    // One lantern is bought for the need and two besides; of the two, one is sold at 50, of which half is counted: 310 + 120 − 25.
    const problem: BasketProblem = {
      ...EXAMPLE,
      resale: [{ variant: 'lantern', valueMinor: 50, upTo: 1 }],
      rules: { ...NO_RULES, resaleShare: 0.5 },
    };
    const bought = withParcel({
      ...{ goodsMinor: 330, weightG: 7 },
      lines: [
        { offer: 'near cape', quantity: 1 },
        { offer: 'near lantern', quantity: 3 },
      ],
    });
    const plan = (costMinor: number): BasketPlan => ({
      ...bought,
      ...{
        status: 'within-gap',
        paidMinor: 430,
        costMinor,
        boundMinor: costMinor,
        gap: 0,
        leftovers: [{ variant: 'lantern', quantity: 2 }],
      },
      compared: { cheapestEachMinor: null, cheapestEachLacks: null, fewestParcelsMinor: null, curve: [] },
    });
    const costs = (costMinor: number): readonly string[] =>
      verifyPlan(problem, plan(costMinor)).flatMap(({ path, sentence }) => (path === '/costMinor' ? [sentence] : []));
    expect(costs(405)).toEqual([]);
    expect(costs(380)).toEqual(['The cost is 405, not 380.']);
  });

  test('believes that a gap was reached only when it was', () => {
    const { costMinor } = EXAMPLE_PLAN;
    const boundMinor = costMinor - 10;
    const near: BasketPlan = { ...EXAMPLE_PLAN, status: 'within-gap', boundMinor, gap: 10 / costMinor };
    const asked = (gap: number): BasketProblem => ({ ...EXAMPLE, effort: { ...EXAMPLE.effort, gap } });
    expect(verifyPlan(asked(10 / costMinor), near)).toEqual([]);
    expect(verifyPlan(asked(9 / costMinor), near)).toEqual([{ path: '/status', sentence: 'The gap asked for is not reached.' }]);
  });

  test('believes that filling is settled only when nothing less can be left unfilled', () => {
    const short = { ...EXAMPLE_PLAN, ...leftShort(), leastShortageMinor: 0 };
    expect(verifyPlan(EXAMPLE, short).map((fault) => fault.sentence)).toContain('It is not proven that no plan fills more.');
    expect(verifyPlan(EXAMPLE, { ...short, leastShortageMinor: 5000 })).toEqual([]);
  });

  /** The plan with the cape left unfilled: one lantern for 60 and 100 postage, the gap on these 160 and not on 5,160. */
  function leftShort(): Pick<
    BasketPlan,
    'costMinor' | 'boundMinor' | 'paidMinor' | 'parcels' | 'fills' | 'short' | 'shortageMinor' | 'compared'
  > {
    return {
      costMinor: 5160,
      boundMinor: 5160,
      paidMinor: 160,
      shortageMinor: 5000,
      parcels: withParcel({ goodsMinor: 60, weightG: 2, lines: [{ offer: 'near lantern', quantity: 1 }] }).parcels,
      fills: withoutCape,
      short: [{ need: 'cape', quantity: 1 }],
      compared: { ...EXAMPLE_PLAN.compared, curve: [] },
    };
  }

  test('reckons the gap on the money, never on the phantom price of what is lacking', () => {
    const plan: BasketPlan = {
      ...EXAMPLE_PLAN,
      ...leftShort(),
      status: 'within-gap',
      boundMinor: 5144,
      leastShortageMinor: 5000,
      gap: 16 / 160,
    };
    const asked = (gap: number): BasketProblem => ({ ...EXAMPLE, effort: { ...EXAMPLE.effort, gap } });
    expect(verifyPlan(asked(0.1), plan)).toEqual([]);
    expect(verifyPlan(asked(0.1), { ...plan, gap: 16 / 5160 }).map((fault) => fault.path)).toEqual(['/gap']);
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
