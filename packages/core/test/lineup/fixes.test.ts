import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { P40 } from '../../src/index.js';
import { bestFix, budgetCurve } from '../../src/lineup/index.js';
import { BRIEF, CATALOGUE, feature, lookOf, supplyOf } from '../fixture.js';

describe('what a budget buys', () => {
  test('what is free first, then most for least; what nobody sells is no point of it', () => {
    const fixes = [
      { id: 'a', likenessGain: 9, costMinor: 62 },
      { id: 'b', likenessGain: 6, costMinor: 0 },
      { id: 'c', likenessGain: 8, costMinor: 210 },
      { id: 'd', likenessGain: 5, costMinor: null },
    ];
    expect(budgetCurve(fixes)).toEqual([
      { spentMinor: 0, gained: 6, figures: ['b'] },
      { spentMinor: 62, gained: 15, figures: ['b', 'a'] },
      { spentMinor: 272, gained: 23, figures: ['b', 'a', 'c'] },
    ]);
  });

  test('no choice of changes gains more for the money of a point: every choice was tried', () => {
    const someFix = fc.record({ gain: fc.integer({ min: 1, max: 20 }), cost: fc.integer({ min: 0, max: 30 }) });
    fc.assert(
      fc.property(fc.array(someFix, { maxLength: 8 }), (rows) => {
        const curve = budgetCurve(rows.map(({ gain, cost }, i) => ({ id: String(i), likenessGain: gain, costMinor: cost })));
        for (const { spentMinor, gained } of curve) {
          let best = 0;
          for (let set = 0; set < 1 << rows.length; set += 1) {
            const chosen = rows.filter((_, i) => (set >> i) & 1);
            if (chosen.reduce((all, { cost }) => all + cost, 0) <= spentMinor)
              best = Math.max(
                best,
                chosen.reduce((all, { gain }) => all + gain, 0),
              );
          }
          expect(gained).toBe(best);
        }
      }),
    );
  });
});

describe('the one change that gains most', () => {
  const body = 'torso TO-1·red, arm.L AR-1·red, arm.R AR-1·red, hand.L HN-1·light, hand.R HN-1·light, hips LG-1·brown';
  const subject = (head: string, brief = {}, supply = supplyOf([])) => ({
    look: lookOf(`head ${head}, ${body}`),
    brief: { ...BRIEF, ...brief },
    system: P40,
    supply,
  });
  const wish = { features: [feature('motif', 'face', 'glasses-round')] };

  test('answers a wish, tells what it costs, and that the part is owned', () => {
    const bought = bestFix(subject('HD-1·light·face', wish, supplyOf([], { 'HD-1·light·reader': 120 })), CATALOGUE);
    expect(bought).toMatchObject({ label: 'Put on Head in light, glasses', costMinor: 120, isOwned: false, pieces: 1 });
    expect(bought.likenessGain).toBeGreaterThan(30);
    expect(bestFix(subject('HD-1·light·face', wish, supplyOf(['HD-1·light·reader'])), CATALOGUE)).toMatchObject({
      costMinor: 0,
      isOwned: true,
    });
  });

  test('is nothing for a figure that has all it wants, and for one that is left as it is', () => {
    expect(bestFix(subject('HD-1·light·reader', wish), CATALOGUE)).toMatchObject({ label: '', likenessGain: 0, edits: [] });
    const left = subject('HD-1·light·face', wish, supplyOf(['HD-1·light·reader']));
    expect(bestFix({ ...left, look: { ...left.look, verdict: { stars: null, words: '', leave: true } } }, CATALOGUE).edits).toEqual([]);
  });
});
