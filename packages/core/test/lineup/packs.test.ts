import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  missingWithout,
  orderByFaction,
  type Pack,
  packingOf,
  packsOf,
  shuffledOrder,
  spreadBuild,
  spreadEvenly,
  spreadTokens,
} from '../../src/lineup/index.js';
import type { SharedBuild, Tokens } from '../../src/lineup/index.js';

const pack = (id: string, group = '', isLeader = false): Pack => ({ id, group, isLeader });
const stamps = (change: Partial<Tokens> = {}): Tokens => ({
  id: 't',
  name: 'Brass stamps',
  count: 8,
  mostInOne: 1,
  leadersGetOne: false,
  isApartFromBuilds: false,
  seed: 1,
  ...change,
});
const tandem = (change: Partial<SharedBuild> = {}): SharedBuild => ({
  id: 'b',
  name: 'Tandem',
  elements: [
    { name: 'wheel', variant: '', count: 2 },
    { name: 'frame', variant: '', count: 1 },
    { name: 'saddle', variant: '', count: 2 },
  ],
  packs: 3,
  seed: 1,
  ...change,
});

const somePacks = fc
  .array(fc.record({ group: fc.constantFrom('', 'x', 'y'), least: fc.integer({ min: 0, max: 1 }), room: fc.integer({ min: 0, max: 2 }) }), {
    minLength: 1,
    maxLength: 5,
  })
  .map((rows) => rows.map((row, i) => ({ ...row, id: String(i) })));

/** Every way to put so many into packs within their bounds. */
function* every(total: number, bounds: readonly { least: number; most: number }[]): Generator<number[]> {
  const [first, ...rest] = bounds;
  if (!first) {
    if (total === 0) yield [];
    return;
  }
  for (let n = first.least; n <= Math.min(first.most, total); n += 1) for (const more of every(total - n, rest)) yield [n, ...more];
}

const squares = (held: readonly number[]): number => held.reduce((all, n) => all + n * n, 0);
function groups(held: readonly number[], packs: readonly { group: string }[]): number {
  const sums = new Map<string, { held: number; size: number }>();
  packs.forEach(({ group }, i) => {
    const known = sums.get(group) ?? { held: 0, size: 0 };
    sums.set(group, { held: known.held + (held[i] ?? 0), size: known.size + 1 });
  });
  return [...sums.values()].reduce((all, sum) => all + (sum.held * sum.held) / sum.size, 0);
}

describe('tokens over packs', () => {
  test('keep their bounds and are as even as can be, over packs and then over groups: every way was counted', () => {
    fc.assert(
      fc.property(somePacks, fc.integer({ min: 0, max: 6 }), fc.integer({ min: 0, max: 99 }), (rows, total, seed) => {
        const packs = rows.map(({ id, group }) => pack(id, group));
        const bounds = rows.map(({ least, room }) => ({ least, most: least + room }));
        const held = spreadEvenly(total, packs, bounds, seed);
        const ways = [...every(total, bounds)];
        if (!held) return expect(ways).toEqual([]);
        const least = Math.min(...ways.map(squares));
        expect(squares(held)).toBe(least);
        expect(held.reduce((all, n) => all + n, 0)).toBe(total);
        held.forEach((n, i) => expect(n >= (bounds[i]?.least ?? 0) && n <= (bounds[i]?.most ?? 0)).toBe(true));
        const fair = Math.min(...ways.filter((way) => squares(way) === least).map((way) => groups(way, packs)));
        expect(groups(held, packs)).toBeCloseTo(fair, 9);
      }),
      { numRuns: 300 },
    );
  });

  test('eight stamps over twelve packs: never two in one, each leader has one, the same seed draws the same', () => {
    const packs = Array.from({ length: 12 }, (_, i) => pack(String(i), i < 6 ? 'carriers' : 'keepers', i === 5));
    const spread = spreadTokens(stamps({ leadersGetOne: true }), packs, new Set());
    if (!('perPack' in spread)) throw new Error(spread.why);
    expect(spread.perPack.filter((n) => n === 1)).toHaveLength(8);
    expect(spread.perPack[5]).toBe(1);
    expect(spread.perPack.slice(0, 6).filter(Boolean)).toHaveLength(4);
    expect(spreadTokens(stamps({ leadersGetOne: true }), packs, new Set())).toEqual(spread);
    expect(spreadTokens(stamps({ leadersGetOne: true, seed: 2 }), packs, new Set())).not.toEqual(spread);
  });

  test('what cannot be says why', () => {
    const two = [pack('a', '', true), pack('b', '', true)];
    expect(spreadTokens(stamps({ count: 3 }), two, new Set())).toEqual({
      why: 'Brass stamps: 3 do not go into 2 packs with at most 1 in one.',
    });
    expect(spreadTokens(stamps({ count: 1, leadersGetOne: true }), two, new Set())).toEqual({
      why: 'Brass stamps: 2 leaders get one each, and there are 1.',
    });
    expect(spreadTokens(stamps({ count: 2, leadersGetOne: true, isApartFromBuilds: true }), two, new Set(['b']))).toEqual({
      why: 'Brass stamps: a leader’s pack holds a piece of a build, and gets none.',
    });
    expect(spreadBuild(tandem({ packs: 3 }), two)).toEqual({ why: 'Tandem: it comes in 3 packs, and there are 2 to put it in.' });
    expect(
      spreadBuild(
        tandem({ packs: 6 }),
        Array.from({ length: 9 }, (_, i) => pack(String(i))),
      ),
    ).toEqual({
      why: 'Tandem: 5 pieces cannot come in 6 packs.',
    });
  });
});

