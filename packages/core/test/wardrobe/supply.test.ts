import { describe, expect, test } from '@jest/globals';
import { onDonors, ownedOf, stockOf, type OfficialFigure } from '../../src/index.js';

describe('what is owned', () => {
  test('is every loose piece, run by run', () => {
    const runs = [
      { variant: 'arm', quantity: 2 },
      { variant: 'hat', quantity: 1 },
      { variant: 'arm', quantity: 1 },
    ];
    expect([...stockOf(runs)]).toEqual([
      ['arm', 3],
      ['hat', 1],
    ]);
  });

  test('of what is wanted is never more than is wanted', () => {
    const stock = new Map([
      ['arm', 3],
      ['hat', 1],
    ]);
    const wanted = new Map([
      ['arm', 2],
      ['hat', 4],
      ['cape', 1],
    ]);
    expect([...ownedOf(wanted, stock)]).toEqual([
      ['arm', 2],
      ['hat', 1],
      ['cape', 0],
    ]);
  });

  test('on donors counts those that may be taken apart, and names the first', () => {
    const keeper = {
      id: 'keeper',
      name: 'Keeper',
      parts: ['arm', 'arm', 'hat'].map((variant) => ({ position: 'torso', variant, turned: false })),
    } as unknown as OfficialFigure;
    const donor = (place: string, keepWhole: boolean) => ({ officialFigure: 'keeper', place, keepWhole });
    const found = onDonors([donor('vitrine', true), donor('box', false), donor('tray', false)], [keeper]);
    expect(found.get('arm')).toEqual({ quantity: 4, donor: 'Keeper (box)' });
    expect(found.get('hat')?.quantity).toBe(2);
    expect(onDonors([donor('vitrine', true)], [keeper]).size).toBe(0);
  });
});
