import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { COLUMNS, type Column, FIRST_COLUMNS, type FigureRow, RIGHT, shownRows } from '../src/features/lineups/table/rows';

const row = (cells: Partial<Record<Column, string | number>>): FigureRow =>
  ({
    cells: Object.fromEntries(
      (Object.keys(COLUMNS) as Column[]).map((column) => {
        const value = cells[column] ?? '';
        return [column, { text: String(value), sort: typeof value === 'number' ? value : value.toLowerCase() || '￿' }];
      }),
    ),
  }) as unknown as FigureRow;
const names = (rows: readonly FigureRow[]): readonly string[] => rows.map(({ cells }) => cells.name.text);

const ROWS = [
  row({ number: 1, name: 'Marta', role: 'Steer', likeness: 97, hair: 'Silver bob' }),
  row({ number: 2, name: 'Ibbe', role: 'Bow lantern', likeness: 9 }),
  row({ number: 3, name: 'Toss', role: '', likeness: 97 }),
];

describe('the rows of the table', () => {
  test('are those that hold every word, in whichever column, however it is spelled', () => {
    expect(names(shownRows(ROWS, 'BOW ibbe', 'number', false))).toEqual(['Ibbe']);
    expect(names(shownRows(ROWS, '  silver   ', 'number', false))).toEqual(['Marta']);
    expect(names(shownRows(ROWS, 'marta bow', 'number', false))).toEqual([]);
    expect(names(shownRows(ROWS, '', 'number', false))).toEqual(['Marta', 'Ibbe', 'Toss']);
  });

  test('numbers are sorted as numbers, and who has none of something comes last; alike ones keep their order', () => {
    expect(names(shownRows(ROWS, '', 'likeness', false))).toEqual(['Ibbe', 'Marta', 'Toss']);
    expect(names(shownRows(ROWS, '', 'likeness', true))).toEqual(['Marta', 'Toss', 'Ibbe']);
    expect(names(shownRows(ROWS, '', 'role', false))).toEqual(['Ibbe', 'Marta', 'Toss']);
  });

  test('downwards is upwards turned round, but for those that are alike', () => {
    const some = fc.array(
      fc.nat(5).map((likeness) => row({ name: `n${likeness}`, likeness })),
      { maxLength: 12 },
    );
    fc.assert(
      fc.property(some, (rows) => {
        const likeness = (isDown: boolean): readonly string[] =>
          shownRows(rows, '', 'likeness', isDown).map(({ cells }) => cells.likeness.text);
        expect([...likeness(true)].reverse()).toEqual(likeness(false));
      }),
    );
  });

  test('what is shown first, and what stands to the right, are columns', () => {
    for (const column of [...FIRST_COLUMNS, ...RIGHT]) expect(COLUMNS).toHaveProperty(column);
  });
});
