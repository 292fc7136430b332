import { describe, expect, test } from '@jest/globals';
import {
  type Condition,
  costOfPieces,
  briefFaults,
  colourDifference,
  demand,
  hexDifference,
  isOldPrice,
  landedPrice,
  lowestLandedOf,
  nearestWornTo,
  readDifference,
} from '../src/index.js';
import { colourAnswer } from '../src/colour/colour.js';
import { lookCost } from '../src/market/prices.js';
import { moodAnswer } from '../src/catalogue/index.js';
import { BRIEF, CATALOGUE, feature, lookOf, supplyOf } from './fixture.js';

describe('colour', () => {
  test('the same colour differs by 0, black and white by 100', () => {
    expect(hexDifference('#3F628F', '#3F628F')).toBe(0);
    expect(hexDifference('#000000', '#FFFFFF')).toBeCloseTo(100, 3);
  });

  test('another finish is 5 further', () => {
    const solid = { hex: '#3F628F', finish: 'solid' } as const;
    expect(colourDifference(solid, { ...solid, finish: 'metallic' })).toBe(5);
  });

  test.each([
    [2.29, 'same to the eye'],
    [2.3, 'close'],
    [5.99, 'close'],
    [6, 'near'],
    [11.99, 'near'],
    [12, 'different'],
  ] as const)('ΔE %p reads “%s”', (deltaE, words) => {
    expect(readDifference(deltaE)).toBe(words);
  });

  test('the answer falls from 1 at 2.3 to 0 at 30', () => {
    expect([0, 2.3, 16.15, 30, 80].map(colourAnswer)).toEqual([1, 1, 0.5, 0, 0]);
  });

  test('hex that is none is refused', () => {
    expect(() => hexDifference('#12', 'mauve')).toThrow(/not an sRGB hex/);
  });

  test('the nearest worn colour is found on parts and in prints', () => {
    expect(nearestWornTo(CATALOGUE.colour('brown'), lookOf('torso TO-1·red·jacket'), CATALOGUE)).toMatchObject({
      deltaE: 0,
      colour: { id: 'brown' },
    });
    expect(nearestWornTo(CATALOGUE.colour('brown'), lookOf(''), CATALOGUE)).toBeNull();
  });

  test('moods answer by their distance on the wheel', () => {
    expect(moodAnswer('calm', 'calm')).toBe(1);
    // calm (0.4, −0.5) to weary (−0.2, −0.7): √(0.36 + 0.04) = 0.632
    expect(moodAnswer('calm', 'weary')).toBeCloseTo(1 - Math.sqrt(0.4), 9);
    expect(moodAnswer('calm', 'cross')).toBe(0);
  });
});

describe('prices', () => {
  const offer = (seller: string, priceMinor: number, stock = 1, condition: Condition = 'used') => ({
    seller,
    condition,
    variant: 'v',
    priceMinor,
    landedMinor: landedPrice(priceMinor, seller === 'far' ? 300 : 100),
    stock,
    seenOn: '2026-01-01',
  });

  test('landed is price plus a fifth of the lowest postage; the lowest landed wins, not the lowest price', () => {
    const lowest = lowestLandedOf([offer('near', 50), offer('far', 30)]);
    expect(lowest.get('v')).toMatchObject({ seller: 'near', landedMinor: 70, priceMinor: 50 });
  });

  test('a worn one counts only where nobody has one that errands buy unasked, and says so', () => {
    const worn = offer('a', 10, 1, 'worn');
    expect(lowestLandedOf([worn, offer('b', 90), offer('c', 120, 1, 'new')]).get('v')).toMatchObject({ seller: 'b', condition: 'used' });
    expect(lowestLandedOf([worn, offer('b', 90, 0)]).get('v')).toMatchObject({ seller: 'a', condition: 'worn' });
  });

  test('what is out of stock has no price, and ties go to the first in the alphabet', () => {
    expect(lowestLandedOf([offer('a', 10, 0)]).size).toBe(0);
    expect(lowestLandedOf([offer('b', 10), offer('a', 10)]).get('v')?.seller).toBe('a');
  });

  test('a price is old after 60 days', () => {
    expect(isOldPrice('2026-01-01', '2026-03-02')).toBe(false);
    expect(isOldPrice('2026-01-01', '2026-03-03')).toBe(true);
  });

  test('own pieces come first and cost nothing; a second hand has to be bought', () => {
    const look = lookOf('hand.L HN-1·light, hand.R HN-1·light, torso TO-1·red, hips LG-1·brown');
    const cost = lookCost(look, supplyOf(['HN-1·light', 'LG-1·brown'], { 'HN-1·light': 9 }), (id) => id);
    expect(cost).toMatchObject({ toBuy: 2, owned: 2, unsold: ['TO-1·red'], toPay: { total: 9 } });
  });

  test('demand is the multiset of parts times the copies', () => {
    expect([...demand(lookOf('hand.L HN-1·light, hand.R HN-1·light, torso TO-1·red'), 3)]).toEqual([
      ['HN-1·light', 6],
      ['TO-1·red', 3],
    ]);
  });
});

describe('what a brief refers to', () => {
  test('is named by path when it does not exist', () => {
    const features = [
      feature('motif', 'face', 'monocle'),
      feature('expression', 'face', 'smug'),
      feature('height', 'whole', 'tall'),
      feature('colour', 'legs', 'puce'),
    ];
    expect(briefFaults({ ...BRIEF, features, colours: ['red', 'puce'] }, CATALOGUE).map((fault) => fault.path)).toEqual([
      '/features/0/target',
      '/features/1/target',
      '/features/2/target',
      '/features/3/target',
      '/colours/1',
    ]);
  });

  test('a parent motif may be asked for', () => {
    expect(briefFaults({ ...BRIEF, features: [feature('motif', 'face', 'glasses')] }, CATALOGUE)).toEqual([]);
  });
});

test('pieces cost their number of times the lowest price, and what nobody sells is counted apart', () => {
  const price = (variant: string): number | null => ({ arm: 40, head: 130 })[variant] ?? null;
  const pieces = [
    { variant: 'arm', quantity: 2 },
    { variant: 'head', quantity: 1 },
    { variant: 'cape', quantity: 3 },
  ];
  expect(costOfPieces(pieces, price)).toEqual({ totalMinor: 210, unsold: 3 });
});
