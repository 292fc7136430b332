import { NO_RULES, type BasketProblem } from '../../src/basket/problem/problem.js';
import { seededRandom } from '../../src/index.js';

/** A market too large to be proven at once: 60 parts, 40 sellers, 900 offers unless it is told otherwise, light and heavy parcels. */
export function largeMarket(seed: number, size = { parts: 60, sellers: 40, offers: 900 }): BasketProblem {
  const draw = seededRandom(seed);
  const between = (low: number, high: number): number => low + Math.floor(draw() * (high - low + 1));
  const parts = Array.from({ length: size.parts }, (_, n) => ({ id: `v${n}`, usual: between(10, 400) }));
  return {
    currency: 'EUR',
    needs: parts.map(({ id }) => ({
      id: `n-${id}`,
      quantity: between(1, 4),
      options: [{ variant: id, penaltyMinor: 0 }],
      shortCostMinor: 100_000,
      sameSeller: false,
    })),
    wholes: [],
    owned: [],
    items: parts.map(({ id }) => ({ id: `i-${id}`, weightG: between(2, 30) / 10, yields: [{ variant: id, quantity: 1 }] })),
    sellers: Array.from({ length: size.sellers }, (_, s) => ({
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
    offers: Array.from({ length: size.offers }, (_, o) => {
      const { id, usual } = parts[o % parts.length] ?? { id: '', usual: 0 };
      return {
        id: `o${o}`,
        seller: `s${between(0, size.sellers - 1)}`,
        item: `i-${id}`,
        priceMinor: Math.round(usual * (0.7 + 0.8 * draw())),
        stock: between(1, 8),
        multiple: 1,
        condition: 'used' as const,
      };
    }),
    resale: [],
    rules: { ...NO_RULES, fillFirst: true },
    effort: { gap: 0.004, seconds: 60 },
  };
}
