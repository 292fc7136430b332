import { describe, expect, test } from '@jest/globals';
import { CONDITIONS, explode } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import { seededRandom } from '@outfit/core';
import { dayNumber, isoDay, SELLERS, simulatedMarket } from '../src/index.js';

const { catalogue } = demoWorld();
const DAY = '2026-03-01';
const OPENED = '2026-01-01';
const offers = simulatedMarket(catalogue, 7, OPENED).offersOn(DAY);
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
    expect(simulatedMarket(catalogue, 7, OPENED).offersOn(DAY)).toEqual(offers);
    expect(simulatedMarket(catalogue, 8, OPENED).offersOn(DAY)).not.toEqual(offers);
  });

  test('prices walk: a month on, most have moved, none by more than a fifth', () => {
    const later = new Map(
      simulatedMarket(catalogue, 7, OPENED)
        .offersOn('2026-04-01')
        .map((offer) => [offer.id, offer.priceMinor]),
    );
    const ratios = offers.flatMap((offer) => {
      const then = later.get(offer.id);
      return offer.priceMinor > 50 && then !== undefined ? [then / offer.priceMinor] : [];
    });
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
    const draw = seededRandom(1);
    const drawn = Array.from({ length: 1000 }, () => draw());
    expect(Math.min(...drawn)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...drawn)).toBeLessThan(1);
    expect(drawn.reduce((all, one) => all + one, 0) / 1000).toBeCloseTo(0.5, 1);
  });
});

