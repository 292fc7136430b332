import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  convert,
  lowMark,
  offerChanges,
  quantile,
  rarityOf,
  rateFor,
  summariseByCondition,
  supplyCurve,
  trendOf,
  waitOrBuy,
  worthOfPieces,
} from '../../src/index.js';
import { lookCost } from '../../src/market/prices.js';
import { summarise } from '../../src/market/summary.js';
import type { ListedOffer } from '../../src/market/offerChanges.js';
import type { PricePoint } from '../../src/market/trend.js';

describe('currencies', () => {
  const rates = [
    { currency: 'GBP', day: '2026-01-01', perUnit: 1.1 },
    { currency: 'GBP', day: '2026-02-01', perUnit: 1.2 },
  ];

  test('money is converted at the newest rate on or before the day, rounded half up', () => {
    expect(rateFor(rates, 'GBP', 'EUR', '2026-01-31')?.perUnit).toBe(1.1);
    expect(rateFor(rates, 'GBP', 'EUR', '2026-02-01')?.perUnit).toBe(1.2);
    expect(rateFor(rates, 'GBP', 'EUR', '2026-03-01')).toEqual({ currency: 'GBP', day: '2026-02-01', perUnit: 1.2 });
    expect(convert(125, 1.2)).toBe(150);
    expect(convert(5, 0.1)).toBe(1);
    expect(convert(4, 0.1)).toBe(0);
  });

  test('before the first rate the oldest counts; the own currency needs none; an unknown one has none', () => {
    expect(rateFor(rates, 'GBP', 'EUR', '2025-01-01')?.perUnit).toBe(1.1);
    expect(rateFor(rates, 'EUR', 'EUR', '2026-01-01')?.perUnit).toBe(1);
    expect(rateFor(rates, 'SEK', 'EUR', '2026-01-01')).toBeNull();
  });
});

describe('what copies of a look cost', () => {
  const look = {
    parts: ['hat', 'arm', 'arm'].map((variant, i) => ({ position: 'built' as const, place: i, variant, turned: false })),
    overrules: [],
  };
  const supply = { currency: 'EUR', owned: (id: string) => (id === 'hat' ? 1 : 3), landedMinor: (id: string) => (id === 'hat' ? 100 : 10) };

  test('what is owned is used once, not for every copy', () => {
    expect(lookCost(look, supply, (id) => id, 1).toPay.total).toBe(0);
    // A second hat, and one arm beyond the three.
    expect(lookCost(look, supply, (id) => id, 2).toPay.total).toBe(110);
    expect(lookCost(look, supply, (id) => id, 3).toPay.total).toBe(230);
  });

  test('one copy costs what its parts that must be bought cost, term by term', () => {
    for (const owned of [0, 1, 2]) {
      const some = { ...supply, owned: () => owned };
      expect(lookCost(look, some, (id) => id, 1).toPay.total).toBe(lookCost(look, some, (id) => id).toPay.total);
    }
  });
});

describe('prices now', () => {
  const offer = (priceMinor: number, stock: number, seller = 'a', condition: 'new' | 'used' = 'used') => ({
    seller,
    priceMinor,
    stock,
    condition,
  });

  test('four offers of 10, 20, 30 and 60: quartiles 17.5 and 37.5, mean weighted by stock', () => {
    const sum = summarise([offer(60, 1), offer(10, 2, 'b'), offer(20, 1), offer(30, 6)]);
    // (60 + 20 + 20 + 180) ÷ 10 = 28
    expect(sum).toEqual({
      offers: 4,
      sellers: 2,
      stock: 10,
      leastMinor: 10,
      lowerQuartileMinor: 18,
      medianMinor: 25,
      upperQuartileMinor: 38,
      meanMinor: 28,
    });
  });

  test('what is sold out does not count, and nothing gives no prices', () => {
    expect(summarise([offer(10, 0)])).toBeNull();
    expect(summariseByCondition([offer(10, 1), offer(90, 1, 'a', 'new')]).map((row) => [row.condition, row.summary.leastMinor])).toEqual([
      ['new', 90],
      ['used', 10],
    ]);
  });

  test('a quantile lies between the ends and grows with its share', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 1000 }), { minLength: 1 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (values, share) => {
          const sorted = [...values].sort((a, b) => a - b);
          const value = quantile(sorted, share);
          expect(value).toBeGreaterThanOrEqual(sorted[0] ?? 0);
          expect(value).toBeLessThanOrEqual(sorted.at(-1) ?? 0);
          expect(quantile(sorted, 0)).toBe(sorted[0]);
          expect(quantile(sorted, 1)).toBe(sorted.at(-1));
        },
      ),
    );
  });
});

