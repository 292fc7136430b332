import { describe, expect, test } from '@jest/globals';
import { rulePractical } from '../../../src/judging/checks/school/rulePractical.js';
import { type PracticalRule } from '../../../src/index.js';
import { seen } from '../../fixture.js';

const says = (rule: PracticalRule, look: string): string | undefined => rulePractical(seen(look, { rules: [rule] }))[0]?.sentence;

describe('rule.practical', () => {
  test('hair tied: long loose hair breaks it, short or tied hair does not', () => {
    expect(says('hair tied', 'headgear HL-1·black')).toBe('Long hair hangs loose; the rule says hair tied.');
    expect(says('hair tied', 'headgear HA-2·black')).toBeUndefined();
    expect(says('hair tied', 'headgear HA-1·black')).toBeUndefined();
  });

  test('legs in sight: 10, 10 and 80 % in sight make 33 %', () => {
    expect(says('legs in sight', 'hips LG-1·brown, neck.1 CP-3·blue')).toBe(
      'Only 33 % of the legs is in sight from the front; the rule wants 50 %.',
    );
    expect(says('legs in sight', 'hips LG-1·brown')).toBeUndefined();
  });

  test('face in sight: a fringe over one of four face regions leaves 75 %, just enough', () => {
    expect(says('face in sight', 'head HD-1·light·face, headgear HA-3·brown')).toBeUndefined();
  });

  test('hands free', () => {
    expect(says('hands free', 'held.L HE-1·brown')).toBe('The hands hold Lantern; the rule says hands free.');
    expect(says('hands free', 'hand.L HN-1·light')).toBeUndefined();
  });

  test('stands alone', () => {
    expect(says('stands alone', 'torso TO-1·red, hips LG-1·brown, stand ST-1·black')).toContain('It needs Stand');
    expect(says('stands alone', 'torso TO-1·red, hips LG-1·brown')).toBeUndefined();
  });

  test('nothing on the back', () => {
    expect(says('nothing on the back', 'neck.1 BP-1·brown')).toContain('Backpack stands off the back');
    expect(says('nothing on the back', 'neck.1 CP-1·crimson')).toBeUndefined();
  });

  test('without rules nothing is asked', () => {
    expect(rulePractical(seen('headgear HL-1·black, neck.1 BP-1·brown'))).toEqual([]);
  });
});
