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
    const two = { owned: () => 2, landedMinor: () => null };
    expect(stockTwice(seen(LOOK, {}, two, wanted('Ann')))).toEqual([]);
  });

  test('what is not owned is bought and promised to nobody', () => {
    expect(stockTwice(seen(LOOK, {}, supplyOf([]), wanted('Ann', 'Bea')))).toEqual([]);
  });
});
