import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { Ascent } from '../../src/basket/bound/ascent.js';
import { indexMarket } from '../../src/basket/reduce/marketIndex.js';
import { searchBaskets } from '../../src/basket/search/search.js';
import { Best } from '../../src/basket/solve/best.js';
import { closeIn } from '../../src/basket/solve/closingIn.js';
import { smallProblem } from './arbitrary.js';
import { bruteForce } from './bruteForce.js';

describe('closing in from both sides', () => {
  test('keeps the best plan between the bound and what it costs, and often meets it', async () => {
    let met = 0;
    let tried = 0;
    await fc.assert(
      fc.asyncProperty(smallProblem, async (problem) => {
        const least = bruteForce(problem);
        const best = new Best(problem);
        const index = indexMarket(best.market);
        const worth = new Float64Array(index.variants.length).fill(60);
        best.offer(searchBaskets(index, { tries: 2, worth, halt: () => false }));
        if (!least || !best.found) return;
        // A clock that ticks with every look at it: a few turns, however fast the machine is.
        let looks = 0;
        await closeIn(index, best, Ascent.from(index, worth), problem.rules.fillFirst ? { maxShortageMinor: best.shortage() } : {}, {
          now: () => (looks += 1) / 20,
          isOver: () => looks > 50 || best.isDone(),
          onProgress: () => undefined,
          offer: (decision) => best.offer(decision),
        });
        const plan = best.plan(0, 'stopped');
        expect(plan.boundMinor).toBeLessThanOrEqual(least.costMinor);
        tried += 1;
        // Where filling comes first, less shortage is better at any cost: only plans that fill as much are dearer.
        if (problem.rules.fillFirst && plan.shortageMinor > least.shortageMinor) return;
        expect(plan.costMinor).toBeGreaterThanOrEqual(least.costMinor);
        met += plan.costMinor === least.costMinor ? 1 : 0;
      }),
      { numRuns: 20 },
    );
    expect(met).toBeGreaterThan(tried * 0.8);
  }, 120_000);
});
