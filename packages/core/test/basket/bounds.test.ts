import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { cellsOf, fillChoices } from '../../src/basket/bound/choices.js';
import { countsAt, countsOf } from '../../src/basket/bound/counts.js';
import { gainInPart } from '../../src/basket/bound/inPart.js';
import { ParcelChoice } from '../../src/basket/bound/parcelChoice.js';
import { SellerBound } from '../../src/basket/bound/sellerBound.js';
import { dutyOn, postageFor } from '../../src/basket/problem/plan.js';
import { NO_RULES, type BasketProblem } from '../../src/basket/problem/problem.js';
import { reduceMarket } from '../../src/basket/reduce/market.js';
import { indexMarket } from '../../src/basket/reduce/marketIndex.js';
import { smallProblem } from './arbitrary.js';

/** What a seller contributes at most for some multipliers, by trying every quantity. */
function bestByTrying(problem: BasketProblem, multipliers: ReadonlyMap<string, number>): number {
  const market = reduceMarket(problem);
  const [own] = market.sellers;
  if (!own) return 0;
  const offers = market.offersBySeller.get(own.id) ?? [];
  // Units beyond what needs and buyers would take are worth nothing to anybody.
  const wanted = (variant: string): number =>
    market.needs.reduce((all, need) => all + (need.options.some((option) => option.variant === variant) ? need.quantity : 0), 0) +
    (market.resale.get(variant)?.upTo ?? 0);
  let best = 0;
  const walk = (i: number, goods: number, weight: number, value: ReadonlyMap<string, number>): void => {
    const usable = offers[i];
    if (!usable) {
      if (goods === 0 && value.size === 0) return;
      const postage = postageFor(own, weight, goods);
      if (postage === null || goods < own.minimumMinor) return;
      let worth = 0;
      for (const [variant, units] of value) worth += Math.min(units, wanted(variant)) * (multipliers.get(variant) ?? 0);
      best = Math.max(best, worth - goods - postage - own.handlingMinor - dutyOn(own, goods));
      return;
    }
    for (let quantity = 0; quantity <= usable.most; quantity += usable.offer.multiple) {
      const next = new Map(value);
      if (quantity > 0)
        for (const [variant, each] of usable.yields) next.set(variant, (next.get(variant) ?? 0) + each * Math.min(quantity, usable.useful));
      walk(i + 1, goods + quantity * usable.offer.priceMinor, weight + quantity * usable.item.weightG, next);
    }
  };
  walk(0, 0, 0, new Map());
  return best;
}

describe('the bound of one seller', () => {
  test('is never below what it could contribute, whatever units are worth', () => {
    fc.assert(
      fc.property(smallProblem, fc.array(fc.integer({ min: 0, max: 300 }), { minLength: 4, maxLength: 4 }), (problem, worths) => {
        const [first] = problem.sellers;
        const alone = {
          ...problem,
          rules: { ...NO_RULES, allowThirdParty: true, sellers: [first?.id ?? ''], resaleShare: problem.rules.resaleShare },
        };
        const index = indexMarket(reduceMarket(alone));
        const multipliers = new Map(['a', 'b', 'c', 'd'].map((variant, i) => [variant, worths[i] ?? 0]));
        const values = Float64Array.from(index.variants, (variant) => multipliers.get(variant) ?? 0);
        if (index.market.sellers.length === 0) return;
        const best = bestByTrying(alone, multipliers);
        const inPart = new SellerBound(index, 0).contribution(values, new Float64Array(index.variants.length));
        expect(inPart).toBeGreaterThanOrEqual(best - 1e-6);
        // Priced by their units, counts are worth what units are: whole units are then no further from the truth than units in part.
        const counts = countsOf(index);
        const priced = new Float64Array(countsAt(index) + counts.units.length);
        priced.set(values);
        counts.units.forEach((units, count) => {
          priced[countsAt(index) + count] = units * (values[index.shelfVariant[counts.shelf[count] ?? 0] ?? 0] ?? 0);
        });
        const inWhole = new ParcelChoice(index, 0, counts).contribution(priced, new Float64Array(priced.length));
        expect(inWhole).toBeGreaterThanOrEqual(best - 1e-6);
        // A count takes the lightest units there are: where a bundle is had too, they do not all weigh the same, and neither is always closer.
        if (alone.offers.every((offer) => offer.item !== 'i-bundle')) expect(inPart).toBeGreaterThanOrEqual(inWhole - 1e-6);
      }),
      { numRuns: 300 },
    );
  });
});

/** Rows of options, each [weight or goods, gain], as the functions take them. */
function rowsOf(rows: readonly (readonly (readonly [number, number])[])[]) {
  const options = rows.flat();
  return {
    choices: { rowFrom: Int32Array.from([0, ...rows.map((_, r) => rows.slice(0, r + 1).flat().length)]) },
    first: Float64Array.from(options, ([value]) => value),
    gains: Float64Array.from(options, ([, gain]) => gain),
    taken: new Float64Array(options.length),
  };
}

