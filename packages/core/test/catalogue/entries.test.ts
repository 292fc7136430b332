import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  Catalogue,
  coloursOfMould,
  existence,
  merge,
  MergeRefused,
  mouldsInColour,
  nearestMade,
  NOTHING_KNOWN,
  paletteOrder,
  plainWords,
  rowFaults,
  sameMotifs,
  soundRows,
  type CatalogueData,
  type CatalogueRows,
} from '../../src/index.js';
import { hairWords } from '../../src/colour/index.js';
import { DATA } from '../fixture.js';

const catalogue = new Catalogue(DATA);

describe('a mould over the palette', () => {
  test('tells made, imagined and never seen apart', () => {
    const states = Object.fromEntries(coloursOfMould(catalogue.mould('HA-2'), catalogue).map((cell) => [cell.colour.id, existence(cell)]));
    expect(states).toMatchObject({ black: 'made', red: 'imagined', crimson: 'never' });
  });

  test('read the other way round it is the same table', () => {
    for (const colour of DATA.colours)
      for (const { mould, cell } of mouldsInColour(colour, catalogue)) {
        const same = coloursOfMould(mould, catalogue).find((row) => row.colour.id === colour.id);
        expect(cell).toEqual(same);
      }
  });

  test('offers the nearest made colours, nearest first, never an imagined one', () => {
    const near = nearestMade(catalogue.mould('HA-2'), catalogue.colour('red'), catalogue);
    expect(near.map((row) => row.deltaE)).toEqual([...near.map((row) => row.deltaE)].sort((a, b) => a - b));
    expect(near.every((row) => row.variant.made)).toBe(true);
  });

  test('finds the same motifs elsewhere, most shared first', () => {
    for (const variant of DATA.variants) {
      const rows = sameMotifs(variant, catalogue);
      expect(rows.map((row) => row.shared.length)).toEqual([...rows.map((row) => row.shared.length)].sort((a, b) => b - a));
      expect(rows.every((row) => row.variant.id !== variant.id)).toBe(true);
    }
  });
});

describe('plain words for colours', () => {
  test.each([
    ['#7B4A32', 'brown'],
    ['#3F628F', 'blue'],
    ['#A8323A', 'red'],
    ['#E0C243', 'yellow'],
    ['#1E4D3B', 'green'],
    ['#F4F1E8', 'white'],
    ['#17181C', 'black'],
    ['#B9BEC2', 'grey'],
    ['#9A7BA6', 'purple'],
    ['#C4265B', 'pink'],
  ])('%s is %s', (hex, word) => {
    expect(plainWords({ hex, kind: 'cloth' })[0]).toBe(word);
  });

  test('on hair, yellow is blond and orange is ginger', () => {
    expect(hairWords({ hex: '#D8B96A', kind: 'cloth' })).toContain('blond');
    expect(hairWords({ hex: '#C25A24', kind: 'hair' })).toContain('ginger');
  });

  test('lays the palette out by kind, greys first', () => {
    const KINDS = ['cloth', 'hair', 'skin', 'metal'];
    const laid = [...DATA.colours].sort(paletteOrder).map((colour) => colour.kind);
    expect(laid).toEqual([...laid].sort((a, b) => KINDS.indexOf(a) - KINDS.indexOf(b)));
  });
});

describe('merging a double', () => {
  const apply = (kind: Parameters<typeof merge>[0], double: string, kept: string): Catalogue => {
    const { add, mark } = merge(kind, double, kept, catalogue);
    const variants = new Map(DATA.variants.map((variant) => [variant.id, variant]));
    for (const variant of add) variants.set(variant.id, variant);
    for (const { variant, mergedInto } of mark) variants.set(variant, { ...catalogue.variant(variant), mergedInto });
    return new Catalogue({ ...DATA, variants: [...variants.values()] });
  };

  test('whoever asks for the double gets the other, and the years are joined', () => {
    const merged = apply('colour', 'crimson', 'red');
    for (const variant of DATA.variants.filter((row) => row.colours.includes('crimson')))
      expect(merged.variant(variant.id).colours).toEqual(variant.colours.map((colour) => (colour === 'crimson' ? 'red' : colour)));
    expect(merged.data.variants.filter((row) => !row.mergedInto && row.colours.includes('crimson'))).toEqual([]);
  });

  test('figures name the part it is now', () => {
    const merged = apply(
      'variant',
      'HD-1·light·reader',
      DATA.variants.find((row) => row.mould === 'HD-1' && row.id !== 'HD-1·light·reader')?.id ?? '',
    );
    expect(merged.data.officialFigures[0]?.parts[0]?.variant).not.toBe('HD-1·light·reader');
    expect(merged.isHeadOf('Ann', merged.resolve('HD-1·light·reader'))).toBe(true);
  });

  test('refuses one and the same, and two kinds of part', () => {
    expect(() => merge('variant', 'HA-1·black', 'HA-1·black', catalogue)).toThrow(MergeRefused);
    expect(() => merge('variant', 'HA-1·black', 'HE-1·brown', catalogue)).toThrow(/cannot be merged/);
  });

  test('a circle of merges in foreign data throws rather than run for ever', () => {
    const variants = DATA.variants.map((row) =>
      row.id === 'HA-1·black' ? { ...row, mergedInto: 'HA-2·red' } : row.id === 'HA-2·red' ? { ...row, mergedInto: 'HA-1·black' } : row,
    );
    expect(() => new Catalogue({ ...DATA, officialFigures: [], variants }).variant('HA-2·red')).toThrow(/circle/);
  });
});

