import { describe, expect, test } from '@jest/globals';
import { cheapestEach } from '../../src/basket/search/cheapestEach.js';
import { indexMarket } from '../../src/basket/reduce/marketIndex.js';
import { reduceMarket } from '../../src/basket/reduce/market.js';
import { solveBasket } from '../../src/basket/solve/solve.js';
import { verifyPlan } from '../../src/basket/verify/verify.js';
import { largeMarket } from './largeMarket.js';

describe('a market too large to be proven at once', () => {
  test('is planned to the gap asked for, by a plan the verifier finds no fault with', async () => {
    const problem = largeMarket(7);
    const stages = new Set<string>();
    const plan = await solveBasket(
      problem,
      {
        now: () => performance.now() / 1000,
        shouldStop: () => false,
        onProgress: ({ phase }) => stages.add(phase),
        onPlan: () => undefined,
      },
      { comparisons: false },
    );
    expect(verifyPlan(problem, plan)).toEqual([]);
    expect(plan.short).toEqual([]);
    expect(plan.gap).toBeLessThanOrEqual(problem.effort.gap);
    expect(plan.boundMinor).toBeLessThanOrEqual(plan.costMinor);
    expect(stages).toEqual(new Set(['searching', 'bounding', ...(stages.has('proving') ? ['proving'] : [])]));
    const each = cheapestEach(indexMarket(reduceMarket(problem)));
    expect(plan.costMinor).toBeLessThan(each?.priced.costMinor ?? 0);
  }, 120_000);
});
