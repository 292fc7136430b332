import { describe, expect, test } from '@jest/globals';
import { fitHeadgear } from '../../../src/judging/checks/fit/fitHeadgear.js';
import { seen } from '../../fixture.js';

describe('fit.headgear', () => {
  test('a plume goes on a helmet with a hole for it', () => {
    expect(fitHeadgear(seen('headgear HT-2·red, headgear.addon AD-1·red'))).toEqual([]);
  });

  test('a plume on a hat without a hole has no connection', () => {
    const [mark] = fitHeadgear(seen('headgear HT-1·red, headgear.addon AD-1·red'));
    expect(mark).toMatchObject({ severity: 'blocks', sentence: 'Plume needs a hole for plume: Hat has no hole.' });
  });

  test('a plume on nothing at all has none either', () => {
    expect(fitHeadgear(seen('headgear.addon AD-1·red'))[0]?.sentence).toContain('nothing is worn that has one');
  });

  test('a hat over a head moulded with its own top blocks; the head alone does not', () => {
    expect(fitHeadgear(seen('head HD-2·brown'))).toEqual([]);
    const [mark] = fitHeadgear(seen('head HD-2·brown, headgear HT-1·red'));
    expect(mark?.severity).toBe('blocks');
    expect(mark?.proposals().map((remedy) => remedy.label)).toEqual(['Take off Hat', 'Take off Fox head']);
  });
});
