import { describe, expect, test } from '@jest/globals';
import { fitPosition } from '../../../src/judging/checks/fit/fitPosition.js';
import { seen } from '../../fixture.js';

describe('fit.position', () => {
  test('is silent when every part has its own place', () => {
    expect(fitPosition(seen('head HD-1·light·face, neck.1 CP-1·crimson, headgear HA-1·black'))).toEqual([]);
  });

  test('blocks a cowl and a cape that both need the first neck layer, and offers to take either off', () => {
    const [mark, ...others] = fitPosition(seen('headgear HO-1·brown, neck.1 CP-1·crimson'));
    expect(others).toEqual([]);
    expect(mark).toMatchObject({ severity: 'blocks', sentence: 'Cowl and Cape both need the place “Neck 1”.' });
    expect(mark?.proposals().map((remedy) => remedy.edits)).toEqual([
      [{ action: 'take off', position: 'headgear' }],
      [{ action: 'take off', position: 'neck.1' }],
    ]);
  });

  test('a cape one layer up is out of the cowl’s way', () => {
    expect(fitPosition(seen('headgear HO-1·brown, neck.2 CP-1·crimson'))).toEqual([]);
  });

  test('a one-piece lower body claims hips and both legs, once', () => {
    const marks = fitPosition(seen('hips LG-1·brown, lower LG-2·brown'));
    expect(marks).toHaveLength(1);
    expect(marks[0]?.sentence).toContain('Standard legs and Short legs');
  });
});
