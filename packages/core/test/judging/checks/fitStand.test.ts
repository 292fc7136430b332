import { describe, expect, test } from '@jest/globals';
import { fitStand } from '../../../src/judging/checks/fit/fitStand.js';
import { balance, Catalogue, P40, wornParts } from '../../../src/index.js';
import { CATALOGUE, DATA, lookOf, seen } from '../../fixture.js';

/** The same catalogue with one thing to hold that weighs this much, and stands this high. */
const heavy = (massG: number): Catalogue =>
  new Catalogue({
    ...DATA,
    moulds: DATA.moulds.map((mould) =>
      mould.number === 'HE-1' ? { ...mould, geometry: { massG, heightMm: 26, centreHeightMm: 13 } } : mould,
    ),
  });
const BODY = 'torso TO-1·red, hips LG-1·brown';

describe('fit.stand', () => {
  test('an even body falls forwards no sooner than backwards: atan(3.5 / 12.9) is 15.2°', () => {
    const worn = wornParts(lookOf(BODY), CATALOGUE);
    // Torso at 13 + 6.3 = 19.3, legs at 6.5, a gram each: 12.9 high, over the middle of the feet.
    expect(balance(worn, P40)?.tilt).toBeCloseTo((Math.atan2(3.5, 12.9) * 180) / Math.PI, 9);
    expect(fitStand(seen(BODY))).toEqual([]);
  });

  test('nine grams in the left hand pull past the left foot', () => {
    // The lantern is 26 mm long and leans out by 40°: its middle is 6.7 + 13 · sin 40° = 15.06 out. 9 · 15.06 / 11 is past 5.7.
    const [mark] = fitStand(seen(`${BODY}, held.L HE-1·brown`, {}, undefined, {}, heavy(9)));
    expect(mark?.sentence).toBe('It topples to its left by itself and wants a stand. Lantern pulls most.');
    expect(mark?.why).toBe('It falls when tilted by 0.0°; one that is left alone wants 9°.');
    expect(mark?.severity).toBe('shows');
  });

  test('a stand settles it', () => {
    expect(fitStand(seen(`${BODY}, held.L HE-1·brown, stand ST-1·black`, {}, undefined, {}, heavy(9)))).toEqual([]);
  });

  test('the border is 9°: just over stands, just under does not', () => {
    const at = (massG: number) => fitStand(seen(`${BODY}, held.L HE-1·brown`, {}, undefined, {}, heavy(massG))).length;
    // (5.7 − 15.06m/(m + 2)) / ((25.8 + 13m)/(m + 2)) = tan 9°: 11.4 − 9.36m = 0.1584 · (25.8 + 13m), so m = 0.641.
    expect(at(0.62)).toBe(0);
    expect(at(0.66)).toBe(1);
  });

  test('four elements in one hand are three loose joints', () => {
    const built = lookOf(BODY);
    const parts = [0, 1, 2, 3].map((place) => ({
      position: 'held.R' as const,
      variant: 'HE-3·brown',
      turned: false,
      ...(place ? { place } : {}),
    }));
    expect(fitStand(seen({ ...built, parts: [...built.parts, ...parts] })).map((mark) => mark.sentence)).toContain(
      '4 elements in one hand are 3 loose joints: expect it to sag.',
    );
    const three = fitStand(seen({ ...built, parts: [...built.parts, ...parts.slice(0, 3)] })).map((mark) => mark.sentence);
    expect(three.filter((sentence) => sentence.includes('joints'))).toEqual([]);
  });
});
