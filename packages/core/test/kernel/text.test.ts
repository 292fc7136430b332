import { describe, expect, test } from '@jest/globals';
import { isDay, quote, textFault } from '../../src/index.js';

describe('a text that somebody typed', () => {
  test.each<[string, RegExp | null]>([
    ['Marta Quill', null],
    ['Łódź – 帽子 – ü – 👒', null],
    ['  ', /^is empty: give it 1 to 20 characters$/],
    ['x'.repeat(21), /^has 21 characters, and at most 20 fit$/],
    ['a\u0000b', /control character/],
    ['a\ud800b', /half a character/],
    ['a\u202eb', /turns the direction/],
    ['two\nlines', /line break/],
  ])('%j', (text, fault) => {
    const found = textFault(text, { most: 20 });
    if (fault === null) expect(found).toBeNull();
    else expect(found).toMatch(fault);
  });

  test('may have several lines where that is said, and be nothing where that is', () => {
    expect(textFault('two\nlines', { most: 20, lines: true })).toBeNull();
    expect(textFault('', { least: 0, most: 20 })).toBeNull();
  });

  test.each<[string, RegExp]>([
    ['<b>bold</b>', /look like mark-up/],
    ['a\u200bb', /invisible/],
    ['__proto__', /word of the machine/],
    ['Constructor', /word of the machine/],
  ])('as a name, %j is refused, though as a remark it is not', (text, fault) => {
    expect(textFault(text, { most: 20, name: true })).toMatch(fault);
    expect(textFault(text, { most: 20 })).toBeNull();
  });

  test('is repeated in a sentence short and without what cannot be seen', () => {
    expect(quote('a\u0000b\u202ec')).toBe('“a b c”');
    expect(quote('x'.repeat(60))).toBe(`“${'x'.repeat(40)}…”`);
    expect([quote(3), quote(null), quote(undefined)]).toEqual(['“3”', '“null”', '“nothing”']);
  });
});

test.each<[string, boolean]>([
  ['2026-12-24', true],
  ['2024-02-29', true],
  ['2026-02-29', false],
  ['2026-13-01', false],
  ['1899-12-31', false],
  ['2200-01-01', false],
  ['2026-1-1', false],
  ['tomorrow', false],
])('whether %s is a day: %p', (text, is) => expect(isDay(text)).toBe(is));
