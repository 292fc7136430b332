import { describe, expect, test } from '@jest/globals';
import { heightBand } from '../../../src/judging/checks/fit/heightBand.js';
import { seen } from '../../fixture.js';

const ADULT = 'head HD-1·light·face, torso TO-1·red, hips LG-1·brown';
const CHILD = 'head HD-1·light·face, torso TO-1·red, lower LG-2·brown';

/** 13.0 + 12.6 + 8.8 = 34.4 on standard legs, 7.8 + 12.6 + 8.8 = 29.2 on short ones. */
describe('height.band', () => {
  test('an adult on standard legs and a child on short ones stand right', () => {
    expect(heightBand(seen(ADULT))).toEqual([]);
    expect(heightBand(seen(CHILD, { ageBand: 'child' }))).toEqual([]);
  });

  test('a child on standard legs is 5.2 too tall, and short legs in the same colour mend it', () => {
    const [mark] = heightBand(seen(ADULT, { ageBand: 'child' }));
    expect(mark?.sentence).toBe('Stands 34.4 mm; a figure of this age (child) stands 29.2: 5.2 too tall.');
    expect(mark?.remedies()[0]?.edits).toEqual([{ action: 'put on', position: 'lower', variant: 'LG-2·brown' }]);
  });

  test('up to 1.2 mm is let pass, more is not', () => {
    expect(heightBand(seen(`${ADULT}, neck.1 CP-1·crimson`))).toEqual([]);
    expect(heightBand(seen(`${ADULT}, neck.1 SC-1·red`))[0]?.sentence).toContain('1.6 too tall');
  });

  test('a look that is not complete is not measured', () => {
    expect(heightBand(seen('head HD-1·light·face, torso TO-1·red', { ageBand: 'child' }))).toEqual([]);
  });

  test('a giant needs plates under the feet', () => {
    expect(heightBand(seen(`${ADULT}, feet.L FT-1·black, feet.R FT-1·black`, { ageBand: 'giant' }))).toEqual([]);
    expect(heightBand(seen(ADULT, { ageBand: 'giant' }))[0]?.sentence).toContain('3.2 too short');
  });
});
