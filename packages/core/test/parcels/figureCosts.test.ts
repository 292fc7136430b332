import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { realCosts } from '../../src/parcels/index.js';

describe('what figures really cost', () => {
  test('each piece is dealt out once with its own cost; what has no price is counted apart', () => {
    const costs = new Map([[1, [34, 33, 33]]]);
    const shares = [
      { figure: 'ada', lot: 1, quantity: 2 },
      { figure: 'bo', lot: 1, quantity: 1 },
      { figure: 'bo', lot: 2, quantity: 4 },
    ];
    expect([...realCosts(shares, costs)]).toEqual([
      ['ada', { costMinor: 67, priced: 2, unpriced: 0 }],
      ['bo', { costMinor: 33, priced: 1, unpriced: 4 }],
    ]);
  });

  test('figures that get all pieces of some lots sum to what was paid for them', () => {
    const lots = fc.array(fc.array(fc.nat(500), { minLength: 1, maxLength: 8 }), { minLength: 1, maxLength: 6 });
    fc.assert(
      fc.property(lots, fc.array(fc.nat(3), { minLength: 60, maxLength: 60 }), (prices, who) => {
        const shares = prices.flatMap((pieces, lot) =>
          pieces.map((_, i) => ({ figure: `figure ${who[(lot * 8 + i) % who.length]}`, lot, quantity: 1 })),
        );
        const all = [...realCosts(shares, new Map(prices.map((pieces, lot) => [lot, pieces]))).values()];
        expect(all.reduce((sum, row) => sum + row.costMinor, 0)).toBe(prices.flat().reduce((sum, minor) => sum + minor, 0));
        expect(all.reduce((sum, row) => sum + row.priced, 0)).toBe(prices.flat().length);
      }),
    );
  });
});
