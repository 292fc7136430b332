import { describe, expect, test } from '@jest/globals';
import { headSecondFace } from '../../../src/judging/checks/skin/headSecondFace.js';
import { seen, supplyOf } from '../../fixture.js';

describe('head.second-face', () => {
  test('a head with one face has nothing to hide', () => {
    expect(headSecondFace(seen('head HD-1·light·face'))).toEqual([]);
  });

  test('hair that leaves 30 % bare shows it and names what would cover it, owned first', () => {
    const [mark] = headSecondFace(
      seen('head HD-1·light·two-faced, headgear HA-1·brown', {}, supplyOf(['HA-3·brown'], { 'HA-2·brown': 10 })),
    );
    expect(mark?.sentence).toBe('The second face shows behind under Crop: 30 % of it is bare.');
    expect(mark?.proposals().map((remedy) => remedy.label)).toEqual([
      'Put on Fringe in brown, owned',
      'Put on Knot in brown',
      'Put on Long hair in black',
      'Put on Knot in black',
    ]);
  });

  test('hair over the whole back hides it', () => {
    expect(headSecondFace(seen('head HD-1·light·two-faced, headgear HA-2·brown'))).toEqual([]);
  });

  test('turning the head only changes which face is behind', () => {
    expect(headSecondFace(seen('head HD-1·light·two-faced!, headgear HA-1·brown'))).toHaveLength(1);
  });

  test('a bare head shows all of it', () => {
    expect(headSecondFace(seen('head HD-1·light·two-faced'))[0]?.sentence).toContain('on the bare head: 100 %');
  });
});
