import { describe, expect, test } from '@jest/globals';
import { NO_RULES, type BasketProblem, type Offer, type Seller } from '../../src/basket/problem/problem.js';
import { solveBasket } from '../../src/basket/solve/solve.js';
import { verifyPlan } from '../../src/basket/verify/verify.js';
import { type BasketPlan } from '../../src/basket/problem/plan.js';

const solve = async (problem: BasketProblem): Promise<BasketPlan> => {
  const plan = await solveBasket(problem, { now: () => 0, shouldStop: () => false, onProgress: () => undefined, onPlan: () => undefined });
  expect(verifyPlan(problem, plan)).toEqual([]);
  return plan;
};

const seller = (id: string, rest: Partial<Seller> = {}): Seller => ({
  id,
  country: 'NL',
  days: 4,
  trusted: true,
  thirdParty: false,
  minimumMinor: 0,
  handlingMinor: 0,
  postage: [{ upToG: 100, costMinor: 100 }],
  freePostageFromMinor: null,
  duty: null,
  ...rest,
});

const offer = (sellerId: string, item: string, priceMinor: number, rest: Partial<Offer> = {}): Offer => ({
  id: `${sellerId}/${item}/${priceMinor}`,
  seller: sellerId,
  item,
  priceMinor,
  stock: 10,
  multiple: 1,
  condition: 'used',
  ...rest,
});

const wants = (variant: string, quantity = 1, rest: Partial<BasketProblem['needs'][number]> = {}): BasketProblem['needs'][number] => ({
  id: variant,
  quantity,
  options: [{ variant, penaltyMinor: 0 }],
  shortCostMinor: null,
  sameSeller: false,
  ...rest,
});

/** Hat, cape and boots, each sold alone, and a figure that is all three. */
const problem = (rest: Partial<BasketProblem>): BasketProblem => ({
  currency: 'EUR',
  needs: [wants('hat')],
  wholes: [],
  owned: [],
  items: [
    ...['hat', 'cape', 'boots'].map((variant) => ({ id: variant, weightG: 1, yields: [{ variant, quantity: 1 }] })),
    { id: 'figure', weightG: 3, yields: ['hat', 'cape', 'boots'].map((variant) => ({ variant, quantity: 1 })) },
    { id: 'box', weightG: 20, yields: ['hat', 'cape', 'boots'].map((variant) => ({ variant, quantity: 4 })) },
  ],
  sellers: [seller('near'), seller('far')],
  offers: [],
  resale: [],
  rules: NO_RULES,
  effort: { gap: 0, seconds: 10 },
  ...rest,
});

describe('duty', () => {
  const duty = { aboveMinor: 250, percent: 21, feeMinor: 15 };

  test('falls on the whole goods value once it is above the threshold: 300 of goods owe 63 and the fee of 15', async () => {
    const plan = await solve(problem({ sellers: [seller('near', { duty })], offers: [offer('near', 'hat', 300)] }));
    expect(plan.parcels[0]).toMatchObject({ goodsMinor: 300, postageMinor: 100, dutyMinor: 78 });
    expect(plan.costMinor).toBe(478);
  });

  test('is not owed on exactly the threshold', async () => {
    const plan = await solve(problem({ sellers: [seller('near', { duty })], offers: [offer('near', 'hat', 250)] }));
    expect(plan.parcels[0]).toMatchObject({ goodsMinor: 250, dutyMinor: 0 });
  });

  test('is rounded half up: 2.5 becomes 3', async () => {
    const half = { aboveMinor: 0, percent: 12.5, feeMinor: 0 };
    const plan = await solve(problem({ sellers: [seller('near', { duty: half })], offers: [offer('near', 'hat', 20)] }));
    expect(plan.parcels[0]?.dutyMinor).toBe(3);
    expect(plan.status).toBe('proven');
  });

  test('makes two parcels cheaper than one: 150 + 150 at home and abroad beat 300 abroad with 78 duty', async () => {
    const plan = await solve(
      problem({
        needs: [wants('hat'), wants('cape')],
        sellers: [seller('near', { postage: [{ upToG: 100, costMinor: 60 }] }), seller('far', { duty })],
        offers: [offer('far', 'hat', 150), offer('far', 'cape', 150), offer('near', 'cape', 155)],
      }),
    );
    // Far alone: 300 + 100 + 78 = 478. Far for the hat, near for the cape: 150 + 100 + 155 + 60 = 465.
    expect(plan.costMinor).toBe(465);
    expect(plan.parcels).toHaveLength(2);
  });
});

