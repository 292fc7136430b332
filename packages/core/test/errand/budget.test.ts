import { describe, expect, test } from '@jest/globals';
import { basketFor, type Look, NO_RULES, standingOf, demandOf, wholesOf } from '../../src/index.js';
import { verifyPlan } from '../../src/basket/verify/verify.js';
import { input, line, look, offer, seller, solve } from './example.js';

const named = (id: string, of: Look, copies: number, group: string | null = null) => ({ ...line(of, copies, group), look: { ...of, id } });
const problemOf = (lines: readonly ReturnType<typeof named>[], changes: Parameters<typeof input>[0]) =>
  basketFor(input({ demand: demandOf(lines), wholes: wholesOf(lines), sellers: [seller('near', 100)], ...changes }));

describe('a budget buys whole figures', () => {
  // A copy is a head for 400 and two arms for 40 each: 480, and 100 of postage.
  const guard = look(['head', 'head'], ['arm.L', 'arm'], ['arm.R', 'arm']);
  const offers = [offer('near', 'head', 400, { stock: 20 }), offer('near', 'arm', 40, { stock: 40 })];
  const budget = (budgetMinor: number) => ({ offers, rules: { ...NO_RULES, budgetMinor } });

  test('six copies under 13.00: two stand, where most pieces for the money would let one', async () => {
    const problem = problemOf([named('guard', guard, 6)], budget(1300));
    const plan = await solve(problem);
    expect(verifyPlan(problem, plan)).toEqual([]);
    expect(standingOf(problem, plan)).toMatchObject({ complete: 2, figures: 6 });
    // 2 × 480 + 100 = 1060; what is left buys six more arms for those that follow: 12 pieces. Twelve arms and a head would be 13.
    expect(plan).toMatchObject({ status: 'proven', standing: [{ whole: 'guard', quantity: 2 }], paidMinor: 1300 });
    const pieces = await solve({ ...problem, rules: { ...problem.rules, standFirst: false } });
    expect(standingOf(problem, pieces).complete).toBe(1);
    expect(pieces.short.reduce((all, row) => all + row.quantity, 0)).toBeLessThan(plan.short.reduce((all, row) => all + row.quantity, 0));
  });

  test('below what one costs none stands, and the plan says that none can', async () => {
    const plan = await solve(problemOf([named('guard', guard, 6)], budget(500)));
    expect(plan).toMatchObject({ status: 'proven', standing: [], mostStandingWorth: 0 });
    expect(plan.reasons.some((reason) => reason.kind === 'more stand without')).toBe(true);
  });

  test('of two figures that cost the same the one that stands first in the list is bought', async () => {
    const other = look(['head', 'head2'], ['arm.L', 'arm'], ['arm.R', 'arm']);
    const more = { ...budget(580), offers: [...offers, offer('near', 'head2', 400)] };
    for (const lines of [
      [named('a', guard, 1), named('b', other, 1)],
      [named('b', other, 1), named('a', guard, 1)],
    ]) {
      const plan = await solve(problemOf(lines, more));
      expect(plan.standing).toEqual([{ whole: lines[0]?.look.id, quantity: 1 }]);
    }
  });

  test('two cheap ones before one that comes first', async () => {
    const cheap = look(['arm.L', 'arm']);
    const plan = await solve(problemOf([named('guard', guard, 1), named('arm', cheap, 2)], budget(250)));
    expect(plan.standing).toEqual([{ whole: 'arm', quantity: 2 }]);
  });

  test('what is pinned or kept as bought serves figures all the same', async () => {
    const adjustments = {
      ...{ banned: [], accepted: [] },
      pinned: [{ variant: 'head', seller: 'near' }],
      locked: [{ offer: 'near/arm', quantity: 2 }],
    };
    const problem = problemOf([named('guard', guard, 6)], { ...budget(2000), adjustments });
    const plan = await solve(problem);
    expect(verifyPlan(problem, plan)).toEqual([]);
    expect(standingOf(problem, plan).complete).toBe(3);
  });

  test('nothing that a plan stands beside is told in the price of missing parts', async () => {
    const plan = await solve(problemOf([named('guard', guard, 6)], budget(2000)));
    const told = [
      plan.compared.cheapestEachMinor,
      plan.compared.fewestParcelsMinor,
      ...plan.compared.curve.map((point) => point.costMinor),
    ];
    for (const minor of told) expect(minor ?? 0).toBeLessThanOrEqual(6 * 480 + 100);
    // All six at their cheapest, 29.80, are not the same pieces: nothing was saved by buying less.
    expect(plan.compared).toMatchObject({ cheapestEachMinor: null, cheapestEachLacks: 0 });
  });
});
