import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { amountOf, decimalsOf, inUnits, isCurrency, minorOf, money, shareToCent, unitsOf } from '../../src/kernel/index.js';

describe('money', () => {
  test('is written as people write it', () => {
    expect([money(420, 'EUR'), money(-5, 'GBP'), money(0, 'USD'), money(-0, 'EUR'), money(123_456, 'EUR')]).toEqual([
      '€4.20',
      '-£0.05',
      'US$0.00',
      '€0.00',
      '€1,234.56',
    ]);
  });

  test('is a plain number in files, and its currency one of the standard', () => {
    expect([inUnits(420, 'EUR'), inUnits(7, 'EUR'), inUnits(0, 'EUR')]).toEqual(['4.20', '0.07', '0.00']);
    expect([inUnits(420, 'JPY'), inUnits(420, 'KWD')]).toEqual(['420', '0.420']);
    expect([isCurrency('EUR'), isCurrency('ABC'), isCurrency('eur')]).toEqual([true, false, false]);
  });
});

describe('a sum shared over weights', () => {
  test.each<[number, number[], number[]]>([
    [300, [10, 90], [30, 270]],
    [100, [1, 1, 1], [34, 33, 33]],
    [5, [0, 0], [3, 2]],
    [7, [-3, 1], [0, 7]],
    [0, [4, 5], [0, 0]],
    [9, [], []],
  ])('%d over %j is %j', (sum, weights, shares) => expect(shareToCent(sum, weights)).toEqual(shares));

  test('adds up to it, and no share is a cent from its exact part', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -100_000, max: 10_000_000 }),
        fc.array(fc.integer({ min: 0, max: 100_000 }), { minLength: 1, maxLength: 30 }),
        (sum, weights) => {
          const shares = shareToCent(sum, weights);
          const all = weights.reduce((total, weight) => total + weight, 0);
          expect(shares.reduce((total, share) => total + share, 0)).toBe(sum);
          shares.forEach((share, i) => {
            expect(Number.isInteger(share)).toBe(true);
            if (all > 0) expect(Math.abs(share - (sum * (weights[i] ?? 0)) / all)).toBeLessThan(1 + 1e-6);
          });
        },
      ),
    );
  });
});

describe('an amount as it is typed', () => {
  const inEuro = (text: string) => amountOf(text, 'EUR');

  test('has a point or a comma, and one place or two; nothing is nothing, and anything else is no amount', () => {
    expect(['3.95', '3,95', '3,9', '12', ' 0.05 '].map(inEuro)).toEqual([395, 395, 390, 1200, 5]);
    expect(['12 €', '€12', 'EUR 3,5', '0.40 GBP', '12kr'].map(inEuro)).toEqual([1200, 1200, 350, 40, 1200]);
    expect(['', '  '].map(inEuro)).toEqual(['nothing', 'nothing']);
    for (const text of ['3.955', '-1', '3.', '1.000,00', '1.234', 'free', '1234567890', '12 €€', '€', '3 apples'])
      expect({ text, amount: inEuro(text) }).toEqual({ text, amount: 'unreadable' });
  });

  test('has as many decimals as its currency, and no more', () => {
    expect([amountOf('1200', 'JPY'), amountOf('12.5', 'JPY'), amountOf('12.5', 'KWD'), amountOf('12.0005', 'KWD')]).toEqual([
      1200,
      'unreadable',
      12_500,
      'unreadable',
    ]);
  });

  test('is read as the very minor units that were written, in every currency', () => {
    fc.assert(
      fc.property(fc.nat(99_999_999), fc.constantFrom('EUR', 'JPY', 'KWD', 'SEK', 'CLF'), (minor, currency) => {
        if (decimalsOf(currency) <= 3) expect(amountOf(inUnits(minor, currency), currency)).toBe(minor);
        expect(minorOf(unitsOf(minor, currency), currency)).toBe(minor);
      }),
    );
  });
});
