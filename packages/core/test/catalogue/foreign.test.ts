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
    const headers = ['Item No.', 'Part Name', 'Category', 'Color', 'Shade', 'Year From', 'Year To'];
    const samples = [['1001', 'Long wavy ponytail', 'Hair', 'Brown', '7B4A32', '2014', '2020']];
    expect(guessMapping(headers, samples)).toEqual({
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
    ];
    const { colours, moulds, prints, variants } = readForeignRows(
      names.map((name, i) => row(i + 2, name, { print: i % 3 === 0 ? 'Stripes' : '' })),
      PALETTE,
    );
    expect(rowFaults({ colours: [...PALETTE, ...colours], moulds, prints, variants }, NOTHING_KNOWN)).toEqual([]);
    expect(variants).toHaveLength(names.length);
  });
});
