import { describe, expect, test } from '@jest/globals';
import { type BasketProblem } from '../../src/basket/problem/problem.js';
import { solveBasket } from '../../src/basket/solve/solve.js';
import { verifyPlan } from '../../src/basket/verify/verify.js';
import { NO_RULES } from '../../src/index.js';
import { EXAMPLE } from './example.js';

/** Six figures of a cheap head, cheap legs and a dear cape, all from one seller without postage. */
const PRICES = { head: 10, legs: 10, cape: 100 } as const;
const parts = Object.keys(PRICES) as (keyof typeof PRICES)[];
const [seller] = EXAMPLE.sellers;
if (!seller) throw new Error('the example has no seller');
const SIX: BasketProblem = {
  ...EXAMPLE,
  needs: parts.map((id) => ({ id, quantity: 6, options: [{ variant: id, penaltyMinor: 0 }], shortCostMinor: 1000, sameSeller: false })),
  wholes: [{ id: 'guard', count: 6, worth: 1, needs: parts.map((need) => ({ need, quantity: 1 })) }],
  owned: [],
  items: parts.map((id) => ({ id, weightG: 1, yields: [{ variant: id, quantity: 1 }] })),
  sellers: [{ ...seller, minimumMinor: 0, handlingMinor: 0, postage: [{ upToG: 1000, costMinor: 0 }], duty: null }],
  offers: parts.map((id) => ({
    id,
    seller: seller.id,
    item: id,
    priceMinor: PRICES[id],
    stock: 6,
    multiple: 1,
    condition: 'used' as const,
  })),
  rules: { ...NO_RULES, budgetMinor: 300 },
  effort: { gap: 0, seconds: 8 },
};

const solveWith = (now: () => number) =>
  solveBasket(SIX, { now, shouldStop: () => false, onProgress: () => undefined, onPlan: () => undefined }, { comparisons: false });

describe('whole ones under a budget, one by one', () => {
  test('stand though no time is left for a model: 300 buys two at 120, where the most pieces would let only one stand', async () => {
    // The clock stands while the search looks round, and is at the end of the time before a model is begun.
    let asked = 0;
    const plan = await solveWith(() => ((asked += 1) <= 26 ? 0 : 100));
    expect(plan.standing).toEqual([{ whole: 'guard', quantity: 2 }]);
    expect(plan.paidMinor).toBeLessThanOrEqual(300);
    expect(verifyPlan(SIX, plan)).toEqual([]);
  });

  test('are no more than a model proves', async () => {
    const plan = await solveWith(() => 0);
    expect(plan).toMatchObject({ status: 'proven', standing: [{ whole: 'guard', quantity: 2 }], mostStandingWorth: 2 });
  });
});
