import { describe, expect, test } from '@jest/globals';
import type { Look } from '@outfit/core';
import fc from 'fast-check';
import { lookBetween, touchedOfLook } from '../src/figures/looks/between.js';
import { stateBetween, touchedOfFigure } from '../src/figures/record/index.js';
import { fieldsBetween, meet, patch, touchedFields } from '../src/platform/log/index.js';

const someState = fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), fc.oneof(fc.nat(3), fc.constantFrom('x', 'y')), { maxKeys: 4 });

describe('going from one state of a thing to another', () => {
  test('reaches it where nothing was changed since, and comes back', () => {
    fc.assert(
      fc.property(someState, someState, (from, to) => {
        expect(patch(from, from, to)).toEqual(to);
        expect(patch(patch(from, from, to), to, from)).toEqual(from);
      }),
    );
  });

  test('leaves every field that is alike in both as somebody made it since', () => {
    fc.assert(
      fc.property(someState, someState, someState, (from, to, now) => {
        const fields = fieldsBetween(from, to);
        const after = patch(now, from, to);
        for (const key of ['a', 'b', 'c', 'd']) expect(after[key]).toEqual(fields.includes(key) ? to[key] : now[key]);
      }),
    );
  });

  test('deeds that touched different fields can be taken back in any order', () => {
    fc.assert(
      fc.property(someState, someState, someState, (first, second, third) => {
        const [one, other] = [fieldsBetween(first, second), fieldsBetween(second, third)];
        fc.pre(!meet(one, other));
        const oneFirst = patch(patch(third, second, first), third, second);
        const otherFirst = patch(patch(third, third, second), second, first);
        expect(oneFirst).toEqual(otherFirst);
      }),
    );
  });

  test('what came or went whole meets whatever else was done to it', () => {
    const slice = { subject: 'place' as const, item: 'place-1' };
    expect(touchedFields({ ...slice, before: null, after: { name: 'Tray' } })).toBe('all');
    expect(touchedFields({ ...slice, before: { name: 'Tray', note: '' }, after: { name: 'Tray', note: 'left' } })).toEqual(['note']);
    expect([meet('all', ['note']), meet(['note'], 'all'), meet('all', []), meet(['note'], ['name'])]).toEqual([true, true, false, false]);
  });
});

describe('a look', () => {
  const look = (parts: Readonly<Record<string, string>>, words = ''): Look =>
    ({
      parts: Object.entries(parts).map(([position, variant]) => ({ position, variant, turned: false })),
      overrules: [],
      ...(words === '' ? {} : { verdict: { stars: 3, words, leave: false } }),
    }) as unknown as Look;
  const worn = ({ parts }: Look): Readonly<Record<string, string>> =>
    Object.fromEntries(parts.map(({ position, variant }) => [position, variant]));

  test('goes back spot by spot: the hat that was put on since stays, and so does the verdict', () => {
    const [before, after] = [look({ head: 'a', torso: 'b' }), look({ head: 'a', torso: 'c' })];
    const now = look({ head: 'a', torso: 'c', headgear: 'hat' }, 'fine');
    const back = lookBetween(now, { ...after }, { ...before });
    expect(worn(back)).toEqual({ head: 'a', torso: 'b', headgear: 'hat' });
    expect(back.verdict?.words).toBe('fine');
  });

  test('a deed of a line-up, which tells only its spots, meets an edit of the same spot and no other', () => {
    const spots = touchedOfLook({ spots: { torso: null } }, { spots: { torso: { position: 'torso', variant: 'c' } } });
    const same = touchedOfLook({ ...look({ torso: 'c' }) }, { ...look({}) });
    const other = touchedOfLook({ ...look({ torso: 'c' }) }, { ...look({ torso: 'c', head: 'a' }, 'fine') });
    expect([meet(spots, same), meet(spots, other)]).toEqual([true, false]);
    expect(other).toEqual(['at head', 'verdict']);
  });

  test('is as it was to the order of its parts where nothing was changed since', () => {
    const [before, after] = [look({ head: 'a', torso: 'b', hips: 'c' }), look({ hips: 'c', head: 'a' })];
    expect(lookBetween(after, { ...after }, { ...before })).toEqual(before);
  });
});

describe('a figure', () => {
  test('goes back field by field of its brief, look by look', () => {
    const from = { brief: { story: 'new', year: 1901 }, looks: { l: { name: 'Second', removedAt: null } } };
    const to = { brief: { story: 'old', year: 1901 }, looks: { l: { name: 'First', removedAt: null } } };
    expect(touchedOfFigure(from, to)).toEqual(['brief/story', 'looks/l/name']);
    expect(stateBetween(from, to)).toEqual({ brief: { story: 'old' }, looks: { l: { name: 'First' } }, pictures: {} });
  });
});
