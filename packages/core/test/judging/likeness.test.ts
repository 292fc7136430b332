import { describe, expect, test } from '@jest/globals';
import { likeness } from '../../src/index.js';
import { feature, seen } from '../fixture.js';

describe('likeness', () => {
  test('the score is 100 · Σ w·s / Σ w: a worked example', () => {
    // must 4·1 (exact motif, fully visible) + want 2·0.6 (square for round glasses) + nice 1·0 = 5.2 of 7.
    const { score, answers } = likeness(
      seen('head HD-1·light·reader, held.L HE-1·brown', {
        features: [
          feature('motif', 'held', 'lantern', 'must'),
          feature('motif', 'face', 'glasses-square', 'want'),
          feature('motif', 'torso', 'jacket', 'nice'),
        ],
      }),
    );
    expect(answers.map((answer) => answer.points)).toEqual([4, 1.2, 0]);
    expect(score).toBeCloseTo((100 * 5.2) / 7, 9);
  });

  test('what is covered counts by what is left: a cape hides half the collar, so a quarter of the jacket', () => {
    const jacket = { features: [feature('motif', 'torso', 'jacket')] };
    expect(likeness(seen('torso TO-1·red·jacket', jacket)).answers[0]?.s).toBe(1);
    expect(likeness(seen('torso TO-1·red·jacket, neck.1 CP-1·crimson', jacket)).answers[0]?.s).toBe(0.75);
  });

  test('a torso is read from both sides, a face from the front alone', () => {
    const s = (look: string, ...of: Parameters<typeof feature>): number | undefined =>
      likeness(seen(look, { features: [feature(...of)] })).answers[0]?.s;
    expect(s('torso TO-1·red·jacket!', 'motif', 'torso', 'jacket')).toBe(1);
    expect(s('head HD-1·light·reader', 'motif', 'face', 'glasses-round')).toBe(1);
    expect(s('head HD-1·light·reader!', 'motif', 'face', 'glasses-round')).toBe(0);
  });

  test('a child of a motif is that motif, its parent and its siblings are relatives', () => {
    const s = (shown: string, wanted: string): number | undefined =>
      likeness(seen(`torso TO-1·red·${shown}`, { features: [feature('motif', 'torso', wanted)] })).answers[0]?.s;
    expect(s('starred', 'badge')).toBe(1);
    expect(s('starred', 'star')).toBe(1);
    expect(s('belted', 'rope-belt')).toBe(0.6);
  });

  test('a missed must holds the score at 60 and is named', () => {
    const features = [
      feature('motif', 'face', 'glasses-round', 'must'),
      ...['a', 'b', 'c'].map(() => feature('colour', 'torso', 'red', 'must')),
    ];
    const { score, uncapped, missing } = likeness(seen('head HD-1·light·face, torso TO-1·red', { features }));
    expect(uncapped).toBe(75);
    expect(score).toBe(60);
    expect(missing.map((one) => one.target)).toEqual(['glasses-round']);
  });

  test('colour is full up to ΔE 2.3 and nothing from 30', () => {
    const wanting = (target: string) => ({ features: [feature('colour', 'neck', target)] });
    expect(likeness(seen('neck.1 CP-1·crimson', wanting('red'))).answers[0]?.s).toBe(1);
    expect(likeness(seen('neck.1 CP-1·crimson', wanting('black'))).answers[0]?.s).toBe(0);
  });

  test('a band round a hat does not make it black: a trim counts by its share against the first colour', () => {
    // 0.2 of a part in two colours is in the second, 0.8 in the first.
    const answer = (target: string) =>
      likeness(seen('headgear HT-1·brown·black', { features: [feature('colour', 'headgear', target)] })).answers[0];
    expect([answer('brown')?.s, answer('black')?.s]).toEqual([1, 0.25]);
    expect(answer('black')?.why).toContain('second colour only (0.25)');
  });

  test('shape is the share of words met, length by 1 − |Δ|/4', () => {
    // Knot is tied (1) and of length 3 where 1 is wanted (1 − 2/4).
    expect(likeness(seen('headgear HA-2·black', { features: [feature('shape', 'headgear', 'tied, length 1')] })).answers[0]?.s).toBe(0.75);
  });

  test('height loses a sixth for every millimetre', () => {
    const [answer] = likeness(
      seen('head HD-1·light·face, torso TO-1·red, hips LG-1·brown, neck.1 SC-1·red', { features: [feature('height', 'whole', 'youth')] }),
    ).answers;
    // 34.4 without the scarf, where 32.0 is wanted.
    expect(answer?.s).toBeCloseTo(1 - 2.4 / 6, 9);
  });

  test('absence is what presence is not', () => {
    const uncapped = (print: string, unwanted: string): number =>
      likeness(seen(`head HD-1·light·${print}`, { features: [feature('absence', 'face', unwanted)] })).uncapped;
    expect(uncapped('reader', 'glasses-round')).toBe(0);
    expect(uncapped('reader', 'glasses')).toBe(0);
    expect(uncapped('face', 'glasses-round')).toBe(100);
  });

  test('a relative of what is unwanted is something else: round glasses are no square ones', () => {
    const wish = { features: [feature('absence', 'face', 'glasses-square')] };
    expect(likeness(seen('head HD-1·light·reader', wish)).uncapped).toBe(100);
  });

  test('mood follows the face that is in front', () => {
    const calm = { features: [feature('expression', 'face', 'calm')] };
    expect(likeness(seen('head HD-1·light·two-faced', calm)).uncapped).toBe(100);
    expect(likeness(seen('head HD-1·light·two-faced!', calm)).uncapped).toBe(0);
  });

  test('a head used officially for the same person answers for identity', () => {
    const ann = { features: [feature('identity', 'face', 'Ann')] };
    expect(likeness(seen('head HD-1·light·reader', ann)).uncapped).toBe(100);
    expect(likeness(seen('head HD-1·light·face', ann)).score).toBe(0);
  });

  const WHOLE =
    'head HD-1·light·reader, torso TO-1·red, arm.L AR-1·red, arm.R AR-1·red, hand.L HN-1·light, hand.R HN-1·light, hips LG-1·brown';

  test('what lacks parts is held at 90, and a look without parts has no likeness', () => {
    const ann = { features: [feature('identity', 'face', 'Ann')] };
    expect(likeness(seen(WHOLE, ann))).toMatchObject({ score: 100, shown: 100 });
    expect(likeness(seen(WHOLE.replace(', hand.R HN-1·light', ''), ann))).toMatchObject({ score: 90, shown: 90, uncapped: 100 });
    expect(likeness(seen('', ann))).toMatchObject({ score: 0, shown: null });
  });

  test('without a wish there is no likeness, and nothing gains any', () => {
    const scores = [WHOLE, WHOLE.replace(', hand.R HN-1·light', ''), ''].map((parts) => likeness(seen(parts)));
    expect(new Set(scores.map(({ score }) => score)).size).toBe(1);
    expect(scores.map(({ shown }) => shown)).toEqual([null, null, null]);
  });

  test('areas that are not seen do not count', () => {
    expect(likeness(seen('torso TO-1·red', { features: [feature('motif', 'legs', 'jacket', 'must')], notSeen: ['legs'] }))).toMatchObject({
      uncapped: 100,
      answers: [],
      missing: [],
    });
  });
});
