import { describe, expect, test } from '@jest/globals';
import { Ascent } from '../../src/basket/bound/ascent.js';
import { lagrangianBound } from '../../src/basket/bound/lagrangian.js';
import { type Decision, decisionIn, type Found, priceDecision } from '../../src/basket/decision/assemble.js';
import { indexMarket, startingWorth } from '../../src/basket/reduce/marketIndex.js';
import { reduceMarket } from '../../src/basket/reduce/market.js';
import { searchBaskets } from '../../src/basket/search/search.js';
import { Descents } from '../../src/basket/solve/descents.js';
import { marketNear } from '../../src/basket/solve/nearby.js';
import { Neighbourhoods } from '../../src/basket/solve/neighbourhoods.js';
import { seededRandom } from '../../src/index.js';
import { largeMarket } from './largeMarket.js';

const never = { halt: () => false, onBound: () => undefined };

/** A market of some size, a plan of it that a short search found, its bound, and what lies near. */
function situation() {
  const problem = largeMarket(7, { parts: 30, sellers: 16, offers: 330 });
  const market = reduceMarket(problem);
  const index = indexMarket(market);
  const { multipliers } = lagrangianBound(index, { rounds: 300, bestMinor: 25_000, start: startingWorth(index), halt: () => false });
  const ascent = Ascent.from(index, multipliers);
  ascent.climb({ rounds: 400, ...never });
  const decision = searchBaskets(index, { tries: 10, worth: multipliers, halt: () => false });
  const found: Found = { decision, priced: priceDecision(market, decision) };
  return { market, index, ascent, found, near: marketNear(index, found, ascent.losses(), ascent.opened) };
}

const idsOf = (offers: readonly { readonly offer: { readonly id: string } }[]): string[] => offers.map(({ offer }) => offer.id);

describe('what lies near', () => {
  test('has all that the plan buys, of others what the bound loses least by, and is no larger than it need be', () => {
    const { market, near, found } = situation();
    const planned = [...found.decision.bought].flatMap(([usable, quantity]) => (quantity > 0 ? [usable.offer.id] : []));
    expect(idsOf(near.offers)).toEqual(expect.arrayContaining(planned));
    expect(near.offers.length).toBeLessThan(market.offers.length * 0.9);
    expect(near.offers.length).toBeLessThanOrEqual(7 * market.needs.length + planned.length);
  });
});

describe('a neighbourhood', () => {
  test('holds the plan, and leaves what its other needs get as it is', () => {
    const { market, near, found } = situation();
    const around = new Neighbourhoods(market, near, seededRandom(3)).around(found, 12);
    const own = new Map(around.offers.map((usable) => [usable.offer.id, usable]));
    const start = decisionIn(own, found.decision);
    expect(priceDecision(around, start)).toEqual(found.priced);
    for (const [usable, quantity] of start.bought) expect(usable.most).toBeGreaterThanOrEqual(quantity);
    // Needs of which some offer is open that the plan does not buy are decided anew; of the others there is what is bought and no more.
    const open = new Set(around.offers.filter((usable) => (start.bought.get(usable) ?? 0) === 0).map(({ item }) => item.id));
    expect(open.size).toBeGreaterThanOrEqual(8);
    expect(open.size).toBeLessThan(market.needs.length * 0.7);
    for (const usable of around.offers) if (!open.has(usable.item.id)) expect(usable.most).toBe(start.bought.get(usable) ?? 0);
  });
});

describe('descents', () => {
  test('lead from a plan to a better one, each sound, and to ends that are put together', async () => {
    const { market, ascent, found, near } = situation();
    const offered: number[] = [];
    const sound: Decision[] = [];
    let steps = 0;
    const descents = new Descents(market, near, found, { maxShortageMinor: 0 }, seededRandom(5), {
      // A clock that ticks with every look at it: how far it gets does not hang on the machine.
      now: () => (steps += 1) / 1000,
      isOver: () => false,
      onProgress: () => undefined,
      offer: (decision) => {
        const priced = priceDecision(market, decision);
        offered.push(priced.costMinor);
        if (priced.faults === 0 && priced.short.length === 0) sound.push(decision);
      },
      gap: 0.008,
    });
    await descents.run(near, 0.01);
    expect(sound).toHaveLength(offered.length);
    const best = Math.min(...offered);
    expect(best).toBeLessThan(found.priced.costMinor);
    expect(best).toBeGreaterThanOrEqual(Math.ceil(ascent.boundMinor - 0.01));
    // From a quick search to within three in a hundred of the bound.
    expect(best).toBeLessThan(ascent.boundMinor * 1.03);
  }, 60_000);
});
