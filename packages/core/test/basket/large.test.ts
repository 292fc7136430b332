import { describe, expect, test } from '@jest/globals';
import { NO_RULES, type BasketProblem } from '../../src/basket/problem/problem.js';
import { cheapestEach } from '../../src/basket/search/cheapestEach.js';
import { indexMarket } from '../../src/basket/reduce/marketIndex.js';
import { marketNear } from '../../src/basket/solve/nearby.js';
import { openingLosses } from '../../src/basket/bound/lagrangian.js';
import { reduceMarket } from '../../src/basket/reduce/market.js';
import { solveBasket } from '../../src/basket/solve/solve.js';
import { verifyPlan } from '../../src/basket/verify/verify.js';
import { seeded } from '../../src/index.js';

/** A market too large to be proven at once: 60 parts, 40 sellers, 900 offers, light and heavy parcels. */
function market(seed: number): BasketProblem {
  const draw = seeded(seed);
  const between = (low: number, high: number): number => low + Math.floor(draw() * (high - low + 1));
  const parts = Array.from({ length: 60 }, (_, n) => ({ id: `v${n}`, usual: between(10, 400) }));
  return {
    currency: 'EUR',
    needs: parts.map(({ id }) => ({
      id: `n-${id}`,
      quantity: between(1, 4),
      options: [{ variant: id, penaltyMinor: 0 }],
      shortCostMinor: 100_000,
      sameSeller: false,
    })),
    owned: [],
    items: parts.map(({ id }) => ({ id: `i-${id}`, weightG: between(2, 30) / 10, yields: [{ variant: id, quantity: 1 }] })),
    sellers: Array.from({ length: 40 }, (_, s) => ({
      id: `s${s}`,
      country: 'NL',
      days: 3,
      trusted: true,
      thirdParty: false,
      minimumMinor: draw() < 0.3 ? between(100, 500) : 0,
      handlingMinor: draw() < 0.3 ? between(10, 60) : 0,
      postage: [
        { upToG: 20, costMinor: between(120, 320) },
        { upToG: 100, costMinor: between(400, 520) },
        { upToG: 1000, costMinor: between(600, 900) },
      ],
      freePostageFromMinor: null,
      duty: null,
    })),
    offers: Array.from({ length: 900 }, (_, o) => {
      const { id, usual } = parts[o % parts.length] ?? { id: '', usual: 0 };
      return {
        id: `o${o}`,
        seller: `s${between(0, 39)}`,
        item: `i-${id}`,
        priceMinor: Math.round(usual * (0.7 + 0.8 * draw())),
        stock: between(1, 8),
        multiple: 1,
        condition: 'used' as const,
      };
    }),
    resale: [],
    rules: { ...NO_RULES, fillFirst: true },
    effort: { gap: 0.007, seconds: 60 },
  };
}

describe('a market too large to be proven at once', () => {
  test('is planned to the gap asked for, by a plan the verifier finds no fault with', async () => {
    const problem = market(7);
    const stages = new Set<string>();
    const plan = await solveBasket(
      problem,
      {
        now: () => performance.now() / 1000,
        shouldStop: () => false,
        onProgress: ({ phase }) => stages.add(phase),
        onPlan: () => undefined,
      },
      { comparisons: false },
    );
    expect(verifyPlan(problem, plan)).toEqual([]);
    expect(plan.short).toEqual([]);
    expect(plan.gap).toBeLessThanOrEqual(problem.effort.gap);
    expect(plan.boundMinor).toBeLessThanOrEqual(plan.costMinor);
    expect(stages).toEqual(new Set(['searching', 'bounding', ...(stages.has('proving') ? ['proving'] : [])]));
    const each = cheapestEach(indexMarket(reduceMarket(problem)));
    expect(plan.costMinor).toBeLessThan(each?.priced.costMinor ?? 0);
  }, 120_000);

  test('what lies near a plan has all its own sellers and the likeliest others, and is no larger than it need be', () => {
    const index = indexMarket(reduceMarket(market(7)));
    const each = cheapestEach(index);
    if (!each) throw new Error('every part is offered by somebody');
    const losses = openingLosses(index, new Float64Array(index.variants.length).fill(50));
    // A plan of one parcel: its seller and thirty others stay of forty.
    const [parcel] = each.priced.parcels;
    if (!parcel) throw new Error('something is bought');
    const near = marketNear(index.market, { ...each, priced: { ...each.priced, parcels: [parcel] } }, losses);
    const kept = near.sellers.map((seller) => seller.id);
    expect(kept).toContain(parcel.seller);
    expect(kept).toHaveLength(31);
    const left = [...losses.losses.keys()].filter((s) => !kept.includes(index.market.sellers[s]?.id ?? ''));
    const others = [...losses.losses.keys()].filter((s) => {
      const id = index.market.sellers[s]?.id ?? '';
      return kept.includes(id) && id !== parcel.seller;
    });
    const lossOf = (s: number): number => losses.losses[s] ?? 0;
    expect(Math.max(...others.map(lossOf))).toBeLessThanOrEqual(Math.min(...left.map(lossOf)));
    expect(near.offers.every((usable) => kept.includes(usable.seller.id))).toBe(true);
  });
});
