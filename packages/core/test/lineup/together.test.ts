import { describe, expect, test } from '@jest/globals';
import { Catalogue, emptyBrief, P40 } from '../../src/index.js';
import {
  EMPTY_PLAN,
  heightsOf,
  mayShare,
  seatProblems,
  type Seen,
  seenOf,
  sittingProblems,
  togethernessOf,
  varietyOf,
} from '../../src/lineup/index.js';
import { CATALOGUE, lookOf } from '../fixture.js';

const BODY = 'arm.L AR-1·red, arm.R AR-1·red, hand.L HN-1·light, hand.R HN-1·light';
const shown = (id: string, look: string, change: Partial<Seen> = {}): Seen =>
  seenOf({ id, name: id.toUpperCase(), role: '', faction: '', free: [], brief: emptyBrief(id), look: lookOf(look), ...change }, CATALOGUE);
const wearing = (id: string, head: string, legs = 'LG-1·brown', torso = 'TO-1·red', more = '', change: Partial<Seen> = {}): Seen =>
  shown(id, `head ${head}, torso ${torso}, hips ${legs}, ${BODY}${more}`, change);

describe('variety', () => {
  const figures = [
    wearing('a', 'HD-1·light·face'),
    wearing('b', 'HD-1·light·reader'),
    wearing('c', 'HD-1·dark·face'),
    wearing('d', 'HD-1·light·two-faced!', 'LG-1·brown·tails'),
  ];
  const sentences = (plan = EMPTY_PLAN) => varietyOf(figures, CATALOGUE, plan).remarks.map(({ sentence }) => sentence);

  test('counts who has what, and names repeats with both figures', () => {
    const { traits } = varietyOf(figures, CATALOGUE, EMPTY_PLAN);
    expect(traits.find(({ trait }) => trait === 'face')?.values[0]).toMatchObject({ label: 'smile', figures: ['a', 'c'] });
    expect(traits.find(({ trait }) => trait === 'expression')?.values.map(({ key }) => key)).toEqual(['calm', 'cross', 'glad']);
    expect(sentences()).toContain('One face twice: A and C wear smile.');
    expect(sentences()).toContain('3 of 4 wear the same legs.');
  });

  test('names the kinds of hair that nobody has; silver is grey, and is had', () => {
    const data = {
      ...CATALOGUE.data,
      colours: [
        ...CATALOGUE.data.colours,
        { id: 'silver', name: 'silver', hex: '#C7C9CC', finish: 'solid' as const, kind: 'hair' as const },
      ],
      variants: [...CATALOGUE.data.variants, { id: 'HA-1·silver', mould: 'HA-1', colours: ['silver'] }],
    };
    const remarks = (hair: readonly string[]): string | undefined => {
      const catalogue = new Catalogue(data);
      const heads = hair.map((variant, i) =>
        seenOf(
          {
            ...{ id: `f${i}`, name: `F${i}`, role: '', faction: '', free: [], brief: emptyBrief(`f${i}`) },
            look: lookOf(`head HD-1·light·face, headgear ${variant}, torso TO-1·red, hips LG-1·brown, ${BODY}`),
          },
          catalogue,
        ),
      );
      return varietyOf(heads, catalogue, EMPTY_PLAN)
        .remarks.map(({ sentence }) => sentence)
        .find((sentence) => sentence.startsWith('Nobody'));
    };
    expect(remarks(['HA-1·black', 'HA-1·brown', 'HA-1·black', 'HA-1·brown'])).toBe('Nobody has red, blond or grey hair.');
    expect(remarks(['HA-1·black', 'HA-1·brown', 'HA-1·silver', 'HA-1·brown'])).toBe('Nobody has red or blond hair.');
  });

  test('a uniform is alike on purpose; twins and rank and file share a face, a leader does not', () => {
    const uniform = [
      { scope: { kind: 'all' as const, of: '' }, part: { position: 'hips' as const, variant: 'LG-1·brown', turned: false } },
    ];
    expect(sentences({ ...EMPTY_PLAN, uniform })).not.toContain('3 of 4 wear the same legs.');
    expect(sentences({ ...EMPTY_PLAN, relations: [{ kind: 'twin of', from: 'c', to: 'a' }] })).not.toContain(
      'One face twice: A and C wear smile.',
    );
    const faction = { id: 'f', name: 'F', colours: [], recipe: '', leader: '', sharesFaces: true };
    const both = [
      { id: 'a', faction: 'f' },
      { id: 'c', faction: 'f' },
    ];
    expect(mayShare(['a', 'c'], both, { relations: [], factions: [faction] })).toBe(true);
    expect(mayShare(['a', 'c'], both, { relations: [], factions: [{ ...faction, leader: 'c' }] })).toBe(false);
    const variation = [
      { id: 'a', faction: '' },
      { id: 'c', faction: '', recipe: 'a' },
    ];
    expect(mayShare(['a', 'c'], variation, { relations: [], factions: [] })).toBe(true);
    expect(mayShare(['a', 'c'], both, { relations: [], factions: [{ ...faction, sharesFaces: false }] })).toBe(false);
  });
});

