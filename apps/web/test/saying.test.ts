import { describe, expect, test } from '@jest/globals';
import { optionsWith } from '../src/ui/picker/saying';

const OPTIONS = [
  { value: 'a', text: 'Peaked cap', more: 'HT-204' },
  { value: 'b', text: 'Cape, short', more: 'CP-801' },
  { value: 'c', text: 'Café tray' },
];
const found = (words: string): string[] => optionsWith(OPTIONS, words).map((option) => option.value);

describe('what is looked for in a choice', () => {
  test('is in the name or beside it, in any order and letter case; names that begin so come first', () => {
    expect(found('cap')).toEqual(['b', 'a']);
    expect(found('204 PEAKED')).toEqual(['a']);
    expect(found('cafe')).toEqual(['c']);
  });

  test('is everything while nothing is typed, and nothing when nothing says it', () => {
    expect(found('  ')).toEqual(['a', 'b', 'c']);
    expect(found('hat')).toEqual([]);
  });
});
