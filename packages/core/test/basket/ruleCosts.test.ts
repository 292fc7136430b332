import { describe, expect, test } from '@jest/globals';
import type { BasketPlan } from '../../src/basket/problem/plan.js';
import { ruleCosts } from '../../src/basket/solve/ruleCosts.js';
import { largeMarket } from './largeMarket.js';

const plan = (paidMinor: number, penaltiesMinor: number): BasketPlan =>
  ({
    status: 'proven',
    paidMinor,
    costMinor: paidMinor + penaltiesMinor,
    shortageMinor: 0,
    short: [],
    standing: [],
  }) as unknown as BasketPlan;

describe('what a rule costs', () => {
  const problem = largeMarket(1);
  const limited = { ...problem, rules: { ...problem.rules, maxParcels: 3, condition: 'worn' as const } };
  const saidOf = (own: BasketPlan, without: BasketPlan) =>
    ruleCosts(limited, own, { isOver: () => false, solve: () => Promise.resolve(without) });

  test('is said in what is paid', async () => {
    expect(await saidOf(plan(3429, 200), plan(3319, 200))).toEqual([
      { kind: 'rule costs', rule: { rule: 'parcels', most: 3 }, minor: 110, paidMinor: 3319, isProven: true },
    ]);
  });

  test('is nothing where the trip would be dearer without it, though it would hold better parts', async () => {
    expect(await saidOf(plan(3429, 200), plan(3455, 64))).toEqual([]);
  });
});
