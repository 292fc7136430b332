import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type BasketPlan } from '../../src/basket/problem/plan.js';
import { type BasketProblem } from '../../src/basket/problem/problem.js';
import {
  againstEach,
  basketFor,
  demandOf,
  donorNameOf,
  figureCosts,
  landedShares,
  lineReasons,
  NO_ADJUSTMENTS,
  problemFaults,
  type ErrandInput,
  type Position,
} from '../../src/index.js';
import type { Parcel } from '../../src/basket/index.js';
import { lineTotals } from '../../src/errand/landedShares.js';
import { EXAMPLE } from '../basket/example.js';
import { input, line, look, offer, seller, solve } from './example.js';

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
    const cheap = await solve(basketFor(input({ donors: [{ variant: 'hat', donor: 'guard', quantity: 1, costMinor: 290 }] })));
    expect(cheap.fills).toContainEqual({ need: 'hat', variant: donorNameOf('hat', 'guard'), quantity: 1, from: 'owned', seller: null });
    const loose = await solve(
      basketFor(
        input({
          owned: [{ variant: 'hat', quantity: 1, costMinor: 0 }],
          donors: [{ variant: 'hat', donor: 'guard', quantity: 1, costMinor: 290 }],
        }),
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
    const lots = basketFor(input({ adjustments, offers: [offer('far', 'arm', 30, { multiple: 4, stock: 9 }), offer('near', 'hat', 300)] }));
    // One of a lot of four is kept: the whole lot is, and of the nine five are left, a lot and one more.
    expect(lots.offers.map(({ id, stock }) => [id, stock])).toEqual([
      ['far/arm from the last plan', 4],
      ['far/arm', 5],
      ['near/hat', 6],
    ]);
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
  const words = {
    sellerName: (id: string) => (id === 'near' ? 'Near' : 'Far'),
    donorName: (id: string) => `the ${id}`,
    money: (minor: number) => (minor / 100).toFixed(2),
  };
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
      'near/hat': '1 other offer, none of them under these rules.',
      'near/arm': '1 other offer, none of them under these rules.',
    });
  });

  test('where a whole figure has the part, what taking it off would cost more', async () => {
    const { 'near/hat': said } = await sentences({ donors: [{ variant: 'hat', donor: 'guard', quantity: 1, costMinor: 335 }] });
    expect(said).toContain('Taking it off the guard would cost 0.35 more.');
  });

  test('a ban or a pin leaves what is said of the market true: four sell the hat', async () => {
    const offers = [...input().offers, offer('far', 'cap', 5)];
    for (const adjustments of [
      { ...NO_ADJUSTMENTS, banned: ['far'] },
      { ...NO_ADJUSTMENTS, pinned: [{ variant: 'hat', seller: 'near' }] },
      { ...NO_ADJUSTMENTS, locked: [{ offer: 'near/hat', quantity: 1 }] },
    ]) {
      const plan = await solve(basketFor(input({ offers, adjustments })));
      expect(plan.reasons.filter((reason) => reason.kind === 'only seller')).toEqual([]);
    }
    const alone = await solve(basketFor(input({ offers: offers.filter((row) => row.id !== 'far/hat') })));
    expect(alone.reasons).toContainEqual({ kind: 'only seller', seller: 'near', variant: 'hat' });
  });

  test('a ban is told as one, not as so many named sellers', async () => {
    const sellers = [...input().sellers, seller('third', 50), seller('fourth', 50)];
    const offers = [...input().offers, offer('third', 'hat', 100), offer('third', 'arm', 100), offer('fourth', 'hat', 900)];
    const plan = await solve(basketFor(input({ sellers, offers, adjustments: { ...NO_ADJUSTMENTS, banned: ['third'] } })));
    // Without the ban: the hat from third for 100 + 50 and the arms from near for 80 + 100, in place of near for 480.
    expect(plan.reasons).toContainEqual({
      ...{ kind: 'rule costs', rule: { rule: 'banned', sellers: ['third'] }, minor: 150, paidMinor: 330, isProven: true },
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
      { eachMinor: 400, totalMinor: 400, copies: 1, dominant: { variant: 'hat', share: 1 } },
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
    expect(costs.reduce((all, row) => all + row.totalMinor, 0)).toBe(plan.paidMinor);
    for (const row of costs) expect(Math.abs(row.eachMinor - row.totalMinor / row.copies)).toBeLessThanOrEqual(0.5);
  });

  test('whatever is wanted, owned, substituted or bought whole, the looks sum to what is paid', async () => {
    const count = fc.integer({ min: 1, max: 3 });
    const offered = fc.record({
      seller: fc.constantFrom('near', 'far'),
      id: fc.constantFrom('hat', 'arm', 'cape', 'F'),
      priceMinor: fc.integer({ min: 1, max: 400 }),
      multiple: fc.integer({ min: 1, max: 3 }),
    });
    await fc.assert(
      fc.asyncProperty(
        fc.array(offered, { minLength: 1, maxLength: 8 }),
        fc.tuple(count, count),
        fc.integer({ min: 0, max: 2 }),
        fc.boolean(),
        fc.constantFrom(null, 'A'),
        async (rows, [first, second], ownedArms, doesCapeDo, group) => {
          const offers = rows.map(({ seller: of, id, priceMinor, ...rest }, i) => ({
            ...offer(of, id, priceMinor, rest),
            id: `${of}/${id}/${i}`,
          }));
          const lines = [
            line(look(['headgear', 'hat'], ['arm.L', 'arm'], ['arm.R', 'arm']), first, group),
            line(look(['headgear', 'hat'], ['neck.1', 'cape']), second, group),
          ];
          const problem = basketFor(
            input({
              offers,
              demand: demandOf(lines),
              owned: ownedArms > 0 ? [{ variant: 'arm', quantity: ownedArms, costMinor: 0 }] : [],
              substitutes: (variant) => (doesCapeDo && variant === 'hat' ? [{ variant: 'cape', penaltyMinor: 5 }] : []),
            }),
          );
          const plan = await solve(problem);
          fc.pre(plan.parcels.length > 0);
          expect(figureCosts(lines, problem, plan).reduce((all, row) => all + row.totalMinor, 0)).toBe(plan.paidMinor);
        },
      ),
      { numRuns: 80 },
    );
  });

  test('landed in an errand: the postage is shared by price, so that a dear part carries more of it', () => {
    const problem = { ...EXAMPLE, offers: [{ ...EXAMPLE.offers[0], id: 'pin', priceMinor: 10 }, { ...EXAMPLE.offers[0], id: 'cape', priceMinor: 90 }] } as BasketProblem; // prettier-ignore
    const parcel = { seller: 's', goodsMinor: 100, postageMinor: 300, handlingMinor: 0, dutyMinor: 0, weightG: 1 };
    const plan = { parcels: [{ ...parcel, lines: [{ offer: 'pin', quantity: 1 }, { offer: 'cape', quantity: 1 }] }] } as unknown as BasketPlan; // prettier-ignore
    expect([...landedShares(problem, plan)]).toEqual([
      ['pin', 30],
      ['cape', 270],
    ]);
    // Handling of 20 and duty of 80 are carried as well: 400 by 10 and 90.
    const [first] = plan.parcels;
    const dutiable = { ...plan, parcels: [{ ...first, handlingMinor: 20, dutyMinor: 80 }] } as unknown as BasketPlan;
    expect([...landedShares(problem, dutiable)]).toEqual([
      ['pin', 40],
      ['cape', 360],
    ]);
  });

  test('what a line costs of which nothing is used is a charge on the others; where none is used, each bears its own', () => {
    const parcel = {
      postageMinor: 300,
      handlingMinor: 0,
      dutyMinor: 0,
      lines: ['pin', 'cape', 'filler'].map((offer) => ({ offer, quantity: 1 })),
    };
    const totals = (prices: readonly number[], used: readonly number[]): readonly number[] =>
      lineTotals(parcel as unknown as Parcel, new Map(parcel.lines.map(({ offer }, i) => [offer, prices[i] ?? 0])), (i) =>
        used.includes(i),
      );
    // 300 of postage and 50 of filler over 10 and 90: 35 and 315.
    expect(totals([10, 90, 50], [0, 1])).toEqual([45, 405, 0]);
    // Nobody uses any of it: 300 over 10, 90 and 50 is 20, 180 and 100, and no line is charged twice.
    expect(totals([10, 90, 50], [])).toEqual([30, 270, 150]);
    // Gifts have no price: those that are used bear the postage between them.
    expect(totals([0, 0, 0], [0, 1])).toEqual([150, 150, 0]);
    expect(totals([0, 0, 50], [0])).toEqual([350, 0, 0]);
  });

  test('against each part at its cheapest: money, or parts', () => {
    const plan = (paidMinor: number, cheapestEachMinor: number | null, cheapestEachLacks: number | null = 0) =>
      ({ paidMinor, compared: { cheapestEachMinor, cheapestEachLacks, fewestParcelsMinor: null, curve: [] } }) as unknown as BasketPlan;
    expect(againstEach(plan(500, 620))).toEqual({ kind: 'saves', minor: 120 });
    expect(againstEach(plan(500, null, 2))).toEqual({ kind: 'fills more', parts: 2 });
    expect(againstEach(plan(500, null, null))).toBeNull();
    // A plan under a budget gets one part fewer than the other way: no “−€993.85 saved”.
    expect(againstEach(plan(500, 1115 - 1000))).toBeNull();
    expect(againstEach(plan(620, 620))).toBeNull();
    expect(againstEach(plan(640, 620))).toBeNull();
  });
});
