import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { NearestNames } from '@outfit/core';
import { offerColumns, readTable, UnreadableFile, wardrobeColumns, writeTable } from '../src/index.js';

const VARIANTS = ['HA-118·raven', 'HN-601·umber'];
const names = {
  isVariant: (id: string) => VARIANTS.includes(id),
  isSeller: (id: string) => id === 'tin-drawer',
  nearestVariant: (id: string) => new NearestNames(() => VARIANTS).to(id),
};
const bytes = (text: string) => new TextEncoder().encode(text);
const wardrobe = (text: string) => readTable(bytes(text), wardrobeColumns(names));
const offers = (text: string) =>
  readTable(
    bytes(text),
    offerColumns(names, '2026-11-25', () => 'EUR'),
  );

describe('a file of owned pieces', () => {
  test('is read with its optional columns filled in', () => {
    const report = wardrobe('variant,quantity\nHA-118·raven,2\n');
    expect(report.problems).toEqual([]);
    expect(report.sound.map(({ line, row }) => ({ line, row }))).toEqual([
      { line: 2, row: { variant: 'HA-118·raven', quantity: 2, condition: 'used', place: '', note: '', owner: '', serves: '' } },
    ]);
  });

  test('semicolons, tabs, a byte order mark, other column order and capitals in the header are all fine', () => {
    for (const text of ['\uFEFFQuantity;Variant\r\n2;HN-601·umber\r\n', 'variant\tquantity\nHN-601·umber\t2'])
      expect(wardrobe(text).sound[0]?.row).toMatchObject({ variant: 'HN-601·umber', quantity: 2 });
  });

  test('bad rows are told one by one with line, column, value and reason; sound ones stay', () => {
    const report = wardrobe(
      'variant,quantity,condition\nHA-118·ravn,1,used\nHA-118·raven,0,used\nHA-118·raven,1.5,shiny\nHN-601·umber,,new\nHN-601·umber,1\nHN-601·umber,3,worn\n',
    );
    expect(report.problems).toEqual([
      { line: 2, column: 'variant', value: 'HA-118·ravn', reason: 'No part in the catalogue has this number. Did you mean HA-118·raven?' },
      { line: 3, column: 'quantity', value: '0', reason: 'Not between 1 and 10000.' },
      { line: 4, column: 'quantity', value: '1.5', reason: 'Not a whole number.' },
      { line: 4, column: 'condition', value: 'shiny', reason: 'Not known; known are new, used, worn.' },
      { line: 5, column: 'quantity', value: '', reason: 'This cell is empty.' },
      { line: 6, column: null, value: null, reason: 'This row has 2 cells, the header 3.' },
    ]);
    expect(report.sound.map(({ line }) => line)).toEqual([7]);
    expect(report.rowCount).toBe(6);
  });

  test('lines are counted as an editor counts them, also after a cell of several lines', () => {
    const report = wardrobe('variant,quantity,note\nHA-118·raven,1,"two\nlines"\nHA-118·raven,x,\n');
    expect(report.problems.map(({ line }) => line)).toEqual([4]);
  });

  test.each<[string, Uint8Array, RegExp]>([
    ['an empty file', bytes(''), /empty/],
    ['UTF-16', new Uint8Array([0xff, 0xfe, 0x76, 0]), /UTF-16.*UTF-8/],
    ['Latin-1', new Uint8Array([0x76, 0xe9, 0x0a]), /not UTF-8/],
    ['binary data', bytes('PK\0\0'), /binary/],
    ['a missing column', bytes('variant\nHA-118·raven'), /Missing: “quantity”/],
    ['an unknown column', bytes('variant,quantity,colour\n'), /Unknown column “colour”/],
    ['a doubled column', bytes('variant,quantity,quantity\n'), /“quantity” is there twice/],
    ['an open quotation mark', bytes('variant,quantity\n"HA-118,1\n'), /quotation mark/],
    ['too many bytes', new Uint8Array(5_000_001), /over 5 MB/],
  ])('%s is refused whole, with a sentence', (_, file, sentence) => {
    expect(() => readTable(file, wardrobeColumns(names))).toThrow(UnreadableFile);
    expect(() => readTable(file, wardrobeColumns(names))).toThrow(sentence);
  });

  test('too many rows are refused whole', () => {
    expect(() => readTable(bytes('variant,quantity\na,1\na,1\na,1\n'), wardrobeColumns(names), { maxBytes: 1000, maxRows: 2 })).toThrow(
      /over 2 rows/,
    );
  });
});

describe('a file of offers', () => {
  const HEADER = 'seller,item,asks,left,sold in,condition,seen on\n';

  test('is read with money in minor units', () => {
    const report = offers(`${HEADER}tin-drawer,HA-118·raven,0.4,3,,new,2026-11-20\n"tin-drawer",HA-118·raven,"12,05",1,2,,2026-11-20\n`);
    expect(report.problems).toEqual([]);
    expect(report.sound.map(({ row }) => [row.priceMinor, row.multiple, row.condition])).toEqual([
      [40, 1, 'new'],
      [1205, 2, 'used'],
    ]);
  });

  test.each([
    ['-1', 'asks', 'A price cannot be negative.'],
    ['NaN', 'asks', 'Not an amount such as 0.42.'],
    ['1e9', 'asks', 'Not an amount such as 0.42.'],
    ['0.425', 'asks', 'Not an amount such as 0.42.'],
    ['1000000', 'asks', 'Dearer than €100,000.00: surely a slip.'],
  ])('a price of %s is refused', (price, column, reason) => {
    expect(offers(`${HEADER}tin-drawer,HA-118·raven,${price},1,1,new,2026-11-20\n`).problems).toEqual([
      { line: 2, column, value: price, reason },
    ]);
  });

  test('a day that does not exist and a seller nobody knows are refused', () => {
    expect(offers(`${HEADER}corner shop,HA-118·raven,1,1,1,new,2026-02-30\n`).problems.map(({ column }) => column)).toEqual([
      'seller',
      'seen on',
    ]);
  });
});

describe('writing', () => {
  test('no cell begins like a formula', () => {
    expect(writeTable(['note'], [['=1+1'], ['+44'], ['-x'], ['@a'], [-5]])).toBe("note\r\n'=1+1\r\n'+44\r\n'-x\r\n'@a\r\n-5\r\n");
  });

  test('what is written is read back the same, whatever the note says', () => {
    const note = fc
      .string({ maxLength: 60, unit: 'grapheme' })
      .filter((text) => !text.includes('\0') && text.trim() === text && !/^'[=+\-@]/.test(text));
    fc.assert(
      fc.property(fc.array(note, { minLength: 1, maxLength: 8 }), (notes) => {
        const file = writeTable(
          ['variant', 'quantity', 'condition', 'place', 'note'],
          notes.map((text) => ['HA-118·raven', 1, 'used', '', text]),
        );
        const report = wardrobe(file);
        expect(report.problems).toEqual([]);
        expect(report.sound.map(({ row }) => row.note)).toEqual(notes);
      }),
    );
  });
});

describe('the nearest name', () => {});
