import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  Balances,
  type Entry,
  isWithin,
  LedgerRefused,
  type Movement,
  opposite,
  OUTSIDE,
  pathOf,
  type Place,
  readLines,
  readPath,
  standsInTheWay,
} from '../../src/wardrobe/index.js';
import { CATALOGUE } from '../fixture.js';

const PLACES = [OUTSIDE, 'drawer', 'tin', 'bench'];
const LOTS = [1, 2, 3];
const entry = (id: number, movements: readonly Movement[], more: Partial<Entry> = {}): Entry => ({
  id,
  kind: 'put away',
  movements,
  undoes: null,
  ...more,
});
const movement = fc
  .record({
    lot: fc.constantFrom(...LOTS),
    quantity: fc.integer({ min: 1, max: 4 }),
    from: fc.constantFrom(...PLACES),
    to: fc.constantFrom(...PLACES),
  })
  .filter(({ from, to }) => from !== to);
/** Deeds, and now and then one that takes an earlier one back: what is refused is not entered. */
const history = fc.array(fc.oneof(fc.array(movement, { minLength: 1, maxLength: 3 }), fc.nat(30)), { maxLength: 40 });

/** Plays deeds and undos; what a ledger keeps as it goes beside what was entered. */
function played(steps: readonly (readonly Movement[] | number)[]): { readonly entries: readonly Entry[]; readonly kept: Balances } {
  const entries: Entry[] = [];
  let kept = Balances.EMPTY;
  for (const step of steps) {
    const target = typeof step === 'number' ? entries[step] : undefined;
    if (typeof step === 'number' && !target) continue;
    const next = target
      ? entry(entries.length + 1, opposite(target.movements), { undoes: target.id, kind: 'corrected' })
      : entry(entries.length + 1, step as readonly Movement[]);
    try {
      kept = kept.after(next);
      entries.push(next);
    } catch (error) {
      if (!(error instanceof LedgerRefused)) throw error;
    }
  }
  return { entries, kept };
}
const rowsOf = (balances: Balances) => [...balances.rows()].sort((a, b) => a.lot - b.lot || (a.place < b.place ? -1 : 1));

describe('the ledger, over any sequence of deeds and undos', () => {
  test('pieces are conserved: a lot’s pieces over all places, outside too, are always none', () => {
    fc.assert(
      fc.property(history, (steps) => {
        const { kept } = played(steps);
        for (const lot of LOTS) expect(kept.sumOf(lot)).toBe(0);
      }),
    );
  });

  test('no place but outside ever holds less than none', () => {
    fc.assert(
      fc.property(history, (steps) => {
        const { kept } = played(steps);
        for (const lot of LOTS) for (const place of PLACES.slice(1)) expect(kept.at(lot, place)).toBeGreaterThanOrEqual(0);
      }),
    );
  });

  test('rebuilding from the movements gives what was kept, and so does a replay', () => {
    fc.assert(
      fc.property(history, (steps) => {
        const { entries, kept } = played(steps);
        expect(rowsOf(Balances.of(entries))).toEqual(rowsOf(kept));
      }),
    );
  });

  test('undo of undo restores, and what was before an entry is there again after its undo', () => {
    fc.assert(
      fc.property(history, fc.array(movement, { minLength: 1, maxLength: 3 }), (steps, movements) => {
        const { kept } = played(steps);
        let after: Balances;
        try {
          after = kept.after({ movements });
        } catch {
          return;
        }
        const back = after.after({ movements: opposite(movements) });
        expect(rowsOf(back)).toEqual(rowsOf(kept));
        expect(rowsOf(back.after({ movements: opposite(opposite(movements)) }))).toEqual(rowsOf(after));
      }),
    );
  });

  test('an entry is taken whole or not at all', () => {
    const held = Balances.of([{ movements: [{ lot: 1, quantity: 2, from: OUTSIDE, to: 'drawer' }] }]);
    const tooMuch = [
      { lot: 1, quantity: 2, from: 'drawer', to: 'tin' },
      { lot: 1, quantity: 1, from: 'drawer', to: 'bench' },
    ];
    expect(() => held.after({ movements: tooMuch })).toThrow(LedgerRefused);
    expect(held.at(1, 'drawer')).toBe(2);
    expect(held.at(1, 'tin')).toBe(0);
  });
});

