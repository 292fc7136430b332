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
      sentence: 'Cape and Scarf leave the head high and loose on the neck.',
      why: 'The neck is 4.0 mm long; less 0.8 + 1.6 leaves 1.6. The head needs 1.6 and wants 2.4.',
    });
  });

  test('two scarves leave 0.8: the head will not hold', () => {
    const [mark] = fitNeck(seen('neck.1 SC-1·red, neck.2 SC-1·red'));
    expect(mark).toMatchObject({ severity: 'blocks' });
    expect(mark?.sentence).toContain('leave too little of the neck for the head, which will not hold');
  });

  test('a cowl counts, though it is worn as headgear', () => {
    expect(fitNeck(seen('headgear HO-1·brown, neck.2 SC-1·red'))[0]).toMatchObject({ severity: 'blocks' });
  });

  test('nothing on the post, nothing to say', () => {
    expect(fitNeck(seen('head HD-1·light·face'))).toEqual([]);
  });
});
