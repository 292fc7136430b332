import { describe, expect, test } from '@jest/globals';
import { differences, editionIn, effectOf, effortOf, fixList, NO_SUPPLY, P40, skinsFor } from '../../src/index.js';
import { BRIEF, CATALOGUE, feature, lookOf, supplyOf } from '../fixture.js';

const BEFORE = lookOf('head HD-1·light·face, headgear HA-1·brown, torso TO-1·red');
const AFTER = lookOf('head HD-1·light·face, headgear HA-2·black, torso TO-1·red!, waist WS-1·brown');

describe('two looks side by side', () => {
  test('differ where the part, its turn or nothing at all is another', () => {
    expect(
      differences(BEFORE, AFTER, CATALOGUE).map(({ spot, before, after }) => [spot, before?.variant ?? null, after?.variant ?? null]),
    ).toEqual([
      ['headgear', 'HA-1·brown', 'HA-2·black'],
      ['torso', 'TO-1·red', 'TO-1·red'],
      ['waist', null, 'WS-1·brown'],
    ]);
    expect(differences(AFTER, AFTER, CATALOGUE)).toEqual([]);
  });

  test('effort: three pieces changed, two of them new, one owned; likeness from 0 to 90, where what is lacking holds it', () => {
    const brief = { ...BRIEF, features: [feature('shape', 'headgear', 'tied')] };
    const supply = supplyOf(['WS-1·brown'], { 'HA-2·black': 40 });
    expect(effortOf(BEFORE, AFTER, brief, CATALOGUE, P40, supply)).toEqual({
      pieces: 3,
      costMinor: 40,
      unsold: 0,
      likenessGain: 90,
      risks: [],
    });
  });

  test('the fix list puts the most likeness for its cost first', () => {
    const brief = { ...BRIEF, features: [feature('shape', 'headgear', 'tied'), feature('motif', 'torso', 'leather-belt')] };
    const list = (knot: number, belt: number) =>
      fixList(BEFORE, AFTER, brief, CATALOGUE, P40, supplyOf([], { 'HA-2·black': knot, 'WS-1·brown': belt })).map(
        (row) => row.difference.spot,
      );
    expect(list(40, 400).slice(0, 2)).toEqual(['headgear', 'waist']);
    expect(list(400, 40).slice(0, 2)).toEqual(['waist', 'headgear']);
  });
});

describe('editions', () => {
  const LOOK = lookOf('head HD-1·light·face, hand.L HN-1·light, hand.R HN-1·brown, arm.L AR-1·light, torso TO-1·red');

  test('everything bare is swapped, gloves and sleeves stay, and what was never made is imagined', () => {
    const { parts, imagined } = editionIn(LOOK, CATALOGUE.colour('house'), CATALOGUE);
    expect(parts.map((part) => part.variant)).toEqual(['HD-1·house·face', 'HN-1·house', 'HN-1·brown', 'AR-1·house', 'TO-1·red']);
    expect(imagined).toEqual([{ id: 'AR-1·house', mould: 'AR-1', colours: ['house'] }]);
  });

  test('the skins of a school, the nearest to the face first', () => {
    expect(skinsFor(LOOK, 'natural', CATALOGUE).map((skin) => skin.id)).toEqual(['light', 'dark']);
    expect(skinsFor(LOOK, 'house', CATALOGUE).map((skin) => skin.id)).toEqual(['house']);
  });
});

describe('the effect of a part', () => {
  const brief = { ...BRIEF, alterationSchool: 'on paper' as const, features: [feature('colour', 'headgear', 'green')] };
  const look = lookOf('head HD-1·light·face, headgear HA-2·brown');

  test('may be asked of one that is only pictured: green hair answers the wish, and nobody has made it', () => {
    const pictured = { id: 'HA-2·green', mould: 'HA-2', colours: ['green'] };
    const effect = effectOf(look, brief, { position: 'headgear' }, pictured, CATALOGUE, P40, NO_SUPPLY);
    expect(effect.before).toBeLessThan(effect.after);
    // Nothing else is asked; what is lacking holds it at 90.
    expect(effect.after).toBe(90);
    expect(effect.raises.map((mark) => mark.check)).toEqual(['exists.colour']);
    expect(CATALOGUE.has('HA-2·green')).toBe(false);
  });

  test('and of one that exists: black hair settles the brows', () => {
    const { settles } = effectOf(look, brief, { position: 'headgear' }, CATALOGUE.variant('HA-2·black'), CATALOGUE, P40, NO_SUPPLY);
    expect(settles.map((mark) => mark.check)).toEqual(['hair.brow']);
  });
});
