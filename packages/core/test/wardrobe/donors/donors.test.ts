import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { OfficialFigure } from '../../../src/index.js';
import {
  furtherCopies,
  givesOf,
  holesOf,
  leastCopies,
  leastLossFirst,
  lossOf,
  piecesThere,
  unpack,
  worthOfDonor,
} from '../../../src/wardrobe/index.js';

const KEEPER: OfficialFigure = {
  id: 'keeper',
  name: 'Keeper',
  parts: [
    { position: 'headgear', variant: 'hat', turned: false },
    { position: 'hand.L', variant: 'hand', turned: false },
    { position: 'hand.R', variant: 'hand', turned: false },
  ],
};

describe('a donor', () => {
  test('has a hole for every official part that is not on it, pieces counted', () => {
    expect(holesOf(KEEPER, [{ variant: 'hat', quantity: 1 }]).map((hole) => hole.position)).toEqual(['hand.L', 'hand.R']);
    expect(holesOf(KEEPER, [{ variant: 'hand', quantity: 1 }]).map((hole) => hole.position)).toEqual(['headgear', 'hand.R']);
    const whole = [
      { variant: 'hat', quantity: 1 },
      { variant: 'hand', quantity: 2 },
    ];
    expect(holesOf(KEEPER, whole)).toEqual([]);
    // Something that is no part of it fills no hole.
    expect(holesOf(KEEPER, [...whole, { variant: 'oar', quantity: 1 }])).toEqual([]);
  });

  const pieceMinor = (variant: string): number => ({ hat: 200, hand: 50 })[variant] ?? 0;
  const holds = [
    { variant: 'hat', quantity: 1 },
    { variant: 'hand', quantity: 2 },
  ];

  test('is worth something whole only while nothing lacks', () => {
    expect(worthOfDonor(holds, true, 900, pieceMinor)).toEqual({ wholeMinor: 900, inPiecesMinor: 300 });
    expect(worthOfDonor(holds, false, 900, pieceMinor)).toEqual({ wholeMinor: null, inPiecesMinor: 300 });
  });

  test('loses what it is worth whole with its first piece, and the piece alone afterwards', () => {
    const whole = { donor: 'glass case', holds, isComplete: true, wholeMinor: 900 };
    const opened = { donor: 'tin', holds, isComplete: false, wholeMinor: 900 };
    expect(lossOf(whole, 'hat', pieceMinor)).toBe(800);
    expect(lossOf(opened, 'hat', pieceMinor)).toBe(200);
    // One that is worth less whole than in pieces loses no more than the piece.
    expect(lossOf({ ...whole, wholeMinor: 100 }, 'hat', pieceMinor)).toBe(200);
    expect(leastLossFirst([whole, opened, { ...opened, donor: 'bare', holds: [] }], 'hat', pieceMinor)).toEqual([
      { donor: 'tin', lossMinor: 200 },
      { donor: 'glass case', lossMinor: 800 },
    ]);
  });
});

describe('a bag one cannot look into', () => {
  const PARTS: Readonly<Record<string, ReadonlyMap<string, number>>> = {
    red: new Map([
      ['red hat', 1],
      ['hand', 2],
    ]),
    blue: new Map([
      ['blue hat', 1],
      ['hand', 1],
    ]),
  };
  const bag = { source: 'bag', figures: ['red', 'blue'] };

  test('surely gives what all its figures have, and the others on average; in a box of two bags twice as much', () => {
    const gives = givesOf(
      { figures: [], loose: [{ variant: 'oar', quantity: 1, certainty: 'sure' }], asks: [bag] },
      (id) => PARTS[id] ?? new Map(),
    );
    expect([...gives.surely]).toEqual([
      ['oar', 1],
      ['hand', 1],
    ]);
    expect([...gives.onAverage]).toEqual([
      ['oar', 1],
      ['red hat', 0.5],
      ['hand', 1.5],
      ['blue hat', 0.5],
    ]);
    const box = givesOf({ figures: [{ figure: 'red', certainty: 'sure' }], loose: [], asks: [bag, bag] }, (id) => PARTS[id] ?? new Map());
    expect([box.surely.get('hand'), box.surely.get('red hat'), box.onAverage.get('red hat')]).toEqual([4, 1, 2]);
  });
});

