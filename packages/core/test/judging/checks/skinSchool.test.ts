import { describe, expect, test } from '@jest/globals';
import { skinSchool } from '../../../src/judging/checks/skin/skinSchool.js';
import { seen, supplyOf } from '../../fixture.js';

describe('skin.school', () => {
  test('natural tones under natural tones are fine', () => {
    expect(skinSchool(seen('head HD-1·light·face, hand.L HN-1·dark'))).toEqual([]);
  });

  test('a house tone in natural company is one mark, however many parts have it', () => {
    const marks = skinSchool(seen('head HD-1·house·face, hand.L HN-1·house, hand.R HN-1·house'));
    expect(marks.map((mark) => mark.sentence)).toEqual([
      'The face and hands in house belong to “one house tone”; the brief says “natural tones”.',
    ]);
    expect(marks[0]?.proposals()[0]?.label).toBe('Put all skin on in light');
  });

  test('the other way round', () => {
    const look = 'head HD-1·house·face, hand.L HN-1·light';
    const [mark] = skinSchool(seen(look, { skinSchool: 'house' }, supplyOf(['HN-1·house'])));
    expect(mark?.sentence).toBe('The hands in light belongs to “natural tones”; the brief says “one house tone”.');
    expect(mark?.proposals().map((remedy) => remedy.label)).toEqual(['Put all skin on in house']);
  });

  test('an edition says its own school', () => {
    const look = { parts: [{ position: 'head' as const, variant: 'HD-1·house·face', turned: false }], overrules: [] };
    expect(skinSchool(seen(look))).toHaveLength(1);
    expect(skinSchool(seen({ ...look, variation: { skinSchool: 'house' } }))).toEqual([]);
  });
});
