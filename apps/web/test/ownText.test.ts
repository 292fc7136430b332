import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { OwnText } from '@/ui/fields/ownText';

describe('the text of a field', () => {
  test('stays what was typed while older values of it still arrive', () => {
    const field = new OwnText('');
    field.type('bro');
    field.ask();
    field.type('brown');
    expect(field.arrive('bro')).toBe(false);
    expect(field.text).toBe('brown');
  });

  test('gives way to a value nobody here asked for', () => {
    const field = new OwnText('brown');
    expect(field.arrive('')).toBe(true);
    expect(field.text).toBe('');
  });

  test('a value that was asked for long ago and has arrived is a stranger the next time', () => {
    const field = new OwnText('');
    for (const text of ['a', 'ab']) {
      field.type(text);
      field.ask();
    }
    field.arrive('ab');
    expect(field.arrive('a')).toBe(true);
    expect(field.text).toBe('a');
  });

  test('a value that was overtaken on its way is a stranger once the field was left', () => {
    const field = new OwnText('');
    for (const text of ['a', 'ab', 'a']) {
      field.type(text);
      field.ask();
    }
    field.arrive('a');
    field.settle();
    expect(field.arrive('ab')).toBe(true);
  });

  test('keeps the way a number is written', () => {
    const field = new OwnText('', (text) => (text === '' ? '' : String(Number(text))));
    field.type('3.50');
    field.ask();
    expect(field.arrive('3.5')).toBe(false);
    expect(field.text).toBe('3.50');
  });

  test('loses no letter, however typing and arriving are mixed', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 12 }), fc.array(fc.constantFrom('type', 'ask', 'arrive'), { maxLength: 40 }), (word, steps) => {
        const field = new OwnText('');
        const onTheWay: string[] = [];
        let typed = '';
        for (const step of [...steps, ...[...word].map(() => 'type')]) {
          if (step === 'type' && typed.length < word.length) {
            typed = word.slice(0, typed.length + 1);
            field.type(typed);
          } else if (step === 'ask') {
            field.ask();
            onTheWay.push(field.text);
          } else if (step === 'arrive') {
            // Several may arrive as one: the page is drawn for the last of them.
            const value = onTheWay.splice(0, 1 + (onTheWay.length % 2)).at(-1);
            if (value !== undefined) field.arrive(value);
          }
          expect(field.text).toBe(typed);
        }
      }),
    );
  });
});
