import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  afterArrival,
  afterLettingGo,
  agreedMinor,
  costMinor,
  isLate,
  landedPieces,
  openOf,
  type ParcelLine,
  type ParcelMoney,
  spentByMonth,
  stateAfter,
} from '../../src/parcels/index.js';

const line = (variant: string, quantity: number, priceMinor: number, more: Partial<ParcelLine> = {}): ParcelLine => ({
  ...{ variant, quantity, priceMinor, came: 0, damaged: 0, gone: 0 },
  ...more,
});
const MONEY: ParcelMoney = { postageMinor: 60, feesMinor: 0, dutyMinor: 0, paidMinor: null, refundedMinor: 0 };

describe('what a parcel cost', () => {
  test('is shared by price over its pieces, to the cent', () => {
    expect(landedPieces([line('hat', 2, 100), line('coat', 1, 200)], MONEY)).toEqual([[115, 115], [230]]);
    // Three of one price cannot share a cent evenly: the first gets it.
    expect(landedPieces([line('arm', 3, 10)], { ...MONEY, postageMinor: 1 })).toEqual([[11, 10, 10]]);
  });

  test('what came back for a piece that is kept makes it cheaper and nothing else', () => {
    const lines = [line('oar', 1, 100, { came: 1, damaged: 1 }), line('legs', 1, 200, { came: 1 })];
    expect(landedPieces(lines, MONEY)).toEqual([[120], [240]]);
    expect(landedPieces(lines, { ...MONEY, refundedMinor: 50 }, [50, 0])).toEqual([[70], [240]]);
    // The seller gave back more than the oar cost: that is a discount on all of it.
    expect(landedPieces(lines, { ...MONEY, refundedMinor: 150 }, [150, 0])).toEqual([[70], [140]]);
  });

  test('falls on what came or is expected, less what came back', () => {
    const lines = [line('hat', 2, 100, { came: 1, gone: 1 }), line('coat', 1, 200, { came: 1 })];
    expect(landedPieces(lines, { ...MONEY, refundedMinor: 100 })).toEqual([[120], [240]]);
    expect(costMinor(lines, { ...MONEY, paidMinor: 455, refundedMinor: 100 })).toBe(355);
    expect(agreedMinor(lines, MONEY)).toBe(460);
  });
});

describe('a parcel', () => {
  test('is late when the day it was expected on is past and it has not come', () => {
    expect(isLate({ state: 'sent', expectedOn: '2026-03-01' }, '2026-03-01')).toBe(false);
    expect(isLate({ state: 'sent', expectedOn: '2026-03-01' }, '2026-03-02')).toBe(true);
    expect(isLate({ state: 'arrived', expectedOn: '2026-03-01' }, '2026-03-02')).toBe(false);
    expect(isLate({ state: 'ordered', expectedOn: null }, '2026-03-02')).toBe(false);
  });

  test('is settled once nothing is expected, arrived while something is', () => {
    expect(stateAfter('sent', [line('hat', 2, 1, { came: 1 })])).toBe('arrived');
    expect(stateAfter('sent', [line('hat', 2, 1, { came: 1, gone: 1 })])).toBe('settled');
    expect(stateAfter('sent', [line('hat', 2, 1, { gone: 2 })])).toBe('cancelled');
    expect(stateAfter('ordered', [line('hat', 2, 1)])).toBe('ordered');
  });

  test('refuses more than is expected, and more damaged than came', () => {
    expect(() => afterArrival(line('hat', 2, 1), { came: 3, damaged: 0 })).toThrow(RangeError);
    expect(() => afterArrival(line('hat', 2, 1), { came: 1, damaged: 2 })).toThrow(RangeError);
    expect(() => afterLettingGo(line('hat', 2, 1, { came: 2 }), 1)).toThrow(RangeError);
  });

  test('whatever comes, is let go or refunded: pieces are conserved and costs sum to what was paid', () => {
    const deed = fc.record({ which: fc.nat(3), what: fc.constantFrom('came', 'let go', 'refund'), many: fc.nat(4) });
    const ordered = fc.array(fc.record({ quantity: fc.integer({ min: 1, max: 4 }), priceMinor: fc.nat(300) }), {
      minLength: 1,
      maxLength: 4,
    });
    fc.assert(
      fc.property(ordered, fc.nat(900), fc.array(deed, { maxLength: 20 }), (rows, postageMinor, deeds) => {
        let lines = rows.map((row, i) => line(`part ${i}`, row.quantity, row.priceMinor));
        let money = { ...MONEY, postageMinor };
        for (const { which, what, many } of deeds) {
          const at = which % lines.length;
          const own = lines[at] as ParcelLine;
          if (what === 'refund') money = { ...money, refundedMinor: Math.min(agreedMinor(lines, money), money.refundedMinor + many * 10) };
          else {
            const count = Math.min(many, openOf(own));
            const after = what === 'came' ? afterArrival(own, { came: count, damaged: Math.floor(count / 2) }) : afterLettingGo(own, count);
            lines = lines.map((row, i) => (i === at ? after : row));
          }
          for (const row of lines) expect(row.came + row.gone + openOf(row)).toBe(row.quantity);
          const pieces = landedPieces(lines, money).flat();
          expect(
            landedPieces(lines, money, [money.refundedMinor])
              .flat()
              .reduce((all, minor) => all + minor, 0),
          ).toBe(pieces.reduce((all, minor) => all + minor, 0));
          expect(pieces.reduce((all, minor) => all + minor, 0)).toBe(costMinor(lines, money));
        }
      }),
    );
  });
});

test('what was spent is told by month and seller', () => {
  const rows = [
    { orderedOn: '2026-02-03', seller: 'b', minor: 5 },
    { orderedOn: '2026-01-20', seller: 'a', minor: 7 },
    { orderedOn: '2026-02-28', seller: 'b', minor: 5 },
    { orderedOn: '2026-02-01', seller: 'a', minor: 30 },
  ];
  expect(spentByMonth(rows)).toEqual([
    { month: '2026-01', seller: 'a', minor: 7 },
    { month: '2026-02', seller: 'a', minor: 30 },
    { month: '2026-02', seller: 'b', minor: 10 },
  ]);
});
