import { describe, expect, test } from '@jest/globals';
import { fitNeck } from '../../../src/judging/checks/fit/fitNeck.js';
import { seen } from '../../fixture.js';

/** The post is 4.0 mm; the head wants 2.4 of it and needs 1.6. A cape takes 0.8, a scarf 1.6. */
describe('fit.neck', () => {
  test('two capes leave exactly 2.4: the head seats', () => {
    expect(fitNeck(seen('neck.1 CP-1·crimson, neck.2 CP-1·crimson'))).toEqual([]);
  });

  test('cape and scarf leave exactly 1.6: loose, but it holds', () => {
    const [mark] = fitNeck(seen('neck.1 CP-1·crimson, neck.2 SC-1·red'));
    expect(mark).toMatchObject({
      severity: 'shows',
      sentence: 'Cape 0.8 and Scarf 1.6 leave 1.6 mm of post: the head wants 2.4 and sits high and loose.',
    });
  });

  test('two scarves leave 0.8: the head will not hold', () => {
    const [mark] = fitNeck(seen('neck.1 SC-1·red, neck.2 SC-1·red'));
    expect(mark).toMatchObject({ severity: 'blocks' });
    expect(mark?.sentence).toContain('leave 0.8 mm of post: the head needs 1.6 and will not hold');
  });

  test('a cowl counts, though it is worn as headgear', () => {
    expect(fitNeck(seen('headgear HO-1·brown, neck.2 SC-1·red'))[0]).toMatchObject({ severity: 'blocks' });
  });

  test('nothing on the post, nothing to say', () => {
    expect(fitNeck(seen('head HD-1·light·face'))).toEqual([]);
  });
});