test('heights stand beside their bands, by the year of the story', () => {
  const figures = [
    wearing('a', 'HD-1·light·face', 'LG-1·brown', 'TO-1·red', '', { brief: { ...emptyBrief('a'), born: 1900, year: 1930 } }),
  ];
  const adult = heightsOf(figures, () => P40).rows[0];
  expect(adult).toMatchObject({ bodyMm: 34.4, band: 'adult', age: 30, offMm: 0 });
  const child = heightsOf(figures, () => P40, 1908);
  expect(child.rows[0]).toMatchObject({ band: 'child', age: 8 });
  expect(child.remarks[0]?.sentence).toBe('A stands 5.2 mm above a child.');
});

describe('togetherness', () => {
  test('tells the odd one out, its palette by visible area, and who is lost before the pack', () => {
    const red = ['a', 'b', 'c', 'd'].map((id) => wearing(id, 'HD-1·light·face'));
    const blue = wearing('e', 'HD-1·light·face', 'LG-1·brown·tails', 'TO-1·red', ', neck.1 CP-3·blue');
    const { palette, oddOneOut, contrasts, remarks } = togethernessOf([...red, blue], CATALOGUE, 'red');
    expect(palette[0]?.colour.id).toMatch(/red|brown/);
    expect(palette.reduce((all, { share }) => all + share, 0)).toBeLessThanOrEqual(1.000001);
    expect(contrasts).toHaveLength(5);
    expect(contrasts.filter(({ withPack }) => withPack === 0).length).toBeGreaterThan(0);
    expect(remarks.some(({ sentence }) => sentence.includes('hard to see before red'))).toBe(true);
    expect([oddOneOut, null]).toContain(oddOneOut === 'e' ? 'e' : null);
    expect(togethernessOf(red, CATALOGUE, '').oddOneOut).toBeNull();
  });
});

describe('seats', () => {
  test('a figure on legs sits; a gown does not bend, a long cape is sat on', () => {
    expect(sittingProblems(wearing('a', 'HD-1·light·face'))).toEqual([]);
    const gown = CATALOGUE.data.moulds.find((mould) => mould.fills.some(([first]) => first === 'lower'));
    const variant = CATALOGUE.data.variants.find((row) => row.mould === gown?.number);
    if (gown && variant)
      expect(sittingProblems(shown('b', `head HD-1·light·face, torso TO-1·red, lower ${variant.id}`))[0]).toMatchObject({
        severity: 'blocks',
      });
  });

  test('who carries more than there are hands free is told', () => {
    const busy = wearing('a', 'HD-1·light·face', 'LG-1·brown', 'TO-1·red', ', held.R HE-1·brown');
    const props = ['Drum', 'Flag'].map((name, i) => ({ id: String(i), name, variant: '', carriedBy: 'a' }));
    expect(seatProblems({ seatings: [], props }, [busy], CATALOGUE)).toMatchObject([
      { figure: 'a', sentence: 'A is to carry 2 things more and has 1 hand free.' },
    ]);
    expect(seatProblems({ seatings: [], props: props.slice(0, 1) }, [busy], CATALOGUE)).toEqual([]);
    const held = [{ id: 'o', name: 'Oar', variant: 'HE-1·brown', carriedBy: 'a' }];
    expect(seatProblems({ seatings: [], props: held }, [busy], CATALOGUE)).toEqual([]);
  });
});
