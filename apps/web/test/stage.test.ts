import { EMPTY_PLAN } from '@outfit/core/lineup';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { FigureDto } from '../src/api';
import { cellPx, fittingScale, LEAST_SCALE, rowHeight, rowsOf } from '../src/features/lineups/stage/fit';
import { groupsOf, sitterOf, spotId } from '../src/features/lineups/stage/groups';

const SIZES = { widthMm: 22, heightMm: 44, headPx: 30 };

describe('the rows of a stage', () => {
  test('hold everybody once, in order, and no row is wider than the room unless one alone is', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 20 }), { maxLength: 6 }),
        fc.integer({ min: 30, max: 200 }),
        fc.integer({ min: 200, max: 1400 }),
        (sizes, cell, width) => {
          let next = 0;
          const groups = sizes.map((size) => Array.from({ length: size }, () => next++));
          const rows = rowsOf(groups, cell, width);
          expect(rows.flat().flatMap(({ spots }) => spots)).toEqual(groups.flat());
          for (const row of rows) {
            const taken = row.reduce((all, { spots }) => all + spots.length, 0);
            if (taken > 1) expect(taken * cell).toBeLessThanOrEqual(width);
          }
        },
      ),
    );
  });

  test('one figure and sixty fill the page: the scale is the largest at which all fit', () => {
    const room = { widthPx: 980, heightPx: 640 };
    for (const count of [1, 6, 10, 24, 40, 60]) {
      const groups = [Array.from({ length: count }, (_, i) => i)];
      const scale = fittingScale(groups, SIZES, room);
      const height = (at: number): number => rowsOf(groups, cellPx(at, SIZES.widthMm), room.widthPx).length * rowHeight(at, SIZES);
      expect(height(scale)).toBeLessThanOrEqual(room.heightPx);
      if (scale < 11) expect(height(scale + 0.25)).toBeGreaterThan(room.heightPx);
      expect(scale).toBeGreaterThan(LEAST_SCALE);
    }
  });

  test('a title has room above its group', () => {
    const rows = rowsOf([[1, 2], [3]], 40, 300, [190, 190]);
    expect(rows).toHaveLength(2);
    expect(rowsOf([[1, 2], [3]], 40, 300)).toHaveLength(1);
  });
});

describe('who stands with whom', () => {
  const figure = (id: string, change: Partial<FigureDto> = {}, copies = 1): FigureDto =>
    ({ id, role: '', faction: '', recipe: '', brief: { name: id, copies }, ...change }) as FigureDto;
  const faction = (id: string) => ({ id, name: id.toUpperCase(), colours: [], recipe: '', leader: '', sharesFaces: false });

  test('by faction in the order of factions, who is in none last; by role with how many of how many', () => {
    const figures = [figure('a', { faction: 'y', role: 'Oar' }), figure('b'), figure('c', { faction: 'x', role: 'oar' })];
    const plan = { ...EMPTY_PLAN, factions: [faction('x'), faction('y')], roles: [{ name: 'Oar', least: 3, most: 3 }] };
    expect(groupsOf(figures, plan, 'faction').map(({ title, spots }) => [title, spots.map((spot) => spot.figure?.id)])).toEqual([
      ['X', ['c']],
      ['Y', ['a']],
      ['No faction', ['b']],
    ]);
    expect(groupsOf(figures, plan, 'role').map(({ title, quota }) => [title, quota])).toEqual([
      ['Oar', '2 of 3'],
      ['No role', '1'],
    ]);
  });

  test('an army stands there copy by copy, its variations among the rest; anybody else once', () => {
    const figures = [figure('recipe', {}, 8), figure('beard', {}, 2)];
    const army = groupsOf(figures, { ...EMPTY_PLAN, kind: 'army' }, 'order')[0]?.spots ?? [];
    expect(army).toHaveLength(10);
    const bearded = army.flatMap(({ figure: one }, i) => (one?.id === 'beard' ? [i] : []));
    expect(bearded).toHaveLength(2);
    expect(Math.abs((bearded[0] ?? 0) - (bearded[1] ?? 0))).toBeGreaterThan(2);
    expect(groupsOf(figures, EMPTY_PLAN, 'order')[0]?.spots).toHaveLength(2);
  });

  test('by seat in the order of seats, the rest standing by', () => {
    const seatings = [
      {
        id: 's',
        name: 'Boat',
        kind: 'seat' as const,
        places: [
          { name: '1', figure: 'b' },
          { name: '2', figure: '' },
        ],
      },
    ];
    const groups = groupsOf([figure('a'), figure('b')], { ...EMPTY_PLAN, seatings }, 'seat');
    expect(groups.map(({ title, quota, spots }) => [title, quota, spots.length])).toEqual([
      ['Boat', '1 of 2', 2],
      ['Standing by', '', 1],
    ]);
    // Each spot has a name while something is dragged, and the name leads back to who is there and where.
    const spots = groups.flatMap((group) => group.spots);
    expect(new Set(spots.map(spotId)).size).toBe(3);
    expect(spots.map((spot) => sitterOf(spotId(spot), groups))).toMatchObject([
      { figure: 'b', at: { seating: 's', place: 0 } },
      { figure: '', at: { seating: 's', place: 1 } },
      { figure: 'a', at: null },
    ]);
  });
});
