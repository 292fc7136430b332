import { describe, expect, test } from '@jest/globals';
import { periodFace } from '../../../src/judging/checks/skin/periodFace.js';
import { seen } from '../../fixture.js';

describe('period.face', () => {
  test('an early face over late prints shows', () => {
    const [mark] = periodFace(seen('head HD-1·light·early-face, torso TO-1·red·coat, hips LG-1·brown·tails'));
    expect(mark?.sentence).toBe('The face is an early print; all other prints are late.');
    expect(mark?.proposals().length).toBeGreaterThan(0);
  });

  test('one print of its own time is company enough', () => {
    expect(periodFace(seen('head HD-1·light·early-face, torso TO-1·red·early-coat, hips LG-1·brown·tails'))).toEqual([]);
  });

  test('plain parts have no era', () => {
    expect(periodFace(seen('head HD-1·light·early-face, torso TO-1·red'))).toEqual([]);
  });
});