describe('the trend', () => {
  const line = (perDay: number, days: number, noise = (_: number): number => 0): PricePoint[] =>
    Array.from({ length: days }, (_, day) => ({ day, minor: 500 + perDay * day + noise(day) }));

  test('of prices on a line is the line, whatever a single wild price says', () => {
    const points = line(-2, 20);
    points[7] = { day: 7, minor: 5000 };
    const trend = trendOf(points, 20);
    expect(trend?.perDay).toBeCloseTo(-2, 6);
    expect(trend?.direction).toBe('falling');
    expect(trend?.high).toBeLessThan(0);
  });

  test('the slope of four points is the median of the six between them', () => {
    const points = [
      { day: 0, minor: 10 },
      { day: 1, minor: 12 },
      { day: 2, minor: 11 },
      { day: 3, minor: 19 },
    ];
    // slopes: 2, 0.5, 3, −1, 3.5, 8; sorted −1, 0.5, 2, 3, 3.5, 8; median 2.5
    expect(trendOf(points, 3)?.perDay).toBeCloseTo(2.5, 9);
  });

  test('of prices that go up and down is steady: the interval holds zero', () => {
    const trend = trendOf(
      line(0, 30, (day) => (day % 2 === 0 ? 20 : -20)),
      30,
    );
    expect(trend?.direction).toBe('steady');
    expect(trend?.low).toBeLessThanOrEqual(0);
    expect(trend?.high).toBeGreaterThanOrEqual(0);
  });

  test('looks at ninety days, and needs four points', () => {
    expect(trendOf(line(1, 3), 3)).toBeNull();
    const old = line(9, 100);
    const fresh = Array.from({ length: 10 }, (_, i) => ({ day: 200 + i, minor: 100 - i }));
    expect(trendOf([...old, ...fresh], 210)).toMatchObject({ points: 10, perDay: -1 });
  });

  test('the interval always holds the slope', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 999 }), { minLength: 4, maxLength: 40 }), (prices) => {
        const trend = trendOf(
          prices.map((minor, day) => ({ day, minor })),
          prices.length,
        );
        expect(trend?.low).toBeLessThanOrEqual(trend?.perDay ?? 0);
        expect(trend?.high).toBeGreaterThanOrEqual(trend?.perDay ?? 0);
      }),
    );
  });
});

describe('wait or buy', () => {
  const points = [100, 110, 120, 130, 140].map((minor, i) => ({ day: i, minor }));
  const falling = { perDay: -1, low: -2, high: -0.5, points: 5, direction: 'falling' as const };
  const input = { nowMinor: 120, points, today: 5, trend: null, sellers: 4, deadline: null };

  test('the low mark of 1.00 to 1.40 is 1.10', () => expect(lowMark(points, 5)).toBe(110));

  test.each([
    ['buys under the low mark', { nowMinor: 109 }, 'low', 'buy'],
    ['does not buy on the mark itself', { nowMinor: 110 }, 'none', 'either'],
    ['buys when the deadline is nearer than the delivery', { deadline: { days: 4, deliveryDays: 5 } }, 'deadline', 'buy'],
    ['has time when the deadline is a day later', { deadline: { days: 6, deliveryDays: 5 } }, 'none', 'either'],
    ['waits when the price falls and three hold stock', { trend: falling, sellers: 3 }, 'falling', 'wait'],
    ['warns when it falls and two hold stock', { trend: falling, sellers: 2 }, 'scarce', 'either'],
    ['buys low even when it falls', { trend: falling, nowMinor: 90 }, 'low', 'buy'],
  ] as const)('%s', (_, changes, rule, verdict) => {
    expect(waitOrBuy({ ...input, ...changes })).toMatchObject({ rule, verdict });
  });
});

