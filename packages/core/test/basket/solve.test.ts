import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { cheapestEach } from '../../src/basket/search/cheapestEach.js';
import { indexMarket } from '../../src/basket/reduce/marketIndex.js';
import { lagrangianBound } from '../../src/basket/bound/lagrangian.js';
import { priceDecision } from '../../src/basket/decision/assemble.js';
import { NO_RULES, problemFaults, type BasketProblem } from '../../src/basket/problem/problem.js';
import { reduceMarket } from '../../src/basket/reduce/market.js';
import { searchBaskets } from '../../src/basket/search/search.js';
import { solveBasket } from '../../src/basket/solve/solve.js';
import { verifyPlan } from '../../src/basket/verify/verify.js';
import { type BasketPlan } from '../../src/basket/problem/plan.js';
import { smallProblem } from './arbitrary.js';
import { bruteForce } from './bruteForce.js';

const solve = (problem: BasketProblem): Promise<BasketPlan> =>
  solveBasket(problem, { now: () => 0, shouldStop: () => false, onProgress: () => undefined, onPlan: () => undefined });

/** One part, 76 and 26 of postage, or left unfilled at 102. */
const buyingCostsWhatLeavingDoes: BasketProblem = {
  currency: 'EUR',
  needs: [{ id: 'n', quantity: 1, shortCostMinor: 102, sameSeller: false, options: [{ variant: 'a', penaltyMinor: 0 }] }],
  wholes: [],
  owned: [],
  items: [{ id: 'i', weightG: 1, yields: [{ variant: 'a', quantity: 1 }] }],
  sellers: [
    {
      id: 's',
      country: 'NL',
      days: 1,
      trusted: false,
      thirdParty: false,
      minimumMinor: 0,
      handlingMinor: 0,
      postage: [{ upToG: 2, costMinor: 26 }],
      freePostageFromMinor: null,
      duty: null,
    },
  ],
  offers: [{ id: 'o', seller: 's', item: 'i', priceMinor: 76, stock: 1, multiple: 1, condition: 'new' }],
  resale: [],
  rules: { ...NO_RULES, standFirst: false, fillFirst: false },
  effort: { gap: 0, seconds: 20 },
};

describe('the solver, on small problems with every feature of the format', () => {
  test('equals brute force, passes the verifier, is never above the search or cheapest-each', async () => {
    await fc.assert(
      fc.asyncProperty(smallProblem, async (problem) => {
        expect(problemFaults(problem)).toEqual([]);
        const plan = await solve(problem);
        expect(verifyPlan(problem, plan)).toEqual([]);
        const least = bruteForce(problem);
        if (least === null) {
          expect(plan.status).toBe('infeasible');
          expect(plan.reasons.length).toBeGreaterThan(0);
          return;
        }
        expect(plan.status).toBe('proven');
        if (problem.rules.standFirst) expect(plan.standingWorth).toBe(least.standingWorth);
        expect(plan.mostStandingWorth).toBe(problem.rules.standFirst ? least.standingWorth : null);
        expect(plan.costMinor).toBe(least.costMinor);
        // Where shortage is a price like any other, buying and leaving may cost the same: only where filling comes first is it settled.
        if (problem.rules.fillFirst) expect(plan.shortageMinor).toBe(least.shortageMinor);
        expect(plan.leastShortageMinor).toBe(problem.rules.fillFirst ? least.shortageMinor : null);
        expect(plan.boundMinor).toBeLessThanOrEqual(least.costMinor);
        const index = indexMarket(reduceMarket(problem));
        const worth = new Float64Array(index.variants.length);
        const search = priceDecision(index.market, searchBaskets(index, { tries: 300, worth, halt: () => false }));
        // Where filling comes first a plan may well cost more than one that fills less.
        const isPrice = !problem.rules.fillFirst && !problem.rules.standFirst;
        if (isPrice && search.faults === 0) expect(plan.costMinor).toBeLessThanOrEqual(search.costMinor);
        const { boundMinor } = lagrangianBound(index, { rounds: 120, bestMinor: plan.costMinor, start: worth, halt: () => false });
        if (isPrice) expect(boundMinor).toBeLessThanOrEqual(least.costMinor + 1e-6);
        const each = cheapestEach(index);
        const { maxParcels, budgetMinor } = problem.rules;
        const keepsRules =
          each && each.priced.parcels.length <= (maxParcels ?? Infinity) && each.priced.paidMinor <= (budgetMinor ?? Infinity);
        if (isPrice && keepsRules) expect(plan.costMinor).toBeLessThanOrEqual(each.priced.costMinor);
      }),
      { numRuns: 250, examples: [[buyingCostsWhatLeavingDoes]] },
    );
  }, 120_000);

  test('does not depend on the order of rows', async () => {
    await fc.assert(
      fc.asyncProperty(smallProblem, async (problem) => {
        const turned: BasketProblem = {
          ...problem,
          needs: [...problem.needs].reverse(),
          offers: [...problem.offers].reverse(),
          sellers: [...problem.sellers].reverse(),
        };
        const [a, b] = [await solve(problem), await solve(turned)];
        expect([b.status, b.costMinor]).toEqual([a.status, a.costMinor]);
      }),
      { numRuns: 60 },
    );
  }, 120_000);
});
