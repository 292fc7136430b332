import { describe, expect, test } from '@jest/globals';
import { lookFor, watchInWords, type Watch, type WatchView } from '../../src/index.js';

const item = { kind: 'variant', id: 'HA-1·woad' } as const;
const view = (changes: Partial<WatchView> = {}): WatchView => ({
  cheapest: () => ({ seller: 'near', priceMinor: 320 }),
  stockAt: () => 0,
  made: () => null,
  cheapestWay: () => ({ kind: 'variant', id: item.id, seller: 'near', priceMinor: 360 }),
  nameOf: ({ kind, id }) => (kind === 'variant' ? 'Low knot in woad' : `figure ${id}`),
  sellerName: (id) => (id === 'near' ? 'Near' : 'Far'),
  colourName: () => 'woad',
  mouldName: () => 'Low knot',
  money: (minor) => (minor / 100).toFixed(2),
  ...changes,
});

describe('a watch', () => {
  test('below a price tells once when it falls under it, and again only after it was above', () => {
    const watch: Watch = { kind: 'below', item, priceMinor: 300 };
    expect(lookFor(watch, view(), null)).toEqual({ seen: 'no', tell: null });
    const low = view({ cheapest: () => ({ seller: 'near', priceMinor: 299 }) });
    expect(lookFor(watch, low, 'no')).toEqual({ seen: 'yes', tell: 'Low knot in woad is 2.99 at Near, below 3.00.' });
    expect(lookFor(watch, low, 'yes').tell).toBeNull();
    expect(lookFor(watch, view({ cheapest: () => ({ seller: 'near', priceMinor: 300 }) }), 'yes')).toEqual({ seen: 'no', tell: null });
    expect(lookFor(watch, view({ cheapest: () => null }), 'yes')).toEqual({ seen: 'no', tell: null });
  });

  test('for a colour tells when the mould is made in it, also when it was all along', () => {
    const watch: Watch = { kind: 'exists', mould: 'HA-1', colour: 'woad' };
    expect(lookFor(watch, view(), null)).toEqual({ seen: 'no', tell: null });
    const made = view({ made: () => item.id });
    expect(lookFor(watch, made, null).tell).toBe('Low knot exists in woad now.');
    expect(lookFor(watch, made, item.id).tell).toBeNull();
  });

  test('for stock tells when a seller has it, and again after it was sold out', () => {
    const watch: Watch = { kind: 'in stock', item, seller: 'near' };
    expect(lookFor(watch, view(), 'yes')).toEqual({ seen: 'no', tell: null });
    expect(lookFor(watch, view({ stockAt: () => 4 }), 'no').tell).toBe('Near has Low knot in woad in stock, 4 of it.');
  });

  test('for the cheapest way is silent at first and tells of every change', () => {
    const watch: Watch = { kind: 'cheapest way', item };
    const first = lookFor(watch, view(), null);
    expect(first.tell).toBeNull();
    const whole = view({ cheapestWay: () => ({ kind: 'figure', id: 'F-1', seller: 'far', priceMinor: 250 }) });
    expect(lookFor(watch, whole, first.seen).tell).toBe('The cheapest way to Low knot in woad is figure F-1 at Far now, 2.50.');
    expect(lookFor(watch, view({ cheapestWay: () => null }), first.seen).tell).toBe('Nobody sells Low knot in woad any more.');
    expect(lookFor(watch, view(), first.seen).tell).toBeNull();
  });

  test('says in words what it waits for', () => {
    expect(watchInWords({ kind: 'below', item, priceMinor: 300 }, view())).toBe('when Low knot in woad is below 3.00');
    expect(watchInWords({ kind: 'exists', mould: 'HA-1', colour: 'woad' }, view())).toBe('when Low knot exists in woad');
  });
});
