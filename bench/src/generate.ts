import { NO_RULES, type BasketProblem } from '@outfit/core/basket';
import { seeded } from '@outfit/core';

/** A seeded basket problem: every need is offered by `offersPerNeed` sellers on average, at prices that vary threefold. */
export function generateBasket(needs: number, sellers: number, offers: number, seed: number): BasketProblem {
  const draw = seeded(seed);
  const between = (low: number, high: number): number => low + Math.floor(draw() * (high - low + 1));
  const usual = Array.from({ length: needs }, () => between(10, 400));
  return {
    currency: 'EUR',
    needs: usual.map((_, n) => ({
      id: `n${n}`,
      quantity: between(1, 4),
      options: [{ variant: `v${n}`, penaltyMinor: 0 }],
      shortCostMinor: 100_000,
      sameSeller: false,
    })),
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
      return {
        id: `o${o}`,
        seller: `s${between(0, sellers - 1)}`,
        item: `i${n}`,
        priceMinor: Math.round((usual[n] ?? 50) * (0.6 + 1.2 * draw())),
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