describe('what yields several parts', () => {
  const parts = [offer('near', 'hat', 300), offer('near', 'cape', 120), offer('near', 'boots', 40)];

  test('the hat alone costs less than the figure, until the figure is cheaper than the hat', async () => {
    const dear = await solve(problem({ offers: [...parts, offer('near', 'figure', 310)] }));
    expect(dear.parcels[0]?.lines).toEqual([{ offer: 'near/hat/300', quantity: 1 }]);
    const cheap = await solve(problem({ offers: [...parts, offer('near', 'figure', 290)] }));
    expect(cheap.parcels[0]?.lines).toEqual([{ offer: 'near/figure/290', quantity: 1 }]);
    expect(cheap.leftovers).toEqual([
      { variant: 'boots', quantity: 1 },
      { variant: 'cape', quantity: 1 },
    ]);
  });

  test('a box of four serves four figures where three are wanted', async () => {
    const needs = ['hat', 'cape', 'boots'].map((variant) => wants(variant, 3));
    const plan = await solve(problem({ needs, offers: [...parts, offer('near', 'figure', 400), offer('near', 'box', 1100)] }));
    // Piece by piece 3 × 460 = 1380, three figures 1200, one box 1100.
    expect(plan.parcels[0]?.lines).toEqual([{ offer: 'near/box/1100', quantity: 1 }]);
    expect(plan.costMinor).toBe(1200);
  });

  test('leftovers count for what the person lets them: at half their resale the figure wins over the hat', async () => {
    const offers = [...parts, offer('near', 'figure', 350)];
    const resale = [
      { variant: 'cape', valueMinor: 90, upTo: 1 },
      { variant: 'boots', valueMinor: 31, upTo: 5 },
    ];
    const without = await solve(problem({ offers, resale }));
    expect(without.costMinor).toBe(400);
    const plan = await solve(problem({ offers, resale, rules: { ...NO_RULES, resaleShare: 0.5 } }));
    // 350 + 100 postage − ½ × (90 + 31) = 450 − 60.5, and the half goes to the person: 450 − 61.
    expect(plan).toMatchObject({ paidMinor: 450, costMinor: 389, boundMinor: 389, status: 'proven' });
  });

  test('only so many leftovers find a buyer', async () => {
    const resale = [{ variant: 'cape', valueMinor: 400, upTo: 2 }];
    const plan = await solve(
      problem({
        needs: [wants('hat', 4)],
        offers: [offer('near', 'hat', 300), offer('near', 'box', 1600)],
        resale,
        rules: { ...NO_RULES, resaleShare: 0.5 },
      }),
    );
    // The box leaves four capes, two of which fetch 200 each: 1700 − 400 against 1300 for four hats. Equal; both are right.
    expect(plan.costMinor).toBe(1300);
  });
});

describe('free postage', () => {
  test('is worth buying the dearer hat twice for, where the parcel holds two: 30 beats 2 and 29 postage', async () => {
    const plan = await solve(
      problem({
        sellers: [seller('near', { postage: [{ upToG: 2, costMinor: 29 }], freePostageFromMinor: 30 })],
        offers: [offer('near', 'hat', 2, { stock: 1 }), offer('near', 'hat', 15, { stock: 2 })],
      }),
    );
    expect(plan).toMatchObject({ status: 'proven', costMinor: 30, parcels: [{ lines: [{ offer: 'near/hat/15', quantity: 2 }] }] });
  });
});

describe('donors and substitutes', () => {
  test('a donor gives its hat when the hole it leaves costs less than a hat', async () => {
    const offers = [offer('near', 'hat', 300)];
    const cheapHole = await solve(problem({ offers, owned: [{ variant: 'hat', quantity: 1, costMinor: 399 }] }));
    expect(cheapHole).toMatchObject({ paidMinor: 0, costMinor: 399, parcels: [] });
    const dearHole = await solve(problem({ offers, owned: [{ variant: 'hat', quantity: 1, costMinor: 401 }] }));
    expect(dearHole).toMatchObject({ paidMinor: 400, costMinor: 400 });
  });

  test('a substitute is taken when it saves more than the likeness it loses is worth', async () => {
    const need = wants('hat', 1, {
      options: [
        { variant: 'hat', penaltyMinor: 0 },
        { variant: 'cape', penaltyMinor: 60 },
      ],
    });
    const plan = await solve(problem({ needs: [need], offers: [offer('near', 'hat', 300), offer('near', 'cape', 239)] }));
    expect(plan.fills).toMatchObject([{ need: 'hat', variant: 'cape' }]);
    expect(plan.costMinor).toBe(399);
    const exact = await solve(problem({ needs: [need], offers: [offer('near', 'hat', 300), offer('near', 'cape', 241)] }));
    expect(exact.fills).toMatchObject([{ need: 'hat', variant: 'hat' }]);
  });

  test('both arms come from one seller where they must match, though two sellers would be cheaper', async () => {
    const offers = [offer('near', 'hat', 10, { stock: 1 }), offer('far', 'hat', 10, { stock: 1 }), offer('far', 'hat', 250, { stock: 1 })];
    const either = await solve(problem({ needs: [wants('hat', 2)], offers }));
    expect(either.costMinor).toBe(220);
    const one = await solve(problem({ needs: [wants('hat', 2, { sameSeller: true })], offers }));
    expect(one).toMatchObject({ costMinor: 360, parcels: [{ seller: 'far' }] });
  });
});