describe('a product is unpacked', () => {
  const made = (id: string, kind: 'boxed set' | 'blind bag', yields: readonly [string, string, number, 'sure' | 'think so'][]) => ({
    ...{ id, name: id, kind, range: 'r', year: 2020 },
    yields: yields.map(([type, item, quantity, certainty]) => ({
      kind: type as 'figure' | 'variant' | 'bundle' | 'source',
      item,
      quantity,
      certainty,
    })),
  });
  const data = {
    officialFigures: [KEEPER],
    bundles: [{ id: 'pair', name: 'pair', parts: [{ variant: 'oar', quantity: 2 }] }],
    sources: [
      made('bag', 'blind bag', [
        ['figure', 'keeper', 1, 'sure'],
        ['figure', 'drummer', 1, 'sure'],
      ]),
      made('box', 'boxed set', [
        ['figure', 'keeper', 2, 'think so'],
        ['bundle', 'pair', 1, 'sure'],
        ['variant', 'oar', 1, 'think so'],
        ['source', 'bag', 2, 'sure'],
      ]),
      made('ring', 'boxed set', [['source', 'ring', 1, 'sure']]),
    ],
  } as unknown as Parameters<typeof unpack>[1];

  test('into figures and loose pieces, no surer than the catalogue is; each blind bag asks which figure was inside', () => {
    const unpacked = unpack('box', data);
    expect(unpacked.figures).toEqual([
      { figure: 'keeper', certainty: 'think so' },
      { figure: 'keeper', certainty: 'think so' },
    ]);
    expect(unpacked.loose).toEqual([{ variant: 'oar', quantity: 3, certainty: 'think so' }]);
    expect(unpacked.asks).toEqual([
      { source: 'bag', figures: ['keeper', 'drummer'] },
      { source: 'bag', figures: ['keeper', 'drummer'] },
    ]);
  });

  test('and not at all when it is inside itself or nobody knows it', () => {
    expect(() => unpack('ring', data)).toThrow('yields itself');
    expect(() => unpack('other', data)).toThrow('no product');
  });

  test('missing pieces are left out one by one', () => {
    expect([...piecesThere(KEEPER, ['hand', 'hat'])]).toEqual([['hand', 1]]);
  });
});

describe('the fewest copies', () => {
  const yielder = (id: string, yields: Readonly<Record<string, number>>) => ({ id, yields: new Map(Object.entries(yields)) });

  test('cover all that is wanted', () => {
    const found = leastCopies(new Map(Object.entries({ hat: 1, coat: 2, boat: 1 })), [
      yielder('rower', { coat: 1 }),
      yielder('captain', { hat: 1, coat: 1 }),
      yielder('mate', { hat: 1 }),
    ]);
    expect([...found.copies]).toEqual([['captain', 2]]);
    expect([found.total, found.isProven, found.without]).toEqual([2, true, ['boat']]);
  });

  const PARTS = ['a', 'b', 'c', 'd'];
  const counts = fc.record(Object.fromEntries(PARTS.map((part) => [part, fc.nat(2)])) as Record<string, fc.Arbitrary<number>>);

  /** The fewest copies by trying every number of each up to a limit. */
  function bruteForce(wanted: Readonly<Record<string, number>>, yielders: readonly ReturnType<typeof yielder>[]): number {
    let best = Infinity;
    const go = (i: number, left: readonly number[], total: number): void => {
      if (total >= best) return;
      if (left.every((need) => need <= 0)) best = total;
      const row = yielders[i];
      if (!row) return;
      for (let count = 0; count <= 4; count += 1)
        go(
          i + 1,
          left.map((need, v) => need - count * (row.yields.get(PARTS[v] ?? '') ?? 0)),
          total + count,
        );
    };
    go(
      0,
      PARTS.map((part) => wanted[part] ?? 0),
      0,
    );
    return best;
  }

  test('are as few as trying everything finds', () => {
    fc.assert(
      fc.property(counts, fc.array(counts, { minLength: 1, maxLength: 4 }), (wanted, rows) => {
        const yielders = rows.map((row, i) => yielder(`y${i}`, row));
        const can = Object.fromEntries(
          Object.entries(wanted).map(([part, need]) => [part, yielders.some((row) => (row.yields.get(part) ?? 0) > 0) ? need : 0]),
        );
        const wantedMap = new Map(Object.entries(wanted).filter(([, need]) => need > 0));
        const found = leastCopies(wantedMap, yielders);
        expect(found.isProven).toBe(true);
        expect(found.total).toBe(bruteForce(can, yielders));
        for (const [part, need] of Object.entries(can)) {
          const had = yielders.reduce((all, row) => all + (found.copies.get(row.id) ?? 0) * (row.yields.get(part) ?? 0), 0);
          expect(had).toBeGreaterThanOrEqual(need);
        }
      }),
      { numRuns: 300 },
    );
  });

  test('one further copy is told by how many short pieces it serves', () => {
    const short = new Map(Object.entries({ hat: 1, coat: 2 }));
    const rows = [yielder('mate', { hat: 1 }), yielder('captain', { hat: 1, coat: 1, oar: 1 }), yielder('boat', { oar: 4 })];
    expect(furtherCopies(short, rows)).toEqual([
      { id: 'captain', serves: 2 },
      { id: 'mate', serves: 1 },
    ]);
  });
});
