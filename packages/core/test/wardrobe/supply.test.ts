import { describe, expect, test } from '@jest/globals';
import { donorFor, ownedOf, stockOf, type Supply } from '../../src/index.js';
import { lookCost } from '../../src/market/prices.js';

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

  const supply = (price: number | null, holeMinor: number | null): Supply => ({
    currency: 'EUR',
    owned: (id) => (id === 'hat' ? 1 : 0),
    landedMinor: () => price,
    donor: () => ({ donor: 'Keeper', holeMinor, quantity: 2 }),
  });

  test('a donor is taken apart only where the hole costs no more than buying another', () => {
    expect(donorFor(supply(300, 300), 'hat')?.donor).toBe('Keeper');
    expect(donorFor(supply(300, 900), 'hat')).toBeNull();
    expect(donorFor(supply(300, null), 'hat')).toBeNull();
    expect(donorFor(supply(null, null), 'hat')?.donor).toBe('Keeper');
  });

  test('a look takes what is owned, then what comes off donors, and pays for the rest', () => {
    const look = { parts: [{ position: 'headgear' as const, variant: 'hat', turned: false }], overrules: [] };
    const cost = lookCost(look, supply(300, 300), (id) => id, 5);
    expect([cost.owned, cost.offDonors, cost.toBuy, cost.toPay.total]).toEqual([1, 2, 2, 600]);
    expect(cost.toPay.terms).toEqual([{ label: 'hat ×2', value: 600 }]);
  });
});
