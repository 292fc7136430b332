import { NO_RULES, type BasketProblem } from '@outfit/core/basket';
import { seededRandom } from '@outfit/core';

/** How sellers differ: all alike and equally small, or as shops are, few with much and many with little, each dear or cheap. */
export type Spread = 'even' | 'as shops are';

/**
 * A seeded basket problem of so many needs, sellers and offers. Every need is offered by somebody; prices of one part vary
 * threefold; a third of the sellers have a minimum order, a third a handling fee; postage has three tiers.
 */
export function generateBasket(
  needs: number,
  sellers: number,
  offers: number,
  seed: number,
  spread: Spread = 'as shops are',
): BasketProblem {
  const draw = seededRandom(seed);
  const between = (low: number, high: number): number => low + Math.floor(draw() * (high - low + 1));
  const usual = Array.from({ length: needs }, () => between(10, 400));
  const even = spread === 'even';
  const level = Array.from({ length: sellers }, () => (even ? 1 : 0.75 + 0.6 * draw()));
  // Shares of the offers by rank, as 1 ÷ (rank + 5): the largest shop has some forty times the offers of the smallest.
  const reach = Array.from({ length: sellers }, (_, s) => (even ? 1 : 1 / (s + 5)));
  const reaches = reach.reduce<number[]>((sums, share) => [...sums, (sums.at(-1) ?? 0) + share], []);
  const anySeller = (): number => {
    const at = draw() * (reaches.at(-1) ?? 1);
    return reaches.findIndex((sum) => at < sum);
  };
  return {
    currency: 'EUR',
    needs: usual.map((_, n) => ({
      id: `n${n}`,
      quantity: between(1, 4),
      options: [{ variant: `v${n}`, penaltyMinor: 0 }],
      shortCostMinor: 100_000,
      sameSeller: false,
    })),
    wholes: [],
    owned: [],
    items: usual.map((_, n) => ({ id: `i${n}`, weightG: between(2, 30) / 10, yields: [{ variant: `v${n}`, quantity: 1 }] })),
    sellers: Array.from({ length: sellers }, (_, s) => {
      const first = between(120, 320);
      return {
        id: `s${s}`,
        country: 'NL',
        days: between(2, 14),
        trusted: true,
        thirdParty: false,
        minimumMinor: draw() < 0.3 ? between(100, 500) : 0,
        handlingMinor: draw() < 0.3 ? between(10, 60) : 0,
        postage: [
          { upToG: 20, costMinor: first },
          { upToG: 100, costMinor: first + between(80, 200) },
          { upToG: 1000, costMinor: first + between(250, 500) },
        ],
        freePostageFromMinor: null,
        duty: null,
      };
    }),
    offers: Array.from({ length: offers }, (_, o) => {
      const n = o < needs ? o : between(0, needs - 1);
      const s = anySeller();
      return {
        id: `o${o}`,
        seller: `s${s}`,
        item: `i${n}`,
        priceMinor: Math.round((usual[n] ?? 50) * (level[s] ?? 1) * (even ? 0.6 + 1.2 * draw() : 0.75 + 0.6 * draw())),
        stock: between(1, 12),
        multiple: 1,
        condition: 'used' as const,
      };
    }),
    resale: [],
    rules: NO_RULES,
    effort: { gap: 0.005, seconds: 60 },
  };
}