describe('the market going on', () => {
  const market = simulatedMarket(catalogue, 7, '2026-11-25');

  test('stock sells down and returns: over two months some listing is gone and some is there again', () => {
    const days = Array.from({ length: 60 }, (_, i) => isoDay(dayNumber('2026-11-25') + i));
    const stocks = days.map((day) => new Map(market.offersOn(day).map((offer) => [offer.id, offer.stock])));
    const ids = [...(stocks[0]?.keys() ?? [])].slice(0, 400);
    const changes = ids.map((id) => stocks.map((stock) => stock.get(id) ?? 0));
    const fell = changes.filter((row) => row.some((stock, i) => i > 0 && stock < (row[i - 1] ?? 0)));
    const rose = changes.filter((row) => row.some((stock, i) => i > 0 && stock > (row[i - 1] ?? 0)));
    expect(fell.length).toBeGreaterThan(100);
    expect(rose.length).toBeGreaterThan(100);
  });

  test('gone through item by item it is the same market, each item once, also those nobody offers that day', () => {
    const groups = [...market.byItem('2026-12-24')];
    expect(groups.flatMap(({ offers: found }) => found)).toEqual(market.offersOn('2026-12-24'));
    for (const { item, offers: found } of groups) for (const offer of found) expect(offer.item).toEqual(item);
    expect(new Set(groups.map(({ item }) => `${item.kind} ${item.id}`)).size).toBe(groups.length);
    expect(groups.filter(({ offers: found }) => found.length === 0).length).toBeGreaterThan(10);
  });

  test('the maker’s counter keeps its prices and its stock', () => {
    const counter = (day: string) =>
      market
        .offersOn(day)
        .filter((offer) => offer.seller === 'pegwell-counter')
        .map(({ id, priceMinor, stock }) => [id, priceMinor, stock]);
    expect(counter('2026-12-24')).toEqual(counter('2026-11-25'));
  });

  test('the station sells what is in the bins for thirty days, and then something else', () => {
    const bins = (day: string) =>
      market
        .offersOn(day)
        .filter((offer) => offer.seller === 'pegwell-station')
        .map((offer) => offer.item.id);
    const days = Array.from({ length: 31 }, (_, i) => JSON.stringify(bins(isoDay(dayNumber('2026-11-25') + i))));
    expect(new Set(days).size).toBe(2);
    expect(bins('2026-11-26').length).toBeLessThanOrEqual(60);
  });

  test.each(['2026-12-01', '2028-02-29', '2029-12-31', '2031-11-27'])('opened on %s it is the same world, day for day', (opened) => {
    const later = simulatedMarket(catalogue, 7, opened);
    const ahead = dayNumber(opened) - dayNumber('2026-11-25');
    const moved = (day: string): string => isoDay(dayNumber(day) + ahead);
    for (const day of ['2026-10-01', '2026-11-25', '2027-02-03']) {
      const here = market.offersOn(day).map((offer) => ({ ...offer, seenOn: moved(offer.seenOn) }));
      expect(later.offersOn(moved(day))).toEqual(here);
      expect(later.ratesOn(moved(day)).map((rate) => rate.perUnit)).toEqual(market.ratesOn(day).map((rate) => rate.perUnit));
      const codes = market.codesOn(day).map((code) => ({ ...code, from: moved(code.from), until: moved(code.until) }));
      expect(later.codesOn(moved(day))).toEqual(codes);
    }
    const heard = (news: readonly { readonly kind: string; readonly day: string }[]): readonly string[] =>
      news.map(({ kind, day }) => `${kind} ${day}`);
    expect(heard(later.newsBetween(opened, moved('2027-06-01')))).toEqual(
      heard(market.newsBetween('2026-11-25', '2027-06-01').map((news) => ({ ...news, day: moved(news.day) }))),
    );
  });

  test('lists that are read seldom carry the day they were last seen', () => {
    const seen = market
      .offersOn('2026-11-25')
      .filter((offer) => offer.seller === 'attic-trunk')
      .map((offer) => offer.seenOn);
    expect(seen.some((day) => day < '2026-09-26')).toBe(true);
    for (const day of seen) expect(day <= '2026-11-25').toBe(true);
  });

  test('news comes in order of its days, each once: new parts of known moulds, sources out of print', () => {
    const month = market.newsBetween('2026-11-25', '2026-12-25');
    expect(month.map((news) => news.day)).toEqual(month.map((news) => news.day).sort());
    expect(month.some((news) => news.kind === 'new variant' && news.variant.id === 'HA-118·ember')).toBe(true);
    const byHalves = [...market.newsBetween('2026-11-25', '2026-12-10'), ...market.newsBetween('2026-12-10', '2026-12-25')];
    expect(byHalves).toEqual(month);
    for (const news of month) if (news.kind === 'new variant') expect(variants.get(news.variant.id)?.made).toBeUndefined();
  });

  test('what is out of print grows dearer at those who still have it', () => {
    const gone = market.newsBetween('2026-11-25', '2028-06-01').flatMap((news) => (news.kind === 'out of print' ? [news] : []));
    const ratios = gone.flatMap(({ source, day }) => {
      const at = (when: string) =>
        new Map(
          market
            .offersOn(when)
            .filter((offer) => offer.item.id === source)
            .map((offer) => [offer.id, offer.priceMinor]),
        );
      const [before, after] = [at(day), at(isoDay(dayNumber(day) + 364))];
      return [...before].flatMap(([id, price]) => (after.has(id) ? [(after.get(id) ?? 0) / price] : []));
    });
    expect(ratios.length).toBeGreaterThan(3);
    expect(ratios.reduce((all, ratio) => all + ratio, 0) / ratios.length).toBeGreaterThan(1.2);
  });

  test('rates stay near what a currency is usually worth, and codes hold between their days', () => {
    for (const day of ['2026-11-25', '2027-05-01']) {
      for (const { currency, perUnit } of market.ratesOn(day))
        expect(Math.abs(perUnit / (currency === 'GBP' ? 1.16 : 0.088) - 1)).toBeLessThan(0.03);
      for (const code of market.codesOn(day)) {
        expect(code.from <= day && day <= code.until).toBe(true);
        expect(code.percent).toBeGreaterThan(0);
        expect(code.percent).toBeLessThan(15);
      }
    }
  });

  test('a source is sold only when all that is in it is known', () => {
    const sold = new Set(market.offersOn('2026-11-25').flatMap((offer) => (offer.item.kind === 'source' ? [offer.item.id] : [])));
    expect(sold.size).toBeGreaterThan(20);
    for (const id of sold) {
      const source = catalogue.sources.find((row) => row.id === id);
      const pieces = source ? explode(source, catalogue) : [];
      expect(pieces.length).toBeGreaterThan(0);
      expect(pieces.every((piece) => piece.certainty === 'sure')).toBe(true);
    }
  });
});
