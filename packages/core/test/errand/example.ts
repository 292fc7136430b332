import { solveBasket } from '../../src/basket/solve/solve.js';
import { type BasketPlan } from '../../src/basket/problem/plan.js';
import { type BasketProblem } from '../../src/basket/problem/problem.js';
import {
  NO_ADJUSTMENTS,
  NO_RULES,
  type ErrandInput,
  type ErrandLine,
  type Look,
  type MarketOffer,
  type Position,
  type Seller,
} from '../../src/index.js';

export const look = (...parts: readonly (readonly [Position, string])[]): Look => ({
  parts: parts.map(([position, variant]) => ({ position, variant, turned: false })),
  overrules: [],
});
export const line = (of: Look, copies = 1, group: string | null = null): ErrandLine => ({ look: of, copies, group });

export const solve = (problem: BasketProblem): Promise<BasketPlan> =>
  solveBasket(problem, { now: () => 0, shouldStop: () => false, onProgress: () => undefined, onPlan: () => undefined });

export const seller = (id: string, postage: number): Seller => ({
  id,
  country: 'NL',
  days: 4,
  trusted: true,
  thirdParty: false,
  minimumMinor: 0,
  handlingMinor: 0,
  postage: [{ upToG: 500, costMinor: postage }],
  freePostageFromMinor: null,
  duty: null,
});

export const offer = (sellerId: string, id: string, priceMinor: number, rest: Partial<MarketOffer> = {}): MarketOffer => ({
  id: `${sellerId}/${id}`,
  seller: sellerId,
  item: { kind: id === 'F' ? 'figure' : 'variant', id },
  priceMinor,
  stock: 6,
  multiple: 1,
  condition: 'used',
  ...rest,
});

/** A hat and two arms are wanted; F is a whole figure that yields them and a cape. */
export const input = (changes: Partial<ErrandInput> = {}): ErrandInput => ({
  currency: 'EUR',
  demand: new Map([
    ['hat', 1],
    ['arm', 2],
  ]),
  wholes: [],
  substitutes: () => [],
  sameSeller: () => false,
  owned: [],
  donors: [],
  offers: [offer('near', 'hat', 300), offer('near', 'arm', 40), offer('far', 'hat', 250), offer('far', 'arm', 30)],
  sellers: [seller('near', 100), seller('far', 200)],
  yieldsOf: ({ kind, id }) =>
    kind === 'figure'
      ? new Map([
          ['hat', 1],
          ['arm', 2],
          ['cape', 1],
        ])
      : new Map([[id, 1]]),
  massG: () => 1,
  resale: [],
  rules: NO_RULES,
  adjustments: NO_ADJUSTMENTS,
  effort: { gap: 0, seconds: 5 },
  ...changes,
});
