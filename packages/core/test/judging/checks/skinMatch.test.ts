import { describe, expect, test } from '@jest/globals';
import { skinMatch } from '../../../src/judging/checks/skin/skinMatch.js';
import { seen, supplyOf } from '../../fixture.js';

describe('skin.match', () => {
  test('hands like the face are fine, and so are gloves', () => {
    expect(skinMatch(seen('head HD-1·light·face, hand.L HN-1·light, hand.R HN-1·brown'))).toEqual([]);
  });

  test('two hands of another skin are one mark, with a remedy for both at once', () => {
    const marks = skinMatch(seen('head HD-1·light·face, hand.L HN-1·dark, hand.R HN-1·dark'));
    expect(marks).toHaveLength(1);
    expect(marks[0]?.sentence).toBe('The hands in dark are far from the face in light.');
    expect(marks[0]?.proposals()[0]?.edits).toEqual([
      { action: 'put on', position: 'hand.L', variant: 'HN-1·light' },
      { action: 'put on', position: 'hand.R', variant: 'HN-1·light' },
    ]);
  });

  test('a glove is never offered as a matching skin', () => {
    const [mark] = skinMatch(seen('head HD-1·dark·face, hand.L HN-1·light', {}, supplyOf(['HN-1·brown'])));
    expect(mark?.proposals().map((remedy) => remedy.label)).toEqual(['Put on Hand in dark']);
  });

  test('a printed neckline counts while it can be seen', () => {
    const [mark] = skinMatch(seen('head HD-1·dark·face, torso TO-1·red·jacket'));
    expect(mark?.sentence).toContain('printed neckline in light');
    expect(skinMatch(seen('head HD-1·light·face, torso TO-1·red·jacket'))).toEqual([]);
  });

  test('turned to the back, the neckline is seen from behind', () => {
    expect(skinMatch(seen('head HD-1·dark·face, torso TO-1·red·jacket!'))).toHaveLength(1);
  });

  test('without a head there is nothing to match', () => {
    expect(skinMatch(seen('hand.L HN-1·dark'))).toEqual([]);
  });
});
