import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  availableOfAll,
  availableTo,
  type Claimant,
  clashOf,
  orderOf,
  PromiseBook,
  type ServingRun,
  sharesOf,
  standingOfFigure,
} from '../../../src/wardrobe/index.js';

const run = (id: number, more: Partial<ServingRun> = {}): ServingRun => ({
  ...{ id, lot: id, place: 'drawer', quantity: 1, reach: 'loose', figure: null, condition: 'used', isFlawed: false, holes: 0 },
  ...more,
});
const figure = (id: string, variants: readonly string[], more: Partial<Claimant> = {}): Claimant => ({
  ...{ id, name: id, order: orderOf(null, 0, id.charCodeAt(0), id), copies: 1, group: null, newOnly: false },
  parts: variants.map((variant, i) => ({ spot: `spot ${i}`, variant })),
  ...more,
});
const bookOf = (figures: readonly Claimant[], stock: Readonly<Record<string, readonly ServingRun[]>>): PromiseBook => {
  const book = new PromiseBook(() => true);
  for (const [variant, runs] of Object.entries(stock)) book.setRuns(variant, runs);
  for (const row of figures) book.set(row);
  return book;
};
const gets = (book: PromiseBook, id: string): number =>
  book.servedTo(id).reduce((all, spot) => all + spot.given.reduce((sum, row) => sum + row.quantity, 0), 0);

