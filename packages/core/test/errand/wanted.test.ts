import { describe, expect, test } from '@jest/globals';
import { WantedTally } from '@outfit/core';
import fc from 'fast-check';

const offer = (seller: string, priceMinor: number, stock: number, multiple = 1) => ({ seller, priceMinor, stock, multiple });

describe('who has most of what is needed', () => {
  test('three needed: one seller has two at 50, another all three in a lot of four at 20 each', () => {
    const tally = new WantedTally();
    tally.add(3, [offer('few', 50, 2), offer('lots', 20, 9, 4)]);
    expect(tally.sellers()).toEqual([
      { seller: 'lots', parts: 1, pieces: 3, goodsMinor: 80 },
      { seller: 'few', parts: 1, pieces: 2, goodsMinor: 100 },
    ]);
  });

  test('a seller’s cheaper lot goes first, and a lot that its stock does not hold cannot be bought', () => {
    const tally = new WantedTally();
    tally.add(3, [offer('one', 90, 5), offer('one', 40, 2), offer('other', 10, 3, 4)]);
    expect(tally.sellers()).toEqual([{ seller: 'one', parts: 1, pieces: 3, goodsMinor: 40 * 2 + 90 }]);
  });

  test('parts add up; of equals the one that asks less comes first', () => {
    const tally = new WantedTally();
    tally.add(1, [offer('dear', 70, 1), offer('cheap', 60, 1)]);
    tally.add(2, [offer('dear', 70, 2), offer('cheap', 60, 2)]);
    expect(tally.sellers().map(({ seller, parts, pieces, goodsMinor }) => [seller, parts, pieces, goodsMinor])).toEqual([
      ['cheap', 2, 3, 180],
      ['dear', 2, 3, 210],
    ]);
  });

  test('nobody has more of it than is needed, nor more than lies there; in single pieces the cheapest are paid', () => {
    const offers = fc.array(
      fc.record({ seller: fc.constantFrom('a', 'b'), priceMinor: fc.nat(500), stock: fc.nat(6), multiple: fc.constant(1) }),
    );
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 9 }), offers, (quantity, all) => {
        const tally = new WantedTally();
        tally.add(quantity, all);
        for (const { seller, pieces, goodsMinor } of tally.sellers()) {
          const own = all.filter((row) => row.seller === seller).flatMap((row) => Array.from({ length: row.stock }, () => row.priceMinor));
          const cheapest = own.sort((a, b) => a - b).slice(0, quantity);
          expect([pieces, goodsMinor]).toEqual([cheapest.length, cheapest.reduce((sum, price) => sum + price, 0)]);
        }
      }),
    );
  });
});
