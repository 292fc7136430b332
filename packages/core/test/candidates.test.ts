import { describe, expect, test } from '@jest/globals';
import { applyEdit, candidates, likeness, NO_SUPPLY, P40 } from '../src/index.js';
import { BRIEF, CATALOGUE, feature, lookOf, seen, supplyOf } from './fixture.js';

const BASE = 'head HD-1·light·two-faced, headgear HA-1·black, torso TO-1·red, hips LG-1·brown';
const wishes = { features: [feature('shape', 'headgear', 'tied'), feature('colour', 'headgear', 'black')] };
const rank = (look: string, position: 'headgear' | 'hips' | 'neck.1', brief = {}, supply = NO_SUPPLY) =>
  candidates(lookOf(look), { ...BRIEF, ...brief }, position, CATALOGUE, P40, supply);

describe('candidates', () => {
  test('offers everything that fits the position and nothing else', () => {
    const fitting = CATALOGUE.data.variants.filter((variant) =>
      CATALOGUE.mouldOf(variant).fills.some((alternative) => alternative[0] === 'headgear'),
    );
    expect(
      rank(BASE, 'headgear')
        .map((row) => row.variant.id)
        .sort(),
    ).toEqual(fitting.map((variant) => variant.id).sort());
  });

  test('legs are offered with one-piece lower bodies, each where it goes', () => {
    expect(
      rank(BASE, 'hips')
        .map((row) => [row.variant.mould, row.position])
        .sort(),
    ).toEqual([
      ['LG-1', 'hips'],
      ['LG-2', 'lower'],
    ]);
  });

  test('the gain is exactly what the look gains with the part on', () => {
    const now = likeness(seen(BASE, wishes)).score;
    for (const row of rank(BASE, 'headgear', wishes)) {
      const next = row.worn
        ? lookOf(BASE)
        : applyEdit(lookOf(BASE), { action: 'put on', position: row.position, variant: row.variant.id }, CATALOGUE);
      expect(row.likenessGain).toBeCloseTo(likeness(seen(next, wishes)).score - now, 9);
    }
  });

  test('the black knot comes first: it is tied, black, and covers the second face', () => {
    const [first] = rank(BASE, 'headgear', wishes);
    expect(first?.variant.id).toBe('HA-2·black');
    expect(first?.settles.map((mark) => mark.check)).toEqual(['head.second-face']);
  });

  test('of two alike the owned one goes first, then the cheaper one', () => {
    const order = (supply: typeof NO_SUPPLY) =>
      rank('', 'headgear', {}, supply)
        .map((row) => row.variant.id)
        .filter((id) => id.startsWith('HA-1'));
    expect(order(supplyOf(['HA-1·brown'], { 'HA-1·black': 1 }))).toEqual(['HA-1·brown', 'HA-1·black']);
    expect(order(supplyOf([], { 'HA-1·black': 50, 'HA-1·brown': 20 }))).toEqual(['HA-1·brown', 'HA-1·black']);
  });

  test('what would block comes last however much it gains', () => {
    const rows = rank(BASE, 'headgear', { features: [feature('colour', 'headgear', 'red', 'must')] });
    expect(
      rows
        .slice(-2)
        .map((row) => row.variant.id)
        .sort(),
    ).toEqual(['HA-2·red', 'HX-1·black']);
    expect(rows.find((row) => row.variant.id === 'HA-2·red')?.likenessGain).toBeGreaterThan(0);
  });
});