describe('what the plan is compared with', () => {
  const offers = [
    offer('near', 'hat', 300),
    offer('near', 'cape', 300),
    offer('near', 'boots', 300),
    offer('far', 'hat', 50),
    offer('far', 'cape', 60),
    offer('third', 'boots', 20),
  ];
  const sellers = [seller('near'), seller('far'), seller('third', { days: 9 })];
  const needs = [wants('hat'), wants('cape'), wants('boots')];

  test('the curve goes from the fewest parcels to the plan, and never rises', async () => {
    const plan = await solve(problem({ needs, offers, sellers }));
    // One parcel: near for 900 + 100. Two: far 110 + 100 and third 20 + 100 = 330.
    expect(plan.compared.curve).toEqual([
      { parcels: 1, costMinor: 1000, besideMinor: 0, gap: 0 },
      { parcels: 2, costMinor: 330, besideMinor: 0, gap: 0 },
    ]);
    expect(plan.compared.fewestParcelsMinor).toBe(1000);
  });

  test('where the same cannot be had in fewer parcels, the plan is the whole curve; it is empty only while nobody has worked it out', async () => {
    const apart = problem({
      needs: [wants('hat'), wants('boots')],
      offers: [offer('far', 'hat', 50), offer('third', 'boots', 20)],
      sellers,
    });
    // Far 50 + 100 and third 20 + 100.
    expect((await solve(apart)).compared.curve).toEqual([{ parcels: 2, costMinor: 270, besideMinor: 0, gap: 0 }]);
    const hurried = await solveBasket(
      apart,
      { now: () => 0, shouldStop: () => false, onProgress: () => undefined, onPlan: () => undefined },
      { comparisons: false },
    );
    expect(hurried.compared.curve).toEqual([]);
  });

  test('each rule that costs something says how much', async () => {
    const plan = await solve(problem({ needs, offers, sellers, rules: { ...NO_RULES, withinDays: 5 } }));
    // Without the third seller: far 110 + 100, near 300 + 100 = 610.
    expect(plan.costMinor).toBe(610);
    expect(plan.reasons).toContainEqual({
      kind: 'rule costs',
      rule: { rule: 'days', most: 5 },
      minor: 280,
      paidMinor: 330,
      isProven: true,
    });
  });

  test('a rule that keeps parts from being had says how many, and what they would come to', async () => {
    const short = needs.map((need) => ({ ...need, shortCostMinor: 5000 }));
    const plan = await solve(problem({ needs: short, offers, sellers, rules: { ...NO_RULES, budgetMinor: 250 } }));
    expect(plan.short).toEqual([{ need: 'boots', quantity: 1 }]);
    expect(plan.reasons).toContainEqual({ kind: 'more without', rule: { rule: 'budget', minor: 250 }, parts: 1, paidMinor: 330 });
  });

  test('rules that exclude each other are both named, and which of them could go', async () => {
    const plan = await solve(
      problem({ needs, offers, sellers, rules: { ...NO_RULES, maxParcels: 1, budgetMinor: 500, trustedOnly: true } }),
    );
    expect(plan.status).toBe('infeasible');
    expect(plan.reasons).toEqual([
      { kind: 'rules exclude', rules: [{ rule: 'parcels', most: 1 }, { rule: 'budget', minor: 500 }, { rule: 'trusted' }] },
      { kind: 'plan without', rule: { rule: 'parcels', most: 1 }, paidMinor: 330 },
      { kind: 'plan without', rule: { rule: 'budget', minor: 500 }, paidMinor: 1000 },
    ]);
  });
});