describe('a build over packs', () => {
  test('all its elements lie in as many packs as it says, as many in each as in any other or one more', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5 }), fc.integer({ min: 5, max: 9 }), fc.integer({ min: 0, max: 99 }), (over, count, seed) => {
        const spread = spreadBuild(
          tandem({ packs: over, seed }),
          Array.from({ length: count }, (_, i) => pack(String(i))),
        );
        if (!('packs' in spread)) throw new Error(spread.why);
        const sums = spread.packs.map(({ elements }) => elements.reduce((all, row) => all + row.count, 0));
        expect(sums).toHaveLength(over);
        expect(Math.max(...sums) - Math.min(...sums)).toBeLessThanOrEqual(1);
        const whole = new Map<string, number>();
        for (const { elements } of spread.packs) for (const row of elements) whole.set(row.name, (whole.get(row.name) ?? 0) + row.count);
        expect(Object.fromEntries(whole)).toEqual({ wheel: 2, frame: 1, saddle: 2 });
      }),
    );
  });

  test('keeps apart from tokens, tells what is missing without a pack, and leaves leaders room for theirs', () => {
    const packs = Array.from({ length: 6 }, (_, i) => pack(String(i), '', i === 0));
    const packing = packingOf([stamps({ count: 3, leadersGetOne: true, isApartFromBuilds: true })], [tandem()], packs);
    const [build, tokens] = [packing.builds[0]?.spread, packing.tokens[0]?.spread];
    if (!build || !('packs' in build) || !tokens || !('perPack' in tokens)) throw new Error('both can be spread');
    const holders = build.packs.map((row) => row.pack);
    expect(holders).not.toContain('0');
    expect(tokens.perPack.map((n, i) => (n > 0 ? String(i) : '')).filter((id) => holders.includes(id))).toEqual([]);
    const [first] = build.packs;
    expect(missingWithout(build, first?.pack ?? '')).toEqual(first?.elements);
    expect(missingWithout(build, 'nobody')).toEqual([]);
  });
});

test('packs are those of the figures, and one for each that is promised and not chosen', () => {
  const packs = packsOf(
    [
      { id: 'a', faction: 'x' },
      { id: 'b', faction: '' },
    ],
    ['a'],
    4,
  );
  expect(packs.map(({ id }) => id)).toEqual(['a', 'b', 'open 1', 'open 2']);
  expect(packs[0]).toEqual({ id: 'a', group: 'x', isLeader: true });
});

test('an order by faction keeps who stood before whom, leaders first and the unattached last; a shuffle is the same for a seed', () => {
  const figures = [
    { id: 'a', faction: '' },
    { id: 'b', faction: 'y' },
    { id: 'c', faction: 'x' },
    { id: 'd', faction: 'y' },
  ];
  expect(
    orderByFaction(figures, [
      { id: 'x', leader: '' },
      { id: 'y', leader: 'd' },
    ]),
  ).toEqual(['c', 'd', 'b', 'a']);
  const all = figures.map(({ id }) => id);
  expect([...shuffledOrder(all, 3)].sort()).toEqual(all);
  expect(shuffledOrder(all, 3)).toEqual(shuffledOrder(all, 3));
});