describe('a book of promises', () => {
  test('serves by the day that is due, then by line-up, then by figure', () => {
    const orders = [
      orderOf('2026-05-01', 9, 9, 'z'),
      orderOf('2026-06-01', 0, 0, 'a'),
      orderOf(null, 0, 2, 'a'),
      orderOf(null, 0, 10, 'a'),
    ];
    expect([...orders].sort()).toEqual(orders);
    const book = bookOf([figure('a', ['hat']), figure('b', ['hat'], { order: orderOf('2026-05-01', 3, 3, 'b') })], { hat: [run(1)] });
    expect([gets(book, 'a'), gets(book, 'b')]).toEqual([0, 1]);
  });

  test('figures that are never shown together share a piece spot by spot; copies are figures of their own', () => {
    const apart = [figure('a', ['hat'], { group: 'Odile' }), figure('b', ['hat'], { group: 'Odile' })];
    expect(bookOf(apart, { hat: [run(1)] }).of('hat').claims).toHaveLength(1);
    expect([gets(bookOf(apart, { hat: [run(1)] }), 'a'), gets(bookOf(apart, { hat: [run(1)] }), 'b')]).toEqual([1, 1]);
    const three = bookOf([figure('a', ['hat'], { copies: 3 })], { hat: [run(1, { quantity: 2 })] });
    expect(three.servedTo('a')[0]?.lacks).toBe(1);
  });

  test('a flawed piece serves where its spot is out of sight', () => {
    const book = new PromiseBook((_, spot) => spot !== 'spot 1');
    book.setRuns('torso', [run(1, { isFlawed: true })]);
    book.set(figure('a', ['torso']));
    expect(gets(book, 'a')).toBe(0);
    book.set(figure('a', ['hat', 'torso']));
    expect(gets(book, 'a')).toBe(1);
  });

  test('after a change it says what a book made anew says', () => {
    const someone = fc.record({
      id: fc.constantFrom('a', 'b', 'c'),
      variants: fc.array(fc.constantFrom('hat', 'coat', 'boot'), { maxLength: 4 }),
      copies: fc.integer({ min: 1, max: 2 }),
      group: fc.constantFrom(null, null, 'pair'),
    });
    const donor = (id: number, place: string, holes: number): ServingRun => run(id, { reach: 'donor', place, holes });
    const stock = {
      hat: [run(1, { quantity: 2 }), donor(2, 'first', 1), donor(5, 'second', 0)],
      coat: [run(3), donor(6, 'second', 0)],
      boot: [run(4, { quantity: 3 }), donor(7, 'first', 1), donor(8, 'second', 0)],
    };
    fc.assert(
      fc.property(fc.array(fc.oneof(someone, fc.constantFrom('a', 'b', 'c')), { maxLength: 12 }), (changes) => {
        const kept = bookOf([], stock);
        const now = new Map<string, Claimant>();
        for (const change of changes) {
          if (typeof change === 'string') {
            kept.remove(change);
            now.delete(change);
          } else {
            const claimant = figure(change.id, change.variants, { copies: change.copies, group: change.group });
            kept.set(claimant);
            now.set(change.id, claimant);
          }
          for (const variant of Object.keys(stock)) kept.of(variant);
        }
        const fresh = bookOf([...now.values()], stock);
        for (const id of ['a', 'b', 'c']) expect(kept.servedTo(id)).toEqual(fresh.servedTo(id));
      }),
    );
  });

  test('a figure takes what it lacks off as few whole figures as do it', () => {
    const donor = (id: number, place: string, holes = 0): ServingRun => run(id, { reach: 'donor', place, holes });
    const stock = { head: [donor(1, 'keeper')], hands: [donor(2, 'sorter', 2), donor(3, 'keeper')], coat: [donor(5, 'keeper')] };
    const takenFrom = (book: PromiseBook): readonly (string | undefined)[] => book.servedTo('a').map((spot) => spot.given[0]?.run.place);
    const both = bookOf([figure('a', ['head', 'hands'])], stock);
    expect(takenFrom(both)).toEqual(['keeper', 'keeper']);
    // Who lacks nothing but hands takes them off the one that lacks something already.
    expect(takenFrom(bookOf([figure('a', ['hands'])], stock))).toEqual(['sorter']);
    // So it is once a head turns up loose: the book finds out by itself.
    both.setRuns('head', [run(4), donor(1, 'keeper')]);
    expect(takenFrom(both)).toEqual(['drawer', 'sorter']);
  });

  describe('an owned figure that is the look', () => {
    const donor = (id: number, place: string, more: Partial<ServingRun> = {}): ServingRun => run(id, { reach: 'donor', place, ...more });
    const worker = (place: string, from: number, more: Partial<ServingRun> = {}): Readonly<Record<string, readonly ServingRun[]>> => ({
      head: [donor(from, place, more)],
      hand: [donor(from + 1, place, { quantity: 2, ...more })],
    });
    const both = (
      one: Readonly<Record<string, readonly ServingRun[]>>,
      two: Readonly<Record<string, readonly ServingRun[]>>,
    ): Readonly<Record<string, readonly ServingRun[]>> =>
      Object.fromEntries(
        [...new Set([...Object.keys(one), ...Object.keys(two)])].map((key) => [key, [...(one[key] ?? []), ...(two[key] ?? [])]]),
      );
    const look = ['head', 'hand', 'hand'];
    const from = (book: PromiseBook, id: string): readonly string[] =>
      book.servedTo(id).flatMap(({ given }) => given.map(({ run: { place, reach }, quantity }) => `${quantity} ${reach} ${place}`));

    test('serves it whole, though every piece lies loose as well', () => {
      const book = bookOf([figure('a', look)], both({ head: [run(8)], hand: [run(9, { quantity: 2 })] }, worker('dock', 1)));
      expect(from(book, 'a')).toEqual(['1 whole dock', '1 whole dock', '1 whole dock']);
      expect(standingOfFigure(book.servedTo('a'), 1, 0)).toMatchObject({ standing: 'ready to build', toBuy: 0 });
    });

    test('serves the first in line; the next takes what is left', () => {
      const book = bookOf([figure('a', look), figure('b', look)], both(worker('dock', 1), { hand: [run(9)] }));
      expect([from(book, 'a')[0], from(book, 'b')]).toEqual(['1 whole dock', ['1 loose drawer']]);
    });

    test('does not take a piece from who stands before in line; that one takes it off another where there is one', () => {
      const [first, second] = [figure('a', ['hand']), figure('b', look)];
      const alone = bookOf([first, second], worker('dock', 1));
      expect([from(alone, 'a'), from(alone, 'b')]).toEqual([['1 donor dock'], ['1 donor dock', '1 donor dock']]);
      const beside = bookOf([first, second], both(worker('dock', 1), { hand: [donor(9, 'mooring')], hat: [donor(10, 'mooring')] }));
      expect([from(beside, 'a'), from(beside, 'b')[0]]).toEqual([['1 donor mooring'], '1 whole dock']);
    });

    test('serves one copy each; the rest is built', () => {
      const book = bookOf([figure('a', look, { copies: 2 })], both(worker('dock', 1), { head: [run(8)], hand: [run(9, { quantity: 2 })] }));
      expect([...from(book, 'a')].sort()).toEqual(['1 loose drawer', '1 whole dock', '2 loose drawer', '2 whole dock']);
    });

    test('does not where it is flawed, where only new will do, where another has a piece of it pinned, once the figure is begun', () => {
      const isWhole = (book: PromiseBook): boolean => from(book, 'a').some((row) => row.includes('whole'));
      const pinned = bookOf([figure('a', look), figure('b', ['hand'])], worker('dock', 1));
      pinned.setPins('hand', [{ lot: 2, figure: 'b', quantity: 1 }]);
      expect([
        isWhole(bookOf([figure('a', look)], worker('dock', 1))),
        isWhole(bookOf([figure('a', look)], worker('dock', 1, { isFlawed: true }))),
        isWhole(bookOf([figure('a', look, { newOnly: true })], worker('dock', 1))),
        isWhole(pinned),
        isWhole(bookOf([figure('a', look)], both(worker('dock', 1), { head: [run(8, { reach: 'built', figure: 'a' })] }))),
      ]).toEqual([true, false, false, false, false]);
    });

    test('is found out anew when something is taken off it, and asked for by another look', () => {
      const book = bookOf([figure('a', look), figure('b', ['head'])], worker('dock', 1));
      expect([from(book, 'a')[0], from(book, 'b')]).toEqual(['1 whole dock', []]);
      const other = book.ofWith('head', [figure('a', ['coat']), figure('b', ['head', 'hand', 'hand'])]);
      expect(other.given.map(({ claim, run: { reach } }) => [...claim.figures, reach])).toEqual([['b', 'whole']]);
      book.setRuns('hand', [donor(2, 'dock')]);
      expect([from(book, 'a'), from(book, 'b')]).toEqual([['1 donor dock', '1 donor dock'], []]);
    });
  });

  test('asking for other looks changes nothing that is kept', () => {
    const book = bookOf([figure('a', ['hat']), figure('b', ['hat'])], { hat: [run(1)] });
    const other = book.ofWith('hat', [figure('a', ['coat'])]);
    expect(other.given.map((row) => row.claim.figures)).toEqual([['b']]);
    expect(book.of('hat').given.map((row) => row.claim.figures)).toEqual([['a']]);
  });
});