test('a delivery that comes too late is said to be late', () => {
  const late = { nowMinor: 5, points: [], today: 0, trend: null, sellers: 1, deadline: { days: 3, deliveryDays: 5 } };
  expect(waitOrBuy(late).sentence).toBe('Buy at once: the quickest seller takes 5 days, so it comes 2 days late.');
  expect(waitOrBuy({ ...late, deadline: { days: 5, deliveryDays: 5 } }).sentence).toContain('Buy today');
});

describe('worth and supply', () => {
  test('a figure of a hat at 7.10 and two arms at 1.45: the hat is 71 % of it', () => {
    const prices = new Map([
      ['hat', { landedMinor: 710, lowerQuartileMinor: 600 }],
      ['arm', { landedMinor: 145, lowerQuartileMinor: 100 }],
    ]);
    const pieces = new Map([
      ['arm', 2],
      ['hat', 1],
      ['cape', 1],
    ]);
    const worth = worthOfPieces(pieces, (variant) => prices.get(variant) ?? { landedMinor: null, lowerQuartileMinor: null });
    expect(worth).toMatchObject({ pieceByPieceMinor: 1000, takenToPiecesMinor: 800, unsold: ['cape'] });
    expect(worth.shares.map((row) => [row.variant, row.share])).toEqual([
      ['hat', 0.71],
      ['arm', 0.29],
    ]);
  });

  test('the supply curve rises, and its last step is all there is', () => {
    const offers = [
      { seller: 'b', landedMinor: 90, stock: 2 },
      { seller: 'a', landedMinor: 50, stock: 3 },
      { seller: 'c', landedMinor: 70, stock: 0 },
    ];
    expect(supplyCurve(offers)).toEqual([
      { seller: 'a', landedMinor: 50, units: 3, upTo: 3 },
      { seller: 'b', landedMinor: 90, units: 2, upTo: 5 },
    ]);
    expect(rarityOf(offers, 1)).toEqual({ sellers: 2, stock: 5, sources: 1, exclusive: true });
  });
});

describe('a list read again', () => {
  const listed = (item: string, priceMinor: number, stock: number, rest: Partial<ListedOffer> = {}): ListedOffer => ({
    seller: 'near',
    kind: 'variant',
    item,
    condition: 'used',
    multiple: 1,
    priceMinor,
    stock,
    ...rest,
  });

  test('says what is new, dearer, cheaper, restocked, sold down and gone, and nothing of the rest', () => {
    const before = [
      listed('hat', 50, 3),
      listed('cape', 90, 1),
      listed('boots', 20, 5),
      listed('kite', 10, 1),
      listed('oar', 5, 5),
      listed('drum', 7, 2),
    ];
    const after = [
      listed('hat', 60, 3),
      listed('cape', 80, 1),
      listed('boots', 20, 2),
      listed('oar', 5, 9),
      listed('drum', 7, 2),
      listed('bell', 1, 1),
    ];
    expect(offerChanges(before, after).map((row) => [row.item, row.change])).toEqual([
      ['bell', 'new'],
      ['oar', 'restocked'],
      ['boots', 'sold down'],
      ['hat', 'dearer'],
      ['cape', 'cheaper'],
      ['kite', 'gone'],
    ]);
  });

  test('the same list twice changes nothing, also when it holds the same item several times', () => {
    const list = [listed('hat', 50, 3), listed('hat', 60, 1), listed('hat', 50, 3, { condition: 'new' })];
    expect(offerChanges(list, [...list].reverse())).toEqual([]);
  });
});
