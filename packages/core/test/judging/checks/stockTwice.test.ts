import { describe, expect, test } from '@jest/globals';
import { stockTwice } from '../../../src/judging/checks/supply/stockTwice.js';
import { seen, supplyOf } from '../../fixture.js';

const wanted = (...figures: string[]) => ({ wantedBy: (variant: string) => (variant === 'HA-1·black' ? figures : []) });
const LOOK = 'headgear HA-1·black';

describe('stock.twice', () => {
  test('one owned and wanted once is fine', () => {
    expect(stockTwice(seen(LOOK, {}, supplyOf(['HA-1·black']), wanted()))).toEqual([]);
  });

  test('one owned, wanted here and by Ann: one more is to be had, which blocks when nobody sells it', () => {
    const [mark] = stockTwice(seen(LOOK, {}, supplyOf(['HA-1·black']), wanted('Ann')));
    expect(mark).toMatchObject({
      severity: 'blocks',
      sentence: 'Crop in black: 1 owned, 1 wanted here and 1 for Ann: 1 cannot be had.',
    });
    expect(stockTwice(seen(LOOK, {}, supplyOf(['HA-1·black'], { 'HA-1·black': 40 }), wanted('Ann')))[0]).toMatchObject({
      severity: 'note',
    });
  });

  test('two owned serve two', () => {
    const two = { currency: 'EUR', owned: () => 2, landedMinor: () => null };
    expect(stockTwice(seen(LOOK, {}, two, wanted('Ann')))).toEqual([]);
  });

  test('what is not owned is bought and promised to nobody', () => {
    expect(stockTwice(seen(LOOK, {}, supplyOf([]), wanted('Ann', 'Bea')))).toEqual([]);
  });

  describe('where pieces are promised', () => {
    const promised = (owned: number, price: number | null = null) => ({
      currency: 'EUR',
      owned: () => owned,
      stock: () => 1,
      landedMinor: () => price,
    });

    test('the figure that is served is told so, and is not blocked by what others lack', () => {
      const [mark] = stockTwice(seen(LOOK, {}, promised(1), wanted('Ann')));
      expect(mark).toMatchObject({
        severity: 'note',
        sentence: 'Crop in black: 1 owned, 1 wanted here and 1 for Ann: this figure is served, and 1 cannot be had for the others.',
      });
    });

    test('the figure that goes short is told who is served before it, and what is to buy here', () => {
      const company = { ...wanted('Ann'), servedBefore: () => ['Ann'] };
      expect(stockTwice(seen(LOOK, {}, promised(0, 40), company))[0]).toMatchObject({
        severity: 'note',
        sentence: 'Crop in black: 1 owned, 1 wanted here and 1 for Ann: Ann is served before, and 1 to buy here.',
      });
      expect(stockTwice(seen(LOOK, {}, promised(0), company))[0]?.severity).toBe('blocks');
    });
  });
});