describe('what a figure can count on', () => {
  test('is what it would get if it wanted any number', () => {
    const someone = fc.record({ wants: fc.integer({ min: 0, max: 3 }), copies: fc.constant(1) });
    const someRun = fc.record({ quantity: fc.integer({ min: 1, max: 3 }), reach: fc.constantFrom('loose' as const, 'donor' as const) });
    fc.assert(
      fc.property(fc.array(someone, { minLength: 1, maxLength: 4 }), fc.array(someRun, { maxLength: 3 }), fc.nat(3), (wants, stock, at) => {
        const figures = wants.map(({ wants: many }, i) =>
          figure(
            'abcd'[i] ?? '',
            Array.from({ length: many }, () => 'hat'),
          ),
        );
        const asking = figures[at % figures.length];
        if (!asking) return;
        // A coat that nobody wants: no donor is any of the looks.
        const coat = run(9, { reach: 'donor' });
        const book = bookOf(figures, { hat: stock.map((row, i) => run(i, row)), coat: [coat] });
        const line = (id: string): number => figures.findIndex((row) => row.id === id);
        const { owned, onDonors } = availableTo(sharesOf(book.of('hat'), line), line(asking.id));
        const hungry = { ...asking, parts: Array.from({ length: 20 }, (_, i) => ({ spot: `spot ${i}`, variant: 'hat' })) };
        const own = book.ofWith('hat', [hungry]).given.filter(({ claim }) => claim.figures.includes(asking.id));
        const count = (isDonor: boolean): number =>
          own.reduce((all, row) => all + ((row.run.reach === 'donor') === isDonor ? row.quantity : 0), 0);
        expect([owned, onDonors]).toEqual([count(false), count(true)]);
      }),
      { numRuns: 300 },
    );
  });

  test('is the same of all parts at once as part by part', () => {
    const row = fc.record({
      figures: fc.uniqueArray(fc.nat(4), { minLength: 1, maxLength: 2 }).map((figures) => figures.sort()),
      wants: fc.nat(3),
      gets: fc.nat(3),
      offDonors: fc.nat(1),
      bound: fc.nat(1),
    });
    const part = fc.record({ free: fc.nat(3), freeOnDonors: fc.nat(2), rows: fc.array(row, { maxLength: 4 }) });
    fc.assert(
      fc.property(fc.array(part, { maxLength: 4 }), fc.nat(5), (parts, line) => {
        const rows = parts.flatMap((own, i) => own.rows.map((told) => ({ ...told, of: i })));
        const { owned, onDonors } = availableOfAll(
          {
            free: parts.map((own) => own.free),
            freeOnDonors: parts.map((own) => own.freeOnDonors),
            of: rows.map((told) => told.of),
            wants: rows.map((told) => told.wants),
            gets: rows.map((told) => told.gets),
            offDonors: rows.map((told) => told.offDonors),
            bound: rows.map((told) => told.bound),
            figuresOf: (i) => rows[i]?.figures ?? [],
          },
          line,
        );
        expect(parts.map((own) => availableTo(own, line))).toEqual(parts.map((_, i) => ({ owned: owned[i], onDonors: onDonors[i] })));
      }),
    );
  });

  test('leaves out what is pinned to those behind it', () => {
    const book = bookOf([figure('a', []), figure('b', ['hat'])], { hat: [run(1), run(2)] });
    book.setPins('hat', [{ lot: 2, figure: 'b', quantity: 1 }]);
    const line = (id: string): number => 'ab'.indexOf(id);
    expect(availableTo(sharesOf(book.of('hat'), line), 0)).toEqual({ owned: 1, onDonors: 0 });
  });
});

