import { describe, expect, test } from '@jest/globals';
import { printHidden } from '../../../src/judging/checks/print/printHidden.js';
import { feature, seen } from '../../fixture.js';

const must = { features: [feature('motif', 'torso', 'jacket', 'must')] };
const layers = (n: number): string => Array.from({ length: n }, (_, i) => `, neck.${i + 1} CP-1·crimson`).join('');

describe('print.hidden', () => {
  test('a jacket in full sight is fine', () => {
    expect(printHidden(seen('torso TO-1·red·jacket', must))).toEqual([]);
  });

  test('one cape hides half the collar: 75 % of collar and chest is left, which is enough', () => {
    expect(printHidden(seen(`torso TO-1·red·jacket${layers(1)}`, must))).toEqual([]);
  });

  test('on the bare back it is in sight; a face that looks away is not, and turning mends it', () => {
    expect(printHidden(seen('torso TO-1·red·jacket!', must))).toEqual([]);
    const [mark] = printHidden(seen('head HD-1·light·reader!', { features: [feature('motif', 'face', 'glasses-round', 'must')] }));
    expect(mark?.sentence).toBe('glasses-round is a must, and only 0 % of round glasses is in sight.');
    expect(mark?.proposals()).toEqual([{ label: 'Turn the head round', edits: [{ action: 'turn', position: 'head' }] }]);
  });

  test('the border is one half: brows under a fringe show, a mouth does not mind', () => {
    const brows = { features: [feature('motif', 'face', 'brows', 'must')] };
    const mouth = { features: [feature('motif', 'face', 'mouth-smile', 'must')] };
    expect(printHidden(seen('head HD-1·light·face, headgear HA-3·brown', brows))[0]?.proposals()[0]?.label).toBe('Take off Fringe');
    expect(printHidden(seen('head HD-1·light·face, headgear HA-3·brown', mouth))).toEqual([]);
  });

  test('only musts are guarded', () => {
    expect(printHidden(seen('torso TO-1·red·jacket!', { features: [feature('motif', 'torso', 'jacket', 'want')] }))).toEqual([]);
  });
});
