import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { solveBasket, type BasketPlan, type BasketProblem } from '../../src/basket/index.js';
import {
  againstEach,
  basketFor,
  copiesToTry,
  demandOf,
  donorNameOf,
  figureCosts,
  landedShares,
  lineReasons,
  mostCopies,
  NO_ADJUSTMENTS,
  NO_RULES,
  problemFaults,
  problemOfCopies,
  worthwhileVersions,
  type ErrandInput,
  type ErrandLine,
  type Look,
  type MarketOffer,
  type Position,
  type Seller,
} from '../../src/index.js';

const look = (...parts: readonly (readonly [Position, string])[]): Look => ({
  parts: parts.map(([position, variant]) => ({ position, variant, turned: false })),
  overrules: [],
});
const line = (of: Look, copies = 1, group: string | null = null): ErrandLine => ({ look: of, copies, group });

const solve = (problem: BasketProblem): Promise<BasketPlan> =>
  solveBasket(problem, { now: () => 0, shouldStop: () => false, onProgress: () => undefined, onPlan: () => undefined });

const seller = (id: string, postage: number): Seller => ({
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

const offer = (sellerId: string, id: string, priceMinor: number, rest: Partial<MarketOffer> = {}): MarketOffer => ({
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
const input = (changes: Partial<ErrandInput> = {}): ErrandInput => ({
  currency: 'EUR',
  demand: new Map([
    ['hat', 1],
    ['arm', 2],
  ]),
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

describe('what several looks need together', () => {
  const winter = look(['head', 'face'], ['torso', 'coat'], ['arm.L', 'sleeve'], ['arm.R', 'sleeve']);
  const summer = look(['head', 'face'], ['torso', 'shirt'], ['arm.L', 'sleeve'], ['arm.R', 'bare']);

  test('adds up, looks × copies', () => {
    expect([...demandOf([line(winter, 2), line(summer)])]).toEqual([
      ['face', 3],
      ['coat', 2],
      ['sleeve', 5],
      ['shirt', 1],
      ['bare', 1],
    ]);
  });

  test('takes the most, position by position, of looks that are never shown together', () => {
    expect([...demandOf([line(winter, 1, 'A'), line(summer, 1, 'A')])]).toEqual([
      ['face', 1],
      ['coat', 1],
      ['sleeve', 2],
      ['shirt', 1],
      ['bare', 1],
    ]);
  });

  test('a group never needs more than its looks added up, nor less than any one of them', () => {
    const looks = fc.array(fc.tuple(fc.constantFrom<Position>('head', 'torso', 'hips'), fc.constantFrom('a', 'b', 'c')), { maxLength: 3 });
    fc.assert(
      fc.property(fc.array(fc.tuple(looks, fc.integer({ min: 1, max: 4 })), { minLength: 1, maxLength: 4 }), (rows) => {
        const unique = rows.map(([parts, copies]) => [look(...new Map(parts)), copies] as const);
        const apart = demandOf(unique.map(([of, copies]) => line(of, copies)));
        const grouped = demandOf(unique.map(([of, copies]) => line(of, copies, 'A')));
        for (const [variant, quantity] of grouped) expect(quantity).toBeLessThanOrEqual(apart.get(variant) ?? 0);
        for (const [of, copies] of unique)
          for (const [variant, quantity] of demandOf([line(of, copies)])) expect(grouped.get(variant)).toBeGreaterThanOrEqual(quantity);
      }),
    );
  });
});

describe('the basket of an errand', () => {
  test('buys all from near: 300 + 80 + 100 = 480, as far would be 310 + 200', async () => {
    const problem = basketFor(input());
    expect(problemFaults(problem)).toEqual([]);
    expect(await solve(problem)).toMatchObject({ paidMinor: 480, parcels: [{ seller: 'near' }] });
  });

  test('takes a donor apart only where the hole costs less than buying', async () => {
    const cheap = await solve(basketFor(input({ donors: [{ variant: 'hat', quantity: 1, costMinor: 290 }] })));
    expect(cheap.fills).toContainEqual({ need: 'hat', variant: donorNameOf('hat'), quantity: 1, from: 'owned', seller: null });
    const loose = await solve(
      basketFor(
        input({ owned: [{ variant: 'hat', quantity: 1, costMinor: 0 }], donors: [{ variant: 'hat', quantity: 1, costMinor: 290 }] }),
      ),
    );
    expect(loose.fills).toContainEqual({ need: 'hat', variant: 'hat', quantity: 1, from: 'owned', seller: null });
  });

  test('a banned seller sells nothing', async () => {
    const plan = await solve(basketFor(input({ adjustments: { ...NO_ADJUSTMENTS, banned: ['near'] } })));
    expect(plan).toMatchObject({ paidMinor: 510, parcels: [{ seller: 'far' }] });
  });

  test('a pinned part comes from where the person said, the rest from where it is cheapest', async () => {
    const adjustments = { ...NO_ADJUSTMENTS, pinned: [{ variant: 'arm', seller: 'far' }] };
    const problem = basketFor(input({ adjustments }));
    expect(problemFaults(problem)).toEqual([]);
    const plan = await solve(problem);
    // Arms from far anyway, so the hat comes along: 250 + 60 + 200 = 510; near for the hat would be 300 + 100 more postage.
    expect(plan).toMatchObject({ paidMinor: 510, parcels: [{ seller: 'far' }] });
  });

  test('what is owned of a pinned part is used first', async () => {
    const adjustments = { ...NO_ADJUSTMENTS, pinned: [{ variant: 'arm', seller: 'far' }] };
    const plan = await solve(basketFor(input({ adjustments, owned: [{ variant: 'arm', quantity: 2, costMinor: 0 }] })));
    expect(plan).toMatchObject({ paidMinor: 400, parcels: [{ seller: 'near' }] });
  });

  test('a locked line is bought again as it was, and no more of it than is wanted', async () => {
    const adjustments = { ...NO_ADJUSTMENTS, locked: [{ offer: 'far/arm', quantity: 1 }] };
    const problem = basketFor(input({ adjustments }));
    expect(problemFaults(problem)).toEqual([]);
    const plan = await solve(problem);
    expect(plan.parcels.flatMap((parcel) => parcel.lines)).toContainEqual({ offer: 'far/arm from the last plan', quantity: 1 });
    expect(plan.short).toEqual([]);
    const greedy = basketFor(input({ adjustments: { ...NO_ADJUSTMENTS, locked: [{ offer: 'far/arm', quantity: 6 }] } }));
    expect((await solve(greedy)).leftovers).toEqual([]);
  });

  test('an accepted substitute is one more way to fill the need, at the likeness it loses', async () => {
    const offers = [...input().offers, offer('near', 'cap', 100)];
    const substitutes = (variant: string) => (variant === 'hat' ? [{ variant: 'cap', penaltyMinor: 150 }] : []);
    const plan = await solve(basketFor(input({ offers, substitutes })));
    expect(plan).toMatchObject({ paidMinor: 280, costMinor: 430 });
  });

  test('arms that must match come from one seller', () => {
    const problem = basketFor(input({ sameSeller: (variant) => variant === 'arm' }));
    expect(problem.needs.map((need) => [need.id, need.sameSeller])).toEqual([
      ['hat', false],
      ['arm', true],
    ]);
  });
});

describe('what is said of a plan', () => {
  const words = { sellerName: (id: string) => (id === 'near' ? 'Near' : 'Far'), money: (minor: number) => (minor / 100).toFixed(2) };
  const sentences = async (changes: Partial<ErrandInput>): Promise<Record<string, string>> => {
    const problem = basketFor(input(changes));
    return Object.fromEntries(lineReasons(problem, await solve(problem), words).map((row) => [row.offer, row.sentence]));
  };

  test('why each line is bought where it is', async () => {
    expect(await sentences({})).toEqual({
      'near/hat': '0.50 less each at Far, but a parcel from there starts at 2.00.',
      'near/arm': '0.10 less each at Far, but a parcel from there starts at 2.00.',
    });
    expect(await sentences({ adjustments: { ...NO_ADJUSTMENTS, banned: ['far'] } })).toEqual({
      'near/hat': 'Nobody else sells it loose under these rules.',
      'near/arm': 'Nobody else sells it loose under these rules.',
    });
  });

  test('why a figure is bought whole', async () => {
    expect((await sentences({ offers: [...input().offers, offer('near', 'F', 290)] }))['near/F']).toBe(
      'Holds 3 wanted parts that cost 0.20 more one by one, before postage.',
    );
  });

  test('what a copy costs: two arms owned, so all of the 4.00 is the hat', async () => {
    const problem = basketFor(input({ owned: [{ variant: 'arm', quantity: 2, costMinor: 0 }] }));
    const of = look(['headgear', 'hat'], ['arm.L', 'arm'], ['arm.R', 'arm']);
    expect(figureCosts([line(of)], problem, await solve(problem))).toEqual([
      { eachMinor: 400, copies: 1, dominant: { variant: 'hat', share: 1 } },
    ]);
  });

  test('figures share what is paid, and nothing is lost between them', async () => {
    const problem = basketFor(input({ demand: new Map([['hat', 3], ['arm', 4]]), offers: [...input().offers, offer('near', 'F', 290)] })); // prettier-ignore
    const plan = await solve(problem);
    const costs = figureCosts(
      [line(look(['headgear', 'hat'], ['arm.L', 'arm'], ['arm.R', 'arm']), 2), line(look(['headgear', 'hat']))],
      problem,
      plan,
    );
    expect(Math.abs(costs.reduce((all, row) => all + row.eachMinor * row.copies, 0) - plan.paidMinor)).toBeLessThanOrEqual(2);
  });

  test('landed in an errand: a parcel of three units for 1.00 postage adds 0.33 to each', async () => {
    const shares = landedShares(
      await solve(basketFor(input({ adjustments: { ...NO_ADJUSTMENTS, locked: [{ offer: 'near/arm', quantity: 2 }] } }))),
    );
    expect([...shares]).toEqual([
      ['near/arm', 33],
      ['near/hat', 33],
    ]);
  });

  test('against each part at its cheapest: money, or parts', () => {
    const plan = (costMinor: number, cheapestEachMinor: number | null) =>
      ({ costMinor, compared: { cheapestEachMinor, fewestParcelsMinor: null, curve: [] } }) as unknown as BasketPlan;
    expect(againstEach(plan(500, 620))).toEqual({ kind: 'saves', minor: 120 });
    expect(againstEach(plan(500, 200_700))).toEqual({ kind: 'fills more', parts: 2 });
    expect(againstEach(plan(500, null))).toBeNull();
  });
});

describe('copies', () => {
  test('up to forty are tried at the first few and ever wider apart, forty last', () => {
    const tried = copiesToTry(40);
    expect(tried[0]).toBe(1);
    expect(tried.at(-1)).toBe(40);
    expect(tried.length).toBeLessThanOrEqual(12);
    expect(copiesToTry(3)).toEqual([1, 2, 3]);
  });

  test('stock runs out with the part there is least of', () => {
    // Hats: 6 + 6 of one each; arms: 12 of two each, and two owned: (12 + 2) ÷ 2 = 7.
    expect(mostCopies(input({ owned: [{ variant: 'arm', quantity: 2, costMinor: 0 }] }))).toBe(7);
  });

  test('the next copy never costs less than nothing, and one more than there is falls short', async () => {
    const one = await solve(problemOfCopies(input(), 1));
    const six = await solve(problemOfCopies(input(), 6));
    expect(six.short).toEqual([]);
    expect(six.paidMinor).toBeGreaterThan(one.paidMinor);
    expect((await solve(problemOfCopies(input(), 7))).short).toEqual([{ need: 'arm', quantity: 2 }]);
  });

  test('of versions only those that cost less or look better are worth a line', () => {
    const version = (costMinor: number, likeness: number, short = 0) => ({ costMinor, likeness, short });
    expect(worthwhileVersions([version(9, 95), version(4, 80), version(5, 78), version(3, 60), version(2, 99, 1)], 70)).toEqual([
      version(4, 80),
      version(9, 95),
    ]);
  });
});
