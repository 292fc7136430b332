import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { P40, spotOf, type LookPart } from '../../src/index.js';
import {
  afterUniformChange,
  changeEffect,
  copiesOf,
  type CopyVariation,
  distinctCopies,
  EMPTY_PLAN,
  spreadKinds,
  uniformOf,
  wearingOf,
} from '../../src/lineup/index.js';
import { BRIEF, CATALOGUE, feature, lookOf, supplyOf } from '../fixture.js';

const part = (text: string): LookPart => lookOf(text).parts[0] as LookPart;
const ANN = { id: 'ann', role: 'Rower', faction: 'herons', free: [] };
const uniform = [
  { scope: { kind: 'all' as const, of: '' }, part: part('torso TO-1·red') },
  { scope: { kind: 'faction' as const, of: 'herons' }, part: part('torso TO-1·red·jacket') },
  { scope: { kind: 'role' as const, of: 'rower' }, part: part('hips LG-1·brown') },
  { scope: { kind: 'role' as const, of: 'Drum' }, part: part('headgear HT-1·red') },
];

describe('a uniform', () => {
  test('is everybody’s, a faction’s or a role’s; the narrower goes before the wider', () => {
    const plan = { ...EMPTY_PLAN, uniform };
    expect(uniformOf(plan, ANN).map((own) => `${own.position} ${own.variant}`)).toEqual(['torso TO-1·red·jacket', 'hips LG-1·brown']);
    expect(uniformOf(plan, { ...ANN, role: '', faction: '' }).map((own) => own.variant)).toEqual(['TO-1·red']);
  });

  const before = [part('torso TO-1·red')];
  const after = [part('torso TO-1·red·jacket'), part('hips LG-1·brown')];
  const change = (look: string, free: readonly string[] = [], reaches: 'followers' | 'everybody' = 'followers') =>
    afterUniformChange(lookOf(look), before, after, free, reaches, CATALOGUE);
  const parts = (look: { readonly parts: readonly LookPart[] } | undefined) => look?.parts.map((own) => `${own.position} ${own.variant}`);

  test('changes who wore it, and dresses who wears nothing there', () => {
    expect(parts(change('torso TO-1·red')?.look)).toEqual(['torso TO-1·red·jacket', 'hips LG-1·brown']);
  });

  test('leaves who was set free, and who says otherwise', () => {
    expect(parts(change('torso TO-1·red', ['torso'])?.look)).toEqual(['torso TO-1·red', 'hips LG-1·brown']);
    expect(change('torso TO-2·red, hips LG-1·brown·tails')).toBeNull();
    expect(change('torso TO-1·red', ['torso', 'hips'])).toBeNull();
  });

  test('reaches everybody who was not set free, where that is asked for', () => {
    expect(parts(change('torso TO-2·red', [], 'everybody')?.look)).toEqual(['torso TO-1·red·jacket', 'hips LG-1·brown']);
    expect(change('torso TO-2·red', ['torso', 'hips'], 'everybody')).toBeNull();
  });

  test('is taken off where it was worn when it is taken back', () => {
    const bare = afterUniformChange(lookOf('torso TO-1·red, hips LG-1·brown'), before, [], [], 'everybody', CATALOGUE);
    expect(parts(bare?.look)).toEqual(['hips LG-1·brown']);
  });

  test('of random looks and uniforms: followers end in the new one, free spots stay, going back is what it was', () => {
    const torso = fc.constantFrom('TO-1·red', 'TO-1·red·jacket', 'TO-1·red·belted');
    const legs = fc.constantFrom('LG-1·brown', 'LG-1·brown·tails', 'LG-1·brown·patched');
    fc.assert(
      fc.property(fc.tuple(torso, legs), fc.tuple(torso, legs), fc.subarray(['torso', 'hips']), ([t1, l1], [t2, l2], free) => {
        const [was, is] = [
          [part(`torso ${t1}`), part(`hips ${l1}`)],
          [part(`torso ${t2}`), part(`hips ${l2}`)],
        ];
        const look = lookOf(`torso ${t1}, hips ${l1}`);
        const then = afterUniformChange(look, was, is, free, 'followers', CATALOGUE)?.look ?? look;
        for (const own of then.parts) {
          const wanted = (free.includes(spotOf(own)) ? was : is).find(({ position }) => position === own.position);
          expect(own.variant).toBe(wanted?.variant);
        }
        const back = afterUniformChange(then, is, was, free, 'followers', CATALOGUE)?.look ?? then;
        expect([...back.parts].sort((a, b) => (a.position < b.position ? -1 : 1))).toEqual(
          [...look.parts].sort((a, b) => (a.position < b.position ? -1 : 1)),
        );
      }),
    );
  });

  test('tells how a look stands to it', () => {
    const jacket = part('torso TO-1·red·jacket');
    expect(wearingOf(lookOf('torso TO-1·red·jacket'), jacket, [], CATALOGUE)).toBe('worn');
    expect(wearingOf(lookOf('torso TO-1·red·jacket!'), jacket, [], CATALOGUE)).toBe('otherwise');
    expect(wearingOf(lookOf('torso TO-1·red·jacket'), jacket, ['torso'], CATALOGUE)).toBe('set free');
  });

  test('tells what a change does: likeness, money, pieces', () => {
    const brief = { ...BRIEF, features: [feature('motif', 'torso', 'jacket')], copies: 2 };
    const supply = supplyOf([], { 'TO-1·red': 100, 'TO-1·red·jacket': 150 });
    const effect = changeEffect(lookOf('torso TO-1·red'), lookOf('torso TO-1·red·jacket'), brief, CATALOGUE, P40, supply);
    expect(effect).toMatchObject({ likenessBefore: 0, toPayBeforeMinor: 200, toPayAfterMinor: 300, pieces: 1, unsold: 0 });
    expect(effect.likenessAfter).toBeGreaterThan(effect.likenessBefore ?? Infinity);
    const bare = changeEffect(
      lookOf('torso TO-1·red'),
      lookOf('torso TO-1·red·jacket'),
      { ...brief, features: [] },
      CATALOGUE,
      P40,
      supply,
    );
    expect(bare.likenessBefore).toBeNull();
  });
});

