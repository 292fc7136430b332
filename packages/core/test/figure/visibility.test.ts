import { describe, expect, test } from '@jest/globals';
import { type Mould, Visibility, type Worn } from '../../src/index.js';

const worn = (covers: NonNullable<Mould['geometry']['covers']>): Worn => ({ mould: { geometry: { covers } } }) as unknown as Worn;

describe('what of a region is in sight', () => {
  test('is what every layer over it leaves, one after the other: half of half, and a tenth taken from that', () => {
    const seen = new Visibility([worn({ 'torso.front.hem': 0.5 }), worn({ 'torso.front.hem': 0.5 }), worn({ 'torso.front.hem': 0.1 })]);
    expect(seen.of('torso.front.hem')).toBeCloseTo(0.5 * 0.5 * 0.9, 12);
  });

  test('is all of it where nothing lies over it, and none under what covers it whole', () => {
    const seen = new Visibility([worn({ 'torso.front.hem': 1 })]);
    expect([seen.of('torso.front.hem'), seen.of('head.back')]).toEqual([0, 1]);
    expect(seen.mean(['torso.front.hem', 'head.back'])).toBe(0.5);
    expect(seen.mean([])).toBe(1);
  });
});