describe('what is always in sight', () => {
  test('a clash says who gets the piece, why, and who goes without', () => {
    const book = bookOf([figure('a', ['hat']), figure('b', ['hat'])], { hat: [run(1)] });
    expect(clashOf(book.of('hat'))).toEqual({
      variant: 'hat',
      owned: 1,
      wanted: 2,
      short: 1,
      contenders: [
        { figure: 'a', wants: 1, gets: 1, because: 'in line' },
        { figure: 'b', wants: 1, gets: 0, because: 'in line' },
      ],
    });
    book.setPins('hat', [{ lot: 1, figure: 'b', quantity: 1 }]);
    expect(clashOf(book.of('hat'))?.contenders.map((row) => [row.figure, row.gets, row.because])).toEqual([
      ['b', 1, 'pinned'],
      ['a', 0, 'in line'],
    ]);
  });

  test('there is none where everybody is served, where nothing is owned, or where one figure alone goes short', () => {
    expect(clashOf(bookOf([figure('a', ['hat']), figure('b', ['hat'])], { hat: [run(1, { quantity: 2 })] }).of('hat'))).toBeNull();
    expect(clashOf(bookOf([figure('a', ['hat']), figure('b', ['hat'])], {}).of('hat'))).toBeNull();
    expect(clashOf(bookOf([figure('a', ['hat'], { copies: 4 })], { hat: [run(1)] }).of('hat'))).toBeNull();
  });

  test('a figure is wanting, waiting, ready to build, built, or to be changed', () => {
    const standing = (stock: Readonly<Record<string, readonly ServingRun[]>>, holds = 0) =>
      standingOfFigure(bookOf([figure('a', ['hat', 'coat'])], stock).servedTo('a'), 1, holds);
    const on = { reach: 'built' as const, figure: 'a' };
    expect(standing({ hat: [run(1)] })).toEqual({ standing: 'wanting', toBuy: 1, onTheirWay: 0 });
    expect(standing({ hat: [run(1)], coat: [run(2, { reach: 'sealed' })] })).toEqual({ standing: 'waiting', toBuy: 0, onTheirWay: 1 });
    expect(standing({ hat: [run(1)], coat: [run(2, { reach: 'donor' })] })?.standing).toBe('ready to build');
    expect(standing({ hat: [run(1, on)], coat: [run(2, on)] }, 2)?.standing).toBe('built');
    expect(standing({ hat: [run(1, on)], coat: [run(2)] }, 2)?.standing).toBe('to be changed');
    expect(standingOfFigure([], 1, 0)).toBeNull();
  });
});
