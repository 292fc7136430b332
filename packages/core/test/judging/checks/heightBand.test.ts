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
    expect(mark?.sentence).toBe('5.2 mm too tall for a figure of this age (child): Standard legs makes it so.');
    expect(mark?.proposals()[0]?.edits).toEqual([{ action: 'put on', position: 'lower', variant: 'LG-2·brown' }]);
  });

  test('a scarf makes nobody tall, however thick; up to 1.2 mm is let pass, more is not', () => {
    expect(heightBand(seen(`${ADULT}, neck.1 SC-1·red`))).toEqual([]);
    expect(heightBand(seen(`${ADULT}, waist WS-1·brown`))).toEqual([]);
    expect(heightBand(seen(`${ADULT}, waist WS-1·brown`, { ageBand: 'child' }))[0]?.sentence).toContain('5.8 mm too tall');
  });

  test('what makes it so is named, and taking it off is offered before other legs', () => {
    const [mark] = heightBand(seen(`${ADULT}, feet.L FT-1·black, feet.R FT-1·black`));
    expect(mark?.sentence).toMatch(/^3\.2 mm too tall for a figure of this age \(adult\): .* make it so\.$/);
    expect(mark?.proposals()[0]?.edits).toEqual([
      { action: 'take off', position: 'feet.L' },
      { action: 'take off', position: 'feet.R' },
    ]);
  });

  test('a look that is not complete is not measured', () => {
    expect(heightBand(seen('head HD-1·light·face, torso TO-1·red', { ageBand: 'child' }))).toEqual([]);
  });

  test('a giant needs plates under the feet', () => {
    expect(heightBand(seen(`${ADULT}, feet.L FT-1·black, feet.R FT-1·black`, { ageBand: 'giant' }))).toEqual([]);
    expect(heightBand(seen(ADULT, { ageBand: 'giant' }))[0]?.sentence).toContain('3.2 mm too short');
  });
});