const heads = (change: Partial<CopyVariation> = {}): CopyVariation => ({
  id: 'v',
  figure: 'army',
  name: 'Faces',
  position: 'head',
  variants: ['HD-1·light·face', 'HD-1·light·reader', 'HD-1·dark·face'],
  copies: null,
  isApart: true,
  seed: 5,
  ...change,
});

describe('the variations of an army', () => {
  test('are spread evenly and never side by side, whatever the numbers and the seed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 7 }), fc.integer({ min: 0, max: 60 }), fc.integer(), (kinds, places, seed) => {
        const row = spreadKinds(kinds, places, true, seed);
        const counts = Array.from({ length: kinds }, (_, kind) => row.filter((own) => own === kind).length);
        expect(row).toHaveLength(places);
        expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(1);
        if (kinds > 1) row.slice(1).forEach((own, i) => expect(own).not.toBe(row[i]));
        expect(spreadKinds(kinds, places, true, seed)).toEqual(row);
      }),
    );
  });

  const recipe = lookOf('head HD-1·light·two-faced, torso TO-1·red');
  test('three with another face and one with a hat: four copies of ten differ, the rest are the recipe', () => {
    const rules = [
      heads({ copies: 3, variants: ['HD-1·dark·face'] }),
      heads({ id: 'h', name: 'Hat', position: 'headgear', variants: ['HT-1·red'], copies: 1 }),
    ];
    const copies = copiesOf(recipe, 10, rules, CATALOGUE);
    const faces = copies.filter(({ look }) => look.parts.some(({ variant }) => variant === 'HD-1·dark·face'));
    const hats = copies.filter(({ look }) => look.parts.some(({ variant }) => variant === 'HT-1·red'));
    expect([copies.length, faces.length, hats.length]).toEqual([10, 3, 1]);
    expect(copies.filter(({ by }) => by.length === 0).every(({ look }) => look === recipe)).toBe(true);
  });

  test('a rule for some goes before one for all at the same place', () => {
    const copies = copiesOf(
      recipe,
      6,
      [heads({ isApart: false }), heads({ id: 'o', copies: 2, variants: ['HD-1·light·early-face'] })],
      CATALOGUE,
    );
    expect(copies.filter(({ look }) => look.parts.some(({ variant }) => variant === 'HD-1·light·early-face'))).toHaveLength(2);
  });

  test('what copies are counted as is as many as there are copies', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 50 }), fc.option(fc.integer({ min: 0, max: 60 })), (copies, some) => {
        const distinct = distinctCopies(recipe, copies, [heads({ copies: some })], CATALOGUE);
        expect(distinct.reduce((all, row) => all + row.copies, 0)).toBe(copies);
        expect(new Set(distinct.map(({ look }) => JSON.stringify(look.parts))).size).toBe(distinct.length);
      }),
    );
    expect(distinctCopies(recipe, 4, [], CATALOGUE)).toEqual([{ look: recipe, copies: 4 }]);
  });

  test('a part that does not go there, or is not known, leaves the recipe as it is', () => {
    const copies = copiesOf(
      recipe,
      3,
      [heads({ variants: ['LG-1·brown'] }), heads({ id: 'x', position: 'torso', variants: ['nothing'] })],
      CATALOGUE,
    );
    expect(copies.every(({ look, by }) => JSON.stringify(look.parts) === JSON.stringify(recipe.parts) && by.length === 0)).toBe(true);
  });
});
