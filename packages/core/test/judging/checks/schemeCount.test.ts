import { describe, expect, test } from '@jest/globals';
import { schemeCount } from '../../../src/judging/checks/print/schemeCount.js';
import { visibleColours } from '../../../src/figure/index.js';
import { schemeOf } from '../../../src/colour/scheme.js';
import type { SchemeColour } from '../../../src/colour/scheme.js';
import { CATALOGUE, seen } from '../../fixture.js';

const area = (id: string, areaMm2: number, at: SchemeColour['at'] = ['torso']): SchemeColour => ({
  colour: CATALOGUE.colour(id),
  areaMm2,
  at,
});

describe('the scheme', () => {
  test('skin and metal are apart, shares are of the rest', () => {
    const { clusters } = schemeOf([area('red', 60), area('blue', 40), area('light', 500), area('brass', 500)]);
    expect(clusters.map((cluster) => [cluster.colours[0]?.colour.id, cluster.share])).toEqual([
      ['red', 0.6],
      ['blue', 0.4],
    ]);
  });

  test('colours under ΔE 8 read as one', () => {
    const { clusters } = schemeOf([area('red', 50), area('crimson', 30), area('blue', 20)]);
    expect(clusters.map((cluster) => cluster.colours.map(({ colour }) => colour.id))).toEqual([['red', 'crimson'], ['blue']]);
  });

  test('4 % counts, less is dropped; under 12 % is the accent', () => {
    expect(schemeOf([area('red', 96), area('blue', 4)]).clusters).toHaveLength(2);
    expect(schemeOf([area('red', 97), area('blue', 3)]).clusters).toHaveLength(1);
    expect(schemeOf([area('red', 89), area('blue', 11)]).accent?.colours[0]?.colour.id).toBe('blue');
    expect(schemeOf([area('red', 88), area('blue', 12)]).accent).toBeNull();
  });

  test('a torso of eight regions of 29 mm² is all red', () => {
    const { worn, visibility } = seen('torso TO-1·red');
    expect(visibleColours(worn, visibility, CATALOGUE)).toMatchObject([{ areaMm2: 8 * 29, at: ['torso'] }]);
  });
});

describe('scheme.count', () => {
  const LOOK = 'torso TO-1·red, hips LG-1·brown, neck.1 CP-3·blue';

  test('three main colours are within the rule of thumb, two are not when the brief says two', () => {
    expect(schemeCount(seen(LOOK))).toEqual([]);
    expect(schemeCount(seen(LOOK, { mainColours: 2 }))).toHaveLength(1);
  });

  test('the one too many is named as the odd one', () => {
    const [mark] = schemeCount(seen(LOOK, { mainColours: 2 }));
    expect(mark?.severity).toBe('shows');
    expect(mark?.sentence).toMatch(/^3 main colours, 2 are enough: .*\. blue is the odd one, and nothing echoes it\.$/);
  });

  test('hair is no colour of the clothes, and a face’s print is none either', () => {
    expect(schemeCount(seen('torso TO-1·red, hips LG-1·brown, headgear HA-2·black, head HD-1·light·reader', { mainColours: 2 }))).toEqual(
      [],
    );
  });

  test('an echo on another element excuses it', () => {
    const odd = (look: string): boolean => schemeCount(seen(look, { mainColours: 1 })).length > 0;
    expect(odd('torso TO-1·red, headgear HT-1·red, hips LG-1·brown')).toBe(true);
    expect(odd('torso TO-1·red, headgear HT-1·red, hips LG-1·brown, waist WS-1·brown')).toBe(false);
  });
});
