import { describe, expect, test } from '@jest/globals';
import { CONDITIONS } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import { seeded } from '@outfit/core';
import { SELLERS, simulatedMarket } from '../src/index.js';

const { catalogue } = demoWorld();
const DAY = '2026-03-01';
const offers = simulatedMarket(catalogue, 7).offersOn(DAY);
const variants = new Map(catalogue.variants.map((variant) => [variant.id, variant]));
const thirdParty = new Set(catalogue.moulds.filter((mould) => mould.thirdParty).map((mould) => mould.number));

describe('the simulated market', () => {
  test('has forty sellers in three currencies and about 12,000 offers, each with an id of its own', () => {
    expect(SELLERS).toHaveLength(40);
    expect(new Set(SELLERS.map((seller) => seller.currency)).size).toBe(3);
    expect(offers.length).toBeGreaterThan(11_000);
    expect(offers.length).toBeLessThan(14_000);
    expect(new Set(offers.map((offer) => offer.id)).size).toBe(offers.length);
  });

  test('is the same for the same seed and day, and another for another', () => {
    expect(simulatedMarket(catalogue, 7).offersOn(DAY)).toEqual(offers);
    expect(simulatedMarket(catalogue, 8).offersOn(DAY)).not.toEqual(offers);
  });

  test('prices walk: a month on, most have moved, none by more than a fifth', () => {
    const later = new Map(
      simulatedMarket(catalogue, 7)
        .offersOn('2026-04-01')
        .map((offer) => [offer.id, offer.priceMinor]),
    );
    const ratios = offers.filter((offer) => offer.priceMinor > 50).map((offer) => (later.get(offer.id) ?? 0) / offer.priceMinor);
    expect(ratios.filter((ratio) => ratio !== 1).length).toBeGreaterThan(ratios.length / 2);
    for (const ratio of ratios) expect(Math.abs(ratio - 1)).toBeLessThan(0.25);
  });

  test('sells only what was made, third-party parts only at the workshop', () => {
    const workshops = new Set(SELLERS.filter((seller) => seller.thirdParty).map((seller) => seller.id));
    for (const offer of offers) {
      expect(offer.priceMinor).toBeGreaterThan(0);
      expect(offer.stock).toBeGreaterThan(0);
      expect(CONDITIONS).toContain(offer.condition);
      if (offer.item.kind !== 'variant') continue;
      const variant = variants.get(offer.item.id);
      expect(variant?.made).toBeDefined();
      expect(thirdParty.has(variant?.mould ?? '')).toBe(workshops.has(offer.seller));
    }
  });

  test('sells some official figures whole', () => {
    expect(offers.some((offer) => offer.item.kind === 'figure')).toBe(true);
  });

  test('seeded numbers lie in [0, 1) and are spread', () => {
    const draw = seeded(1);
    const drawn = Array.from({ length: 1000 }, () => draw());
    expect(Math.min(...drawn)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...drawn)).toBeLessThan(1);
    expect(drawn.reduce((all, one) => all + one, 0) / 1000).toBeCloseTo(0.5, 1);
  });
});
