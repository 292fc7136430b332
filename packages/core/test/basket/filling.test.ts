import { describe, expect, test } from '@jest/globals';
import { type BasketPlan } from '../../src/basket/problem/plan.js';
import { type BasketProblem } from '../../src/basket/problem/problem.js';
import { solveBasket } from '../../src/basket/solve/solve.js';
import { verifyPlan } from '../../src/basket/verify/verify.js';
import { NO_RULES } from '../../src/index.js';
import { EXAMPLE, EXAMPLE_PLAN } from './example.js';

const solve = (problem: BasketProblem, options: { readonly last?: BasketPlan; readonly onPlan?: (plan: BasketPlan) => void } = {}) =>
  solveBasket(
    problem,
    { now: () => 0, shouldStop: () => false, onProgress: () => undefined, onPlan: options.onPlan ?? (() => undefined) },
    { comparisons: true, ...(options.last && { last: options.last }) },
  );

/** The cape costs 400 wherever it is had, and a cape left unfilled counts 100. */
const DEAR: BasketProblem = {
  ...EXAMPLE,
  needs: EXAMPLE.needs.map((need) => (need.id === 'cape' ? { ...need, shortCostMinor: 100 } : need)),
  offers: EXAMPLE.offers.map((offer) => (offer.item === 'one cape' ? { ...offer, priceMinor: 400 } : offer)),
};

describe('filling first', () => {
  test('buys what can be had though leaving it would count less; as a price it is left', async () => {
    const first = await solve(DEAR);
    expect(first).toMatchObject({ status: 'proven', short: [], shortageMinor: 0, leastShortageMinor: 0 });
    const priced = await solve({ ...DEAR, rules: { ...NO_RULES, fillFirst: false } });
    expect(priced).toMatchObject({
      status: 'proven',
      short: [{ need: 'cape', quantity: 1 }],
      shortageMinor: 100,
      leastShortageMinor: null,
    });
    for (const [problem, plan] of [
      [DEAR, first],
      [{ ...DEAR, rules: { ...NO_RULES, fillFirst: false } }, priced],
    ] as const)
      expect(verifyPlan(problem, plan)).toEqual([]);
  });

  test('under a budget fills what counts most, and proves that no more can be had', async () => {
    // 160 buys the lantern (60 + 100 postage); the cape at 400 is beyond it.
    const problem = { ...DEAR, rules: { ...NO_RULES, budgetMinor: 200 } };
    const plan = await solve(problem);
    expect(plan).toMatchObject({ status: 'proven', paidMinor: 160, short: [{ need: 'cape', quantity: 1 }], leastShortageMinor: 100 });
    // As many as its seller has: it is for the budget that it is left out.
    const [short] = plan.reasons.filter((reason) => reason.kind === 'short');
    expect(short).toMatchObject({ variant: 'cape', quantity: 1, wanted: 1 });
    expect(short?.available).toBeGreaterThan(0);
  });

  test('what nobody has takes no part in the gap: it is of the money alone', async () => {
    const plan = await solve({
      ...EXAMPLE,
      needs: EXAMPLE.needs.map((need) => (need.id === 'lanterns' ? { ...need, quantity: 60, shortCostMinor: 5000 } : need)),
    });
    expect(plan.leastShortageMinor).toBe(plan.shortageMinor);
    expect(plan.shortageMinor).toBeGreaterThan(200_000);
    const money = plan.costMinor - plan.shortageMinor;
    expect(plan.gap).toBeCloseTo((plan.costMinor - plan.boundMinor) / money, 12);
  });
});

describe('planning again', () => {
  test('begins with the last plan: it is told before anything is searched', async () => {
    const told: BasketPlan[] = [];
    await solve(EXAMPLE, { last: EXAMPLE_PLAN, onPlan: (plan) => told.push(plan) });
    expect(told.some((plan) => plan.paidMinor === EXAMPLE_PLAN.paidMinor)).toBe(true);
    expect(told.findIndex((plan) => plan.paidMinor === EXAMPLE_PLAN.paidMinor)).toBeLessThan(2);
  });

  test('what has gone since is let go, and the rest is kept', async () => {
    const without = { ...EXAMPLE, offers: EXAMPLE.offers.filter((offer) => offer.id !== 'near lantern') };
    const plan = await solve(without, { last: EXAMPLE_PLAN });
    expect(verifyPlan(without, plan)).toEqual([]);
    expect(plan.status).toBe('proven');
  });
});