describe('rows about to be added', () => {
  const reasons = (rows: CatalogueRows): string[] =>
    rowFaults(rows, NOTHING_KNOWN).map((fault) => `${fault.kind} ${fault.field ?? ''}: ${fault.reason}`);

  test('a whole catalogue that hangs together has no faults', () => {
    expect(rowFaults(DATA as CatalogueRows, NOTHING_KNOWN).filter((fault) => fault.field !== 'id')).toEqual([]);
  });

  test.each<[string, Partial<CatalogueData>, RegExp]>([
    [
      'twice the same',
      {
        motifs: [
          { id: 'm', name: 'm' },
          { id: 'm', name: 'n' },
        ],
      },
      /“m” is there twice/,
    ],
    ['no name', { motifs: [{ id: '', name: 'm' }] }, /no name/],
    [
      'a print of nothing known',
      { prints: [{ id: 'p', name: 'p', era: 'late', motifs: [{ motif: 'x', face: 'front', zones: ['chest'], colours: ['y'] }] }] },
      /no motif “x”/,
    ],
    ['an empty bundle', { bundles: [{ id: 'b', name: 'b', parts: [] }] }, /at least one part/],
    [
      'a merge circle',
      {
        variants: [
          { id: 'a', mould: 'm', colours: ['c'], mergedInto: 'b' },
          { id: 'b', mould: 'm', colours: ['c'], mergedInto: 'a' },
        ],
      },
      /circle/,
    ],
  ])('%s is a fault', (_, rows, reason) => {
    expect(reasons(rows as CatalogueRows).join('\n')).toMatch(reason);
  });
});

describe('the rows that can be taken', () => {
  const motif = (id: string) => ({ id, name: id });
  const print = (id: string, of: string) => ({
    id,
    name: id,
    era: 'late' as const,
    motifs: [{ motif: of, face: 'front' as const, zones: ['chest' as const], colours: [] }],
  });

  test('leave out a row and all that stand on it, and name every one by its place', () => {
    const rows: CatalogueRows = {
      motifs: [motif('a'), motif('b b')],
      prints: [print('p', 'a'), print('q', 'b b')],
    };
    const { rows: sound, faults } = soundRows(rows, NOTHING_KNOWN);
    expect(sound).toEqual({ motifs: [motif('a')], prints: [print('p', 'a')] });
    expect(faults.map(({ kind, index }) => [kind, index])).toEqual([
      ['motifs', 1],
      ['prints', 1],
    ]);
  });

  test('have no faults whatever was among them, and nothing sound is left out', () => {
    const id = fc.constantFrom('a', 'b', 'c', 'd', 'b b', '');
    const anyRows = fc.record({
      motifs: fc.array(id.map(motif), { maxLength: 4 }),
      prints: fc.array(
        fc.tuple(id, id).map(([own, of]) => print(own, of)),
        { maxLength: 5 },
      ),
    });
    fc.assert(
      fc.property(anyRows, (rows) => {
        const { rows: sound, faults } = soundRows(rows, NOTHING_KNOWN);
        expect(rowFaults(sound, NOTHING_KNOWN)).toEqual([]);
        const left = (sound.motifs?.length ?? 0) + (sound.prints?.length ?? 0);
        const lost = new Set(faults.map(({ kind, index }) => `${kind} ${index}`)).size;
        expect(left + lost).toBe(rows.motifs.length + rows.prints.length);
      }),
    );
  });

  test('are not merged in a circle through a double that is there already', () => {
    const known = { ...NOTHING_KNOWN, has: () => true, mergedInto: (id: string) => (id === 'M·b' ? 'M·a' : undefined) };
    const variant = { id: 'M·a', mould: 'M', colours: ['a'], mergedInto: 'M·b' };
    expect(rowFaults({ variants: [variant] }, known)).toMatchObject([{ field: 'mergedInto', reason: expect.stringContaining('circle') }]);
    expect(rowFaults({ variants: [{ ...variant, mergedInto: 'M·c' }] }, known)).toEqual([]);
  });
});
