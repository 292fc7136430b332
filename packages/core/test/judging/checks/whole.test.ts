import { describe, expect, test } from '@jest/globals';
import { judge, P40, type Supply } from '../../../src/index.js';
import { whole } from '../../../src/judging/checks/fit/whole.js';
import { BRIEF, CATALOGUE, lookOf, seen } from '../../fixture.js';

const BODY = 'head HD-1·light·face, torso TO-1·red, arm.L AR-1·red, arm.R AR-1·red, hand.L HN-1·light, hand.R HN-1·light, hips LG-1·brown';
const NOTHING: Supply = { currency: 'EUR', owned: () => 0, landedMinor: () => 100 };

describe('whole', () => {
  test('a figure with head, torso, both arms and hands and legs lacks nothing; a skirt stands for legs', () => {
    expect(whole(seen(BODY))).toEqual([]);
    expect(whole(seen(BODY.replace('hips LG-1·brown', 'lower LG-2·brown')))).toEqual([]);
  });

  test('all that is lacking is one mark', () => {
    const marks = whole(seen('torso TO-1·red, arm.L AR-1·red, hand.L HN-1·light, hips LG-1·brown'));
    expect(marks.map((mark) => mark.sentence)).toEqual(['It is not whole: it lacks head, right arm and right hand.']);
    expect(whole(seen('head HD-1·light·face'))[0]?.sentence).toBe('It is not whole: it lacks torso, both arms, both hands and legs.');
    expect(marks[0]?.severity).toBe('shows');
  });

  test('at the bench and in an errand it blocks', () => {
    for (const stage of ['bench', 'errand'] as const)
      expect(whole(seen('torso TO-1·red', {}, undefined, { stage }))[0]?.severity).toBe('blocks');
  });

  test('an empty look is not judged at all', () => {
    expect(whole(seen(''))).toEqual([]);
  });

  test('what is put there: the other arm’s twin, a hand in the skin of the face', () => {
    const look = lookOf('head HD-1·dark·face, torso TO-1·red, arm.L AR-1·red, hand.L HN-1·dark, hips LG-1·brown');
    const [mark] = judge(look, BRIEF, CATALOGUE, P40, NOTHING).marks.open.filter((row) => row.check === 'whole');
    expect(mark?.remedies()[0]?.edits).toEqual([
      { action: 'put on', position: 'arm.R', variant: 'AR-1·red' },
      { action: 'put on', position: 'hand.R', variant: 'HN-1·dark' },
    ]);
  });
});
