import { describe, expect, test } from '@jest/globals';
import { fitGrip } from '../../../src/judging/checks/fit/fitGrip.js';
import { seen } from '../../fixture.js';

const HANDS = 'hand.L HN-1·light, hand.R HN-1·light';
const why = (look: string): string | undefined => fitGrip(seen(look))[0]?.sentence;

describe('fit.grip', () => {
  test('a hand holds a bar and a flat thing', () => {
    expect(why(`${HANDS}, held.L HE-1·brown, held.R HE-3·brown`)).toBeUndefined();
  });

  test('without a hand nothing is held', () => {
    expect(why('hand.R HN-1·light, held.L HE-1·brown')).toBe('Lantern cannot be held in the left hand: there is no left hand.');
  });

  test('a hook holds bars only', () => {
    expect(why('hand.L HN-2·black, held.L HE-1·brown')).toBeUndefined();
    expect(why('hand.L HN-2·black, held.L HE-3·brown')).toContain('is a hook, and holds bars only');
  });

  test('what has nothing to grip cannot be held', () => {
    expect(why(`${HANDS}, held.L HE-4·brown`)).toContain('nothing to grip it by');
  });

  test('a thing for two hands needs both, and both free', () => {
    expect(why(`${HANDS}, held.R HE-2·brown`)).toBeUndefined();
    expect(why('hand.R HN-1·light, held.R HE-2·brown')).toContain('there is no left hand');
    expect(why(`${HANDS}, held.R HE-2·brown, held.L HE-1·brown`)).toContain('it takes both hands, and the other holds Lantern');
  });
});
