import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type BasketPlan } from '../../src/basket/problem/plan.js';
import {
  copiesPoint,
  copiesToTry,
  isHad,
  mostCopies,
  NO_ADJUSTMENTS,
  NO_RULES,
  problemOfCopies,
  worthwhileVersions,
} from '../../src/index.js';
import { input, offer, solve } from './example.js';

describe('copies', () => {
  test('up to forty are tried at the first few and ever wider apart, forty last', () => {
    const tried = copiesToTry(40);
    expect(tried[0]).toBe(1);
    expect(tried.at(-1)).toBe(40);
    expect(tried.length).toBeLessThanOrEqual(12);
    expect(copiesToTry(3)).toEqual([1, 2, 3]);
  });

  test('the next copy costs what one more came to, on average, since the point before', () => {
    const plan = (paidMinor: number, short = 0) =>
      ({ paidMinor, short: short > 0 ? [{ need: 'hat', quantity: short }] : [] }) as unknown as BasketPlan;
    const first = copiesPoint(1, plan(400), undefined);
    expect(first).toEqual({ copies: 1, costMinor: 400, short: 0, marginalMinor: 400 });
    // 900 for three after 400 for one: 500 for two more.
    expect(copiesPoint(3, plan(900, 2), first)).toEqual({ copies: 3, costMinor: 900, short: 2, marginalMinor: 250 });
  });

  test('stock runs out with the part there is least of', async () => {
    // Hats: 6 + 6 of one each; arms: 12 of two each, and two owned: (12 + 2) ÷ 2 = 7.
    expect(await mostCopies(input({ owned: [{ variant: 'arm', quantity: 2, costMinor: 0 }] }), solve)).toBe(7);
  });

  test('what the rules forbid is no stock: worn offers, a seller ruled out, half a lot', async () => {
    const rules = { ...NO_RULES, condition: 'used' as const };
    const offers = [
      offer('near', 'hat', 300, { stock: 3 }),
      offer('far', 'hat', 100, { stock: 50, condition: 'worn' }),
      offer('near', 'arm', 40, { stock: 7, multiple: 4 }),
      offer('far', 'arm', 30),
    ];
    // Hats: 3 that are not worn. Arms: one lot of four and six more, ten for five copies.
    expect(await mostCopies(input({ rules, offers }), solve)).toBe(3);
    const adjustments = { ...NO_ADJUSTMENTS, banned: ['far'] };
    // One lot of four arms makes two copies.
    expect(await mostCopies(input({ rules, offers, adjustments }), solve)).toBe(2);
    expect(await mostCopies(input({ offers: [] }), solve)).toBe(0);
    expect(await mostCopies(input({ demand: new Map() }), solve)).toBe(Infinity);
  });

  test('n copies can be had exactly when the plan for n is not short, whatever the rules', async () => {
    const stocked = (id: string) =>
      fc.record({
        seller: fc.constantFrom('near', 'far'),
        id: fc.constant(id),
        stock: fc.integer({ min: 0, max: 6 }),
        multiple: fc.integer({ min: 1, max: 3 }),
        condition: fc.constantFrom('new' as const, 'used' as const, 'worn' as const),
      });
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.oneof(stocked('hat'), stocked('arm'), stocked('F')), { minLength: 1, maxLength: 6 }),
        fc.record({
          maxParcels: fc.constantFrom(null, 1),
          budgetMinor: fc.constantFrom(null, 700),
          condition: fc.constantFrom('used' as const, 'worn' as const),
        }),
        fc.boolean(),
        async (rows, rules, doesShare) => {
          const offers = rows.map(({ seller: of, id, ...rest }, i) => ({ ...offer(of, id, 20 + 7 * i, rest), id: `${of}/${id}/${i}` }));
          // A hat may stand in for an arm: two needs that compete for one supply.
          const substitutes = (variant: string) => (doesShare && variant === 'arm' ? [{ variant: 'hat', penaltyMinor: 1 }] : []);
          const asked = input({ offers, substitutes, rules: { ...NO_RULES, ...rules } });
          const most = await mostCopies(asked, solve);
          let slow = 0;
          while (isHad(await solve(problemOfCopies(asked, slow + 1)))) slow += 1;
          expect(most).toBe(slow);
        },
      ),
      { numRuns: 30 },
    );
  });

  test('the next copy never costs less than nothing, and one more than there is falls short', async () => {
    const one = await solve(problemOfCopies(input(), 1));
    const six = await solve(problemOfCopies(input(), 6));
    expect(six.short).toEqual([]);
    expect(six.paidMinor).toBeGreaterThan(one.paidMinor);
    expect((await solve(problemOfCopies(input(), 7))).short).toEqual([{ need: 'arm', quantity: 2 }]);
  });

  test('of versions only those that cost less or look better are worth a line', () => {
    const version = (costMinor: number, likeness: number, short = 0) => ({ costMinor, likeness, short });
    expect(worthwhileVersions([version(9, 95), version(4, 80), version(5, 78), version(3, 60), version(2, 99, 1)], 70)).toEqual([
      version(4, 80),
      version(9, 95),
    ]);
  });
});