type Row = readonly (readonly [number, number])[];

/** The best of every way to take one option a row at most. */
function bestChoice(rows: readonly Row[], isSound: (total: number) => boolean): number {
  const walk = (r: number, total: number, gain: number): number => {
    const row = rows[r];
    if (!row) return isSound(total) ? gain : -Infinity;
    return Math.max(walk(r + 1, total, gain), ...row.map(([value, own]) => walk(r + 1, total + value, gain + own)));
  };
  return walk(0, 0, 0);
}

const row = fc.array(fc.tuple(fc.integer({ min: 0, max: 12 }), fc.integer({ min: -3, max: 20 })), { minLength: 1, maxLength: 3 });

describe('a knapsack of one option a row', () => {
  const fill = (capacity: number, rows: readonly Row[]) => {
    const { choices, first, gains, taken } = rowsOf(rows);
    return { gain: fillChoices(choices, cellsOf(capacity, first), gains, taken), taken: [...taken] };
  };

  test('takes two smaller things for one that gains more by its weight', () => {
    expect(fill(10, [[[6, 7]], [[5, 5]], [[5, 5]]])).toEqual({ gain: 10, taken: [0, 1, 1] });
  });

  test('takes one of a row, not two of it', () => {
    expect(
      fill(10, [
        [
          [4, 5],
          [5, 6],
        ],
        [[5, 1]],
      ]),
    ).toEqual({ gain: 7, taken: [0, 1, 1] });
  });

  test('what weighs nothing is taken, what gains nothing is not', () => {
    expect(fill(3, [[[0, 8]], [[1, 0]], [[1, -5]]])).toEqual({ gain: 8, taken: [1, 0, 0] });
  });

  test('gains what trying every choice would, and takes what gains it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 30 }), fc.array(row, { maxLength: 5 }), (capacity, rows) => {
        const { gain, taken } = fill(capacity, rows);
        expect(gain).toBe(bestChoice(rows, (weight) => weight <= capacity));
        const options = rows.flat();
        const sum = (of: 0 | 1): number => options.reduce((all, option, i) => all + option[of] * (taken[i] ?? 0), 0);
        expect(sum(1)).toBe(gain);
        expect(sum(0)).toBeLessThanOrEqual(capacity);
      }),
      { numRuns: 400 },
    );
  });

  test('is never below the truth where weights have no common measure', () => {
    // 1,000,003 is prime: it is cut into a thousand cells, and a third of it and a little more counts as a third.
    expect(fill(1_000_003, [[[333_335, 10]], [[333_335, 10]], [[333_335, 10]], [[7, 1]]]).gain).toBe(31);
  });
});

describe('choices in part', () => {
  test('the last step is taken as far as goods go', () => {
    // Two for 10 gain 8, the second less than the first; goods of 15 at most: all of the row that gains most, and half of the other.
    const { choices, first, gains, taken } = rowsOf([
      [[10, 8]],
      [
        [10, 4],
        [20, 6],
      ],
    ]);
    const limits = { least: 0, most: 15, all: 30, surplusCost: 1 };
    expect(gainInPart(choices, first, gains, limits, taken)).toBe(10);
    expect([...taken]).toEqual([1, 0.5, 0]);
  });

  test('gains no less than whole choices within the limits would, goods nobody wants filling up', () => {
    // Goods fetch at least nothing: what an option loses is no more than it costs, as in a parcel.
    const wanted = fc
      .array(row, { minLength: 1, maxLength: 4 })
      .map((rows) =>
        rows.map((own) => [...own].sort(([a], [b]) => a - b).map(([goods, gain]): [number, number] => [goods, Math.max(gain, -goods)])),
      );
    fc.assert(
      fc.property(
        wanted,
        fc.integer({ min: 0, max: 30 }),
        fc.integer({ min: 0, max: 20 }),
        fc.integer({ min: 0, max: 40 }),
        (rows, least, above, surplus) => {
          const { choices, first, gains, taken } = rowsOf(rows);
          const most = least + above;
          const all = rows.reduce((sum, own) => sum + Math.max(...own.map(([goods]) => goods)), surplus);
          const found = gainInPart(choices, first, gains, { least, most, all, surplusCost: 1 }, taken);
          for (let extra = 0; extra <= surplus; extra += 1)
            expect(found).toBeGreaterThanOrEqual(
              bestChoice(rows, (goods) => goods + extra >= least && goods + extra <= most) - extra - 1e-9,
            );
        },
      ),
      { numRuns: 300 },
    );
  });
});
