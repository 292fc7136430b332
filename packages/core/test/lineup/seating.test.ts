import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { EMPTY_PLAN, type LineUpPlan, exchangePlaces, planFaults, type Sitter } from '../../src/lineup/index.js';

const seating = (id: string, figures: readonly string[]): LineUpPlan['seatings'][number] => ({
  ...{ id, name: id, kind: 'seat' as const },
  places: figures.map((figure, i) => ({ name: `${i + 1}`, figure })),
});
const who = (seatings: LineUpPlan['seatings']): readonly string[][] => seatings.map(({ places }) => places.map(({ figure }) => figure));
const on = (figure: string, of: string, place: number): Sitter => ({ figure, at: { seating: of, place } });

describe('two change places', () => {
  const boat = [seating('boat', ['ibbe', '', 'marta'])];

  test('of one boat, with an empty seat, with somebody who stands by', () => {
    expect(who(exchangePlaces(boat, on('marta', 'boat', 2), on('ibbe', 'boat', 0)))).toEqual([['marta', '', 'ibbe']]);
    expect(who(exchangePlaces(boat, on('marta', 'boat', 2), on('', 'boat', 1)))).toEqual([['ibbe', 'marta', '']]);
    expect(who(exchangePlaces(boat, { figure: 'bram', at: null }, on('ibbe', 'boat', 0)))).toEqual([['bram', '', 'marta']]);
    expect(who(exchangePlaces(boat, on('ibbe', 'boat', 0), { figure: 'bram', at: null }))).toEqual([['bram', '', 'marta']]);
  });

  test('of two seatings: whoever has a place there already leaves it for the new one', () => {
    const both = [...boat, seating('quay', ['marta', 'toss'])];
    expect(who(exchangePlaces(both, on('marta', 'boat', 2), on('toss', 'quay', 1)))).toEqual([
      ['ibbe', '', 'toss'],
      ['', 'marta'],
    ]);
  });

  test('never leaves anybody on two places of one seating, and only places of the two are touched', () => {
    const names = fc.constantFrom('', 'a', 'b', 'c', 'd', 'e');
    const places = fc.uniqueArray(names, { minLength: 2, maxLength: 5, selector: (name) => (name === '' ? Symbol('nobody') : name) });
    fc.assert(
      fc.property(places, places, fc.nat(9), fc.nat(9), fc.boolean(), (first, second, i, j, isOne) => {
        const seatings = [seating('x', first), seating('y', second)];
        const of = isOne ? 'x' : 'y';
        const [from, to] = [i % first.length, j % (isOne ? first : second).length];
        const after = exchangePlaces(seatings, on(first[from] ?? '', 'x', from), on((isOne ? first : second)[to] ?? '', of, to));
        expect(planFaults({ ...EMPTY_PLAN, seatings: after })).toEqual([]);
        expect(after.find(({ id }) => id === of)?.places[to]?.figure).toBe(first[from]);
        for (const [k, name] of who(after)[0]?.entries() ?? [])
          if (k !== from && !(isOne && k === to)) expect(['', first[k]]).toContain(name);
      }),
    );
  });
});
