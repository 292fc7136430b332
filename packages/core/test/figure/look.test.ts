import { describe, expect, test } from '@jest/globals';
import { applyEdit, EditRefused, overallHeight, standingHeight, wornParts, type LookEdit } from '../../src/index.js';
import { CATALOGUE, lookOf } from '../fixture.js';

const edit = (look: string, change: LookEdit) => applyEdit(lookOf(look), change, CATALOGUE);
const places = (look: { parts: readonly { position: string; variant: string }[] }) =>
  look.parts.map((part) => `${part.position} ${part.variant}`).sort();

describe('edits of a look', () => {
  test('putting on replaces what is in the same place', () => {
    expect(places(edit('headgear HA-1·black', { action: 'put on', position: 'headgear', variant: 'HA-2·brown' }))).toEqual([
      'headgear HA-2·brown',
    ]);
  });

  test('short legs replace standard ones, and the other way round', () => {
    expect(places(edit('hips LG-1·brown', { action: 'put on', position: 'lower', variant: 'LG-2·brown' }))).toEqual(['lower LG-2·brown']);
    expect(places(edit('lower LG-2·brown', { action: 'put on', position: 'hips', variant: 'LG-1·brown' }))).toEqual(['hips LG-1·brown']);
  });

  test('a cowl does not silently throw off the cape it collides with', () => {
    expect(places(edit('neck.1 CP-1·crimson', { action: 'put on', position: 'headgear', variant: 'HO-1·brown' }))).toEqual([
      'headgear HO-1·brown',
      'neck.1 CP-1·crimson',
    ]);
  });

  test('turning twice is where it began', () => {
    const once = edit('torso TO-1·red', { action: 'turn', position: 'torso' });
    expect(once.parts[0]?.turned).toBe(true);
    expect(applyEdit(once, { action: 'turn', position: 'torso' }, CATALOGUE)).toEqual(lookOf('torso TO-1·red'));
  });

  test.each<[LookEdit, RegExp]>([
    [{ action: 'put on', position: 'torso', variant: 'HA-1·black' }, /does not go at torso/],
    [{ action: 'put on', position: 'torso', variant: 'TO-9·mauve' }, /no part "TO-9·mauve"/],
    [{ action: 'take off', position: 'waist' }, /nothing at waist/],
    [{ action: 'turn', position: 'headgear' }, /Only a head, a torso/],
    [{ action: 'overrule', key: 'k', reason: '  ' }, /Give a reason/],
  ])('%j is refused with a sentence', (change, sentence) => {
    expect(() => edit('headgear HA-1·black', change)).toThrow(EditRefused);
    expect(() => edit('headgear HA-1·black', change)).toThrow(sentence);
  });

  test('an overrule is kept once per problem and can be taken back', () => {
    const first = edit('', { action: 'overrule', key: 'k', reason: 'It is a wig' });
    const second = applyEdit(first, { action: 'overrule', key: 'k', reason: 'A good wig' }, CATALOGUE);
    expect(second.overrules).toEqual([{ key: 'k', reason: 'A good wig' }]);
    expect(applyEdit(second, { action: 'restore check', key: 'k' }, CATALOGUE).overrules).toEqual([]);
  });
});

describe('height', () => {
  test('legs 13.0 + torso 12.6 + scarf 1.6 + head 8.8 = 36.0 standing, and 2.0 more with hair', () => {
    const worn = wornParts(
      lookOf('headgear HA-1·black, head HD-1·light·face, neck.1 SC-1·red, torso TO-1·red, hips LG-1·brown'),
      CATALOGUE,
    );
    expect(standingHeight(worn).total).toBe(36);
    expect(standingHeight(worn).terms.map((term) => term.value)).toEqual([8.8, 1.6, 12.6, 13]);
    expect(overallHeight(worn).total).toBe(38);
  });

  test('two plates lift as much as one', () => {
    const height = (feet: string) => standingHeight(wornParts(lookOf(`hips LG-1·brown${feet}`), CATALOGUE)).total;
    expect(height(', feet.L FT-1·black')).toBeCloseTo(16.2, 9);
    expect(height(', feet.L FT-1·black, feet.R FT-1·black')).toBeCloseTo(16.2, 9);
  });
});