describe('what stands in the way of taking an entry back', () => {
  const bought = entry(1, [{ lot: 1, quantity: 3, from: OUTSIDE, to: 'drawer' }]);
  const moved = entry(2, [{ lot: 1, quantity: 2, from: 'drawer', to: 'tin' }]);
  const counted = entry(3, [{ lot: 2, quantity: 1, from: OUTSIDE, to: 'drawer' }]);

  test('is the first later entry that took from where its pieces would have to be', () => {
    expect(standsInTheWay(bought, [moved, counted], Balances.of([bought, moved, counted]))).toBe(moved);
    expect(standsInTheWay(moved, [counted], Balances.of([bought, moved, counted]))).toBeNull();
  });

  test('is nothing once that entry has been taken back', () => {
    const undone = entry(4, opposite(moved.movements), { undoes: 2 });
    expect(standsInTheWay(bought, [moved, counted, undone], Balances.of([bought, moved, counted, undone]))).toBeNull();
  });
});

describe('places', () => {
  const places: readonly Place[] = [
    { id: 'room', kind: 'made', name: 'Hobby room', parent: null },
    { id: 'cabinet', kind: 'made', name: 'Cabinet', parent: 'room' },
    { id: 'a', kind: 'made', name: 'Drawer A', parent: 'cabinet' },
  ];
  const byId = new Map(places.map((place) => [place.id, place]));

  test('are told from the outermost in, and read so with either sign', () => {
    expect(pathOf('a', byId).map((place) => place.name)).toEqual(['Hobby room', 'Cabinet', 'Drawer A']);
    expect(readPath('Cabinet › Drawer 2')).toEqual(['Cabinet', 'Drawer 2']);
    expect(readPath(' Cabinet>Drawer 2 > ')).toEqual(['Cabinet', 'Drawer 2']);
    expect(readPath('')).toEqual([]);
  });

  test('cannot go into themselves', () => {
    expect(isWithin('room', 'a', byId)).toBe(true);
    expect(isWithin('a', 'a', byId)).toBe(true);
    expect(isWithin('a', 'room', byId)).toBe(false);
    expect(isWithin('a', null, byId)).toBe(false);
    const circle = new Map(byId).set('room', { id: 'room', kind: 'made', name: 'Hobby room', parent: 'a' });
    expect(pathOf('a', circle)).toHaveLength(3);
  });
});

describe('lines of a list on paper', () => {
  const [first] = CATALOGUE.data.variants;
  const one = (text: string) => readLines(text, CATALOGUE)[0];

  test('tell how many of which part: by the part’s own number, or its mould and colours in words', () => {
    expect(one(`3 ${first?.id}`)).toMatchObject({ quantity: 3, variant: first?.id, reason: null });
    expect(one(`2x HD-1 light face`)).toMatchObject({ quantity: 2, variant: 'HD-1·light·face' });
    expect(one('to-1 red')).toMatchObject({ quantity: 1, variant: 'TO-1·red' });
  });

  test('that fit nothing, or too much, say what would do', () => {
    expect(one('1 XX-9 red')).toMatchObject({ variant: null, reason: '“XX-9” is the number of no mould.' });
    expect(one('1 TO-1 lilac')?.reason).toMatch(/No part of TO-1 .* is “lilac”/);
    expect(one('0 TO-1 red')?.reason).toMatch(/How many/);
    expect(one('4 HD-1')?.reason).toMatch(/\d+ parts of HD-1 .* fit: say more, such as “HD-1/);
  });

  test('may stand below each other, with empty ones between', () => {
    expect(readLines('2 TO-1 red\n\n 1 HN-1 light \n', CATALOGUE).map((line) => line.variant)).toEqual(['TO-1·red', 'HN-1·light']);
  });
});
