import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type BasketProblem, demandOf, mostThatStand, standingOf, wholesOf } from '../../src/index.js';
import { smallProblem } from '../basket/arbitrary.js';
import { mostWorth } from '../basket/bruteForce.js';
import { lookOf } from '../fixture.js';

type Line = Parameters<typeof wholesOf>[0][number];
const line = (id: string, parts: string, copies: number, group: string | null = null): Line => ({
  look: { ...lookOf(parts), id },
  copies,
  group,
});
const GUARD = 'head HD-1·light·face, arm.L AR-1·red, arm.R AR-1·red';

/** What a plan of some lines leaves, and how many stand. */
function standing(lines: readonly Line[], short: Readonly<Record<string, number>>, isFigure: (line: Line) => boolean = () => true) {
  const needs = [...demandOf(lines)].map(([id, quantity]) => ({
    id,
    quantity,
    options: [{ variant: id, penaltyMinor: 0 }],
    shortCostMinor: 1,
    sameSeller: false,
  }));
  const plan = { short: Object.entries(short).map(([need, quantity]) => ({ need, quantity })) };
  return standingOf({ needs, wholes: wholesOf(lines, isFigure) }, plan);
}

describe('how many figures of an errand can stand', () => {
  test('twelve copies and heads for seven: seven can stand, five heads are lacking', () => {
    expect(standing([line('guard', GUARD, 12)], { 'HD-1·light·face': 5 })).toEqual({
      complete: 7,
      figures: 12,
      looks: [{ look: 'guard', copies: 7 }],
      lacking: [{ variant: 'HD-1·light·face', quantity: 5, wanted: 12 }],
    });
  });

  test('of three copies that want two arms each, one arm short leaves two', () => {
    expect(standing([line('guard', GUARD, 3)], { 'AR-1·red': 1 })).toMatchObject({ complete: 2 });
  });

  test('a figure that needs nothing scarce stands, whatever order they come in', () => {
    const lines = [line('guard', GUARD, 1), line('plain', 'torso TO-1·red', 2)];
    expect(standing(lines, { 'HD-1·light·face': 1 })).toMatchObject({ complete: 2, figures: 3, looks: [{ look: 'plain', copies: 2 }] });
  });

  test('one head for two: the figure that comes first has it', () => {
    const lines = [line('b', 'head HD-1·light·face', 1), line('a', 'head HD-1·light·face', 1)];
    expect(standing(lines, { 'HD-1·light·face': 1 }).looks).toEqual([{ look: 'b', copies: 1 }]);
  });

  test('two arms for one that wants both or two that want one each: two stand, though the other comes first', () => {
    const lines = [line('both', 'arm.L AR-1·red, arm.R AR-1·red', 1), line('one', 'arm.L AR-1·red', 2)];
    expect(standing(lines, { 'AR-1·red': 2 }).looks).toEqual([{ look: 'one', copies: 2 }]);
  });

  test('looks of a group are never shown together: they stand on the same parts', () => {
    const lines = [
      line('day', 'head HD-1·light·face, torso TO-1·red', 1, 'g'),
      line('night', 'head HD-1·light·face, torso TO-1·blue', 1, 'g'),
    ];
    expect(standing(lines, {})).toMatchObject({ complete: 2 });
    expect(standing(lines, { 'TO-1·blue': 1 }).looks).toEqual([{ look: 'day', copies: 1 }]);
  });

  test('nothing short: everybody stands', () => {
    expect(standing([line('guard', GUARD, 4)], {})).toMatchObject({ complete: 4, figures: 4, lacking: [] });
  });

  test('spares are no figure: they stand for none, and have what figures leave', () => {
    const spares = line('spares', GUARD, 1);
    const lines = [spares, line('guard', GUARD, 2)];
    expect(standing(lines, { 'HD-1·light·face': 1 }, (own) => own !== spares)).toMatchObject({ complete: 2, figures: 2 });
  });

  test('as many figures as can stand count more than which they are, as long as a solver tells the worths apart', () => {
    const worths = (figures: number, copies: number): readonly number[] =>
      wholesOf(Array.from({ length: figures }, (_, i) => line(`${i}`, GUARD, copies))).map((whole) => whole.worth);
    // One more that stands is worth more than any exchange among those that do.
    const [first = 0, ...others] = worths(3, 4);
    const last = others.at(-1) ?? 0;
    expect(first).toBeGreaterThan(last);
    expect(last).toBeGreaterThan(12 * (first - last));
    expect(new Set(worths(200, 40))).toEqual(new Set([1]));
  });

  test('the choice counts as much as any there is', () => {
    fc.assert(
      fc.property(
        smallProblem,
        fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 3, maxLength: 3 }),
        (problem: BasketProblem, units) => {
          const needs = problem.needs.map((need) => ({ ...need, servesAs: need.id }));
          const filled = new Map(needs.map(({ id }, i) => [id, units[i] ?? 0]));
          const worth = new Map(problem.wholes.map((whole) => [whole.id, whole.worth]));
          const counted = mostThatStand(problem.wholes, filled).reduce((all, row) => all + row.quantity * (worth.get(row.whole) ?? 0), 0);
          expect(counted).toBe(mostWorth({ ...problem, needs }, filled));
        },
      ),
      { numRuns: 400 },
    );
  });
});
