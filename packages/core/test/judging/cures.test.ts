import { describe, expect, test } from '@jest/globals';
import { applyEdits, type Look } from '../../src/index.js';
import { cures } from '../../src/judging/cures.js';
import { CATALOGUE, lookOf, seen } from '../fixture.js';

const BODY = 'head HD-1·light·face, torso TO-1·red, arm.L AR-1·red, arm.R AR-1·red, hand.L HN-1·light, hand.R HN-1·light, hips LG-1·brown';
const wears = (look: Look, variant: string): boolean => look.parts.some((part) => part.variant === variant);
const curedBy = (isLeft: (look: Look) => boolean) => cures(seen(BODY), isLeft);

describe('cures of several parts', () => {
  test('both arms are changed for one that nobody proposed: a pair that is worn alike is one choice', () => {
    const found = curedBy((look) => wears(look, 'AR-1·red'));
    expect(found.map(({ label }) => label)).toEqual(['Put on Arm in light']);
    expect(found[0]?.edits.map((edit) => 'position' in edit && edit.position)).toEqual(['arm.L', 'arm.R']);
  });

  test('two parts go together where either alone leaves it, and no third is touched', () => {
    // As long as there is the light head or a light hand it is there: "the face and hands belong to another school".
    const isLeft = (look: Look): boolean => wears(look, 'HN-1·light') || look.parts.some(({ variant }) => variant.startsWith('HD-1·light'));
    const found = curedBy(isLeft);
    expect(found.map(({ label }) => label)).toContain('Put on Head in dark, smile; Hand in dark');
    for (const { edits } of found) {
      expect(edits.map((edit) => 'position' in edit && edit.position)).toEqual(['head', 'hand.L', 'hand.R']);
      expect(isLeft(applyEdits(lookOf(BODY), edits, CATALOGUE))).toBe(false);
    }
  });

  test('there is none where no three parts are to blame, nor where nothing made would do', () => {
    expect(curedBy(() => true)).toEqual([]);
    expect(curedBy((look) => look.parts.some(({ position }) => position === 'torso'))).toEqual([]);
  });
});
