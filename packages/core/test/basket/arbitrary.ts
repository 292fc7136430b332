import fc from 'fast-check';
import { CONDITIONS } from '../../src/catalogue/conditions.js';
import { type BasketProblem } from '../../src/basket/problem/problem.js';

const VARIANTS = ['a', 'b', 'c'];
const SELLERS = ['s1', 's2', 's3'];
const nullable = <T>(value: fc.Arbitrary<T>): fc.Arbitrary<T | null> => fc.option(value, { nil: null, freq: 4 });

const seller = (id: string) =>
  fc.record({
    id: fc.constant(id),
    country: fc.constant('NL'),
    days: fc.integer({ min: 1, max: 9 }),
    trusted: fc.boolean(),
    thirdParty: fc.constantFrom(false, false, true),
    minimumMinor: fc.constantFrom(0, 0, 40, 120),
    handlingMinor: fc.constantFrom(0, 10, 35),
    postage: fc
      .array(fc.record({ step: fc.integer({ min: 2, max: 6 }), costMinor: fc.integer({ min: 0, max: 150 }) }), {
        minLength: 1,
        maxLength: 3,
      })
      .map((tiers) => {
        let upToG = 0;
        return tiers.map(({ step, costMinor }) => ({ upToG: (upToG += step), costMinor }));
      }),
    freePostageFromMinor: nullable(fc.integer({ min: 30, max: 300 })),
    duty: nullable(
      fc.record({
        aboveMinor: fc.integer({ min: 0, max: 200 }),
        percent: fc.constantFrom(0, 5, 12.5, 21),
        feeMinor: fc.constantFrom(0, 15),
      }),
    ),
  });

const wholesOver = (names: readonly string[]) =>
  fc.uniqueArray(
    fc.record({
      id: fc.constantFrom('w0', 'w1', 'w2'),
      count: fc.integer({ min: 1, max: 2 }),
      worth: fc.integer({ min: 1, max: 3 }),
      group: fc.constantFrom(undefined, undefined, 'g'),
      needs: fc.uniqueArray(fc.record({ need: fc.constantFrom(...names), quantity: fc.integer({ min: 1, max: 2 }) }), {
        selector: (row) => row.need,
        minLength: 1,
        maxLength: 3,
      }),
    }),
    { selector: (row) => row.id, maxLength: 3 },
  );

/** Small problems that use every feature of the format but wholes, and stay small enough to try everything. */
const bareProblem: fc.Arbitrary<BasketProblem> = fc.record({
  currency: fc.constant('EUR'),
  needs: fc
    .array(
      fc.record({
        quantity: fc.integer({ min: 1, max: 2 }),
        variants: fc.uniqueArray(fc.constantFrom(...VARIANTS), { minLength: 1, maxLength: 2 }),
        penaltyMinor: fc.integer({ min: 0, max: 60 }),
        shortCostMinor: nullable(fc.integer({ min: 0, max: 400 })),
        sameSeller: fc.boolean(),
      }),
      { minLength: 1, maxLength: 3 },
    )
    .map((needs) =>
      needs.map(({ variants, penaltyMinor, ...need }, i) => ({
        id: `n${i}`,
        ...need,
        options: variants.map((variant, k) => ({ variant, penaltyMinor: k === 0 ? 0 : penaltyMinor })),
      })),
    ),
  wholes: fc.constant([]),
  owned: fc.uniqueArray(
    fc.record({ variant: fc.constantFrom(...VARIANTS), quantity: fc.integer({ min: 1, max: 2 }), costMinor: fc.constantFrom(0, 0, 80) }),
    { selector: (row) => row.variant, maxLength: 2 },
  ),
  items: fc
    .tuple(fc.integer({ min: 1, max: 3 }), fc.uniqueArray(fc.constantFrom(...VARIANTS, 'd'), { minLength: 2, maxLength: 3 }))
    .map(([weightG, bundle]) => [
      ...VARIANTS.map((variant) => ({ id: `i-${variant}`, weightG, yields: [{ variant, quantity: 1 }] })),
      { id: 'i-bundle', weightG: weightG + 1, yields: bundle.map((variant, i) => ({ variant, quantity: i === 0 ? 2 : 1 })) },
    ]),
  sellers: fc.tuple(...SELLERS.map(seller)),
  offers: fc
    .array(
      fc.record({
        seller: fc.constantFrom(...SELLERS),
        item: fc.constantFrom(...VARIANTS.map((variant) => `i-${variant}`), 'i-bundle'),
        priceMinor: fc.integer({ min: 0, max: 120 }),
        stock: fc.integer({ min: 1, max: 3 }),
        multiple: fc.constantFrom(1, 1, 2),
        condition: fc.constantFrom(...CONDITIONS),
      }),
      { minLength: 1, maxLength: 5 },
    )
    .map((offers) => offers.map((offer, i) => ({ id: `o${i}`, ...offer }))),
  resale: fc.uniqueArray(
    fc.record({
      variant: fc.constantFrom(...VARIANTS, 'd'),
      valueMinor: fc.integer({ min: 0, max: 70 }),
      upTo: fc.integer({ min: 0, max: 3 }),
    }),
    { selector: (row) => row.variant, maxLength: 2 },
  ),
  rules: fc.record({
    maxParcels: nullable(fc.integer({ min: 1, max: 2 })),
    budgetMinor: nullable(fc.integer({ min: 50, max: 600 })),
    withinDays: nullable(fc.integer({ min: 3, max: 9 })),
    condition: fc.constantFrom('worn' as const, 'worn' as const, 'used' as const),
    trustedOnly: fc.constantFrom(false, false, true),
    allowThirdParty: fc.boolean(),
    sellers: nullable(fc.uniqueArray(fc.constantFrom(...SELLERS), { minLength: 1, maxLength: 3 })),
    resaleShare: fc.constantFrom(0, 0, 0.5, 0.75, 1),
    standFirst: fc.boolean(),
    fillFirst: fc.boolean(),
  }),
  effort: fc.constant({ gap: 0, seconds: 20 }),
});

/** The same with what the needs are for: wholes that compete, that share as a group, and needs that serve as another. */
export const smallProblem: fc.Arbitrary<BasketProblem> = bareProblem.chain((problem) =>
  fc.tuple(wholesOver(problem.needs.map((need) => need.id)), fc.boolean()).map(([wholes, isServing]) => {
    const needs = problem.needs.map((need) => (isServing && need.id === 'n1' ? { ...need, servesAs: 'n0' } : need));
    const served = new Set(needs.map((need) => need.servesAs ?? need.id));
    const sound = wholes.map(({ group, ...whole }) => ({
      ...whole,
      ...(group !== undefined && { group }),
      needs: whole.needs.filter((row) => served.has(row.need)),
    }));
    return { ...problem, needs, wholes: sound.filter((whole) => whole.needs.length > 0) };
  }),
);
