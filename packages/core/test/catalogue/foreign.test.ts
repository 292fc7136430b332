import { describe, expect, test } from '@jest/globals';
import { type Colour, guessMapping, NOTHING_KNOWN, readForeignRows, rowFaults, readShaping } from '../../src/index.js';

const PALETTE: readonly Colour[] = [
  { id: 'woad', name: 'woad', hex: '#3F628F', finish: 'solid', kind: 'cloth' },
  { id: 'soot', name: 'soot', hex: '#2B2D31', finish: 'solid', kind: 'cloth' },
];
const row = (line: number, name: string, more: Readonly<Record<string, string>> = {}) => ({
  line,
  cells: { name, category: 'Various', colourHex: '#3F628F', colourName: 'Blue', ...more },
});

describe('which column tells what', () => {
  test('is guessed by names, and by values where these are colours; no column tells two things', () => {
    const headers = ['Weight (g)', 'Item No.', 'Part Name', 'Category', 'Color', 'Shade', 'Year From', 'Year To'];
    const samples = [['0.8', '1001', 'Long wavy ponytail', 'Hair', 'Brown', '7B4A32', '2014', '2020']];
    expect(guessMapping(headers, samples)).toEqual({
      weight: 'Weight (g)',
      number: 'Item No.',
      name: 'Part Name',
      category: 'Category',
      colourName: 'Color',
      colourHex: 'Shade',
      from: 'Year From',
      until: 'Year To',
    });
  });

  test('is left open where no name says anything', () => {
    expect(guessMapping(['aa', 'bb'], [['1', '2']])).toEqual({});
  });
});

describe('rows of somebody else’s catalogue', () => {
  test('become moulds told by their names, parts in known colours, and new colours where none is near', () => {
    const { moulds, variants, colours, problems, unplaced } = readForeignRows(
      [
        row(2, 'Long wavy ponytail, Blue', { category: 'Hair', from: '2014', until: '2020' }),
        row(3, 'Long wavy ponytail, Sunset', { category: 'Hair', colourHex: '#E59A2B', colourName: 'Sunset' }),
        // Nearer than people see to what is known: it is that.
        row(4, 'Peaked cap Blue', { category: 'Hats', colourHex: '#40638F' }),
        row(5, 'Torso Blue', { category: 'Bodies' }),
      ],
      PALETTE,
    );
    expect(problems).toEqual([]);
    expect(unplaced).toEqual([]);
    expect(colours).toEqual([{ id: 'sunset', name: 'Sunset', hex: '#E59A2B', finish: 'solid', kind: 'cloth' }]);
    expect(moulds.map((mould) => [mould.number, mould.family])).toEqual([
      ['long-wavy-ponytail', 'hair'],
      ['peaked-cap', 'hat'],
      ['torso', 'torso'],
    ]);
    expect(readShaping(moulds[0]?.silhouette ?? '')?.values).toMatchObject({ length: '3', tied: 'tail', texture: 'wavy' });
    expect(variants.map((variant) => [variant.id, variant.made])).toEqual([
      ['long-wavy-ponytail·woad', { from: 2014, until: 2020 }],
      ['long-wavy-ponytail·sunset', undefined],
      ['peaked-cap·woad', undefined],
      ['torso·woad', undefined],
    ]);
  });

  test('that no word tells are boxes marked unplaced, told by their kind; what a kind was said to be is taken', () => {
    const rows = [
      row(2, 'Gizmo', { category: 'Oddments' }),
      row(3, 'Whatsit', { category: 'Oddments' }),
      row(4, 'Gizmo', { category: 'Oddments', colourHex: '#2B2D31', colourName: 'Black' }),
    ];
    const open = readForeignRows(rows, PALETTE);
    expect(open.unplaced).toEqual([{ category: 'Oddments', moulds: 2, names: ['Gizmo', 'Whatsit'] }]);
    expect(open.moulds[0]?.shape.words).toEqual(['unplaced']);
    const said = readForeignRows(rows, PALETTE, { Oddments: 'hat' });
    expect(said.unplaced).toEqual([]);
    expect(said.moulds.map((mould) => mould.family)).toEqual(['hat', 'hat']);
  });

  test('have the sizes they tell; what no word tells is told by its sizes where these are a body’s, or slender', () => {
    const size = (width: string, height: string, depth: string, weight = '') => ({ width, height, depth, weight });
    const { moulds, unplaced } = readForeignRows(
      [
        row(2, 'Gizmo A', size('10,4', '8.8', '9.8 mm', '1.1 g')),
        row(3, 'Gizmo B', size('11', '1.05 cm', '7')),
        row(4, 'Gizmo C', size('2', '20', '2')),
        row(5, 'Gizmo D', size('9', '9', '4')),
        // A word goes before the size, and a size nobody can read is left out.
        row(6, 'Torso plain', size('12', 'tall', '7')),
        row(7, 'Cap', size('14', '6', '14')),
      ],
      PALETTE,
    );
    expect(moulds.map((mould) => mould.family)).toEqual(['head', 'legs', 'held', 'beside', 'torso', 'hat']);
    expect(unplaced).toEqual([{ category: 'Various', moulds: 1, names: ['Gizmo D'] }]);
    expect(moulds[0]).toMatchObject({ sizeMm: { width: 10.4, height: 8.8, depth: 9.8 }, geometry: { massG: 1.1, heightMm: 8.8 } });
    expect(readShaping(moulds[1]?.silhouette ?? '')?.values).toMatchObject({ length: 'mid' });
    expect(moulds[1]?.geometry.heightMm).toBe(10.5);
    expect(moulds[2]?.geometry.heightMm).toBe(20);
    expect([moulds[4]?.sizeMm, moulds[4]?.geometry.heightMm]).toEqual([undefined, 12.6]);
    expect(moulds[5]?.sizeMm).toEqual({ width: 14, height: 6, depth: 14 });
  });

  test('are told with their line where they cannot be read, and the others are taken', () => {
    const { problems, variants } = readForeignRows(
      [row(2, ''), row(3, 'Cap', { colourHex: 'bluish', colourName: 'Nowhere' }), row(4, 'Cap', { from: 'long ago' }), row(5, 'Cap')],
      PALETTE,
    );
    expect(problems.map(({ line, field }) => [line, field])).toEqual([
      [2, 'name'],
      [3, 'colourHex'],
      [4, 'from'],
    ]);
    expect(variants).toHaveLength(1);
  });

  test('give rows that a catalogue takes: nothing in them is at fault', () => {
    const names = [
      'Sword',
      'Round shield',
      'Fish',
      'Cape long',
      'Skirt',
      'Head',
      'Hand',
      'Wings',
      'Backpack',
      'Straw hat',
      'Helmet',
      'Beard',
      'Gizmo',
      'Belt',
      'Stand',
      'Apron with pouch',
      'Fox mask',
      'Pointed hood',
      'Scale armour',
      'Bat wings',
      'Bear head',
      'Short sleeve arm',
      'Hook',
    ];
    const { colours, moulds, prints, variants } = readForeignRows(
      names.map((name, i) => row(i + 2, name, { print: i % 3 === 0 ? 'Stripes' : '' })),
      PALETTE,
    );
    expect(rowFaults({ colours: [...PALETTE, ...colours], moulds, prints, variants }, NOTHING_KNOWN)).toEqual([]);
    expect(variants).toHaveLength(names.length);
  });
});
