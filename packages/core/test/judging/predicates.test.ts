import { describe, expect, test } from '@jest/globals';
import { briefFaults, likeness, readPredicate } from '../../src/index.js';
import { moodAnswer } from '../../src/catalogue/index.js';
import { BRIEF, CATALOGUE, feature, seen } from '../fixture.js';

const answer = (look: string, kind: 'any with' | 'words', area: 'face' | 'headgear' | 'torso', target: string) =>
  likeness(seen(look, { features: [feature(kind, area, target)] })).answers[0];

describe('any part with …', () => {
  test('a sentence is read clause by clause', () => {
    expect(readPredicate('any head with black brows and a calm face', CATALOGUE)).toEqual({
      conditions: [
        { kind: 'motif', motif: 'brows', colour: 'black', text: 'black brows' },
        { kind: 'mood', mood: 'calm', text: 'calm' },
      ],
      unknown: [],
    });
  });

  test('families, shapes, plain colours and what nobody knows', () => {
    const { conditions, unknown } = readPredicate('glasses, tied, dark, purple monkeys', CATALOGUE);
    expect(conditions.map((condition) => condition.kind)).toEqual(['motif', 'shape', 'colour']);
    expect(unknown).toEqual(['purple monkeys']);
  });

  test('one part must have all of it: black brows but a glad mood answer as far as the mood does', () => {
    const met = answer('head HD-1·light·reader', 'any with', 'face', 'black brows and calm');
    expect(met?.s).toBeCloseTo(moodAnswer('calm', 'glad'), 9);
    expect(answer('head HD-1·light·face', 'any with', 'face', 'black brows and calm')?.s).toBe(1);
    expect(answer('headgear HA-2·black', 'any with', 'headgear', 'loose and brown')?.s).toBe(0);
  });

  test('a member of a family is the family', () => {
    expect(answer('head HD-1·light·reader', 'any with', 'face', 'glasses')?.s).toBe(1);
  });

  test('a brief that asks for nothing known is told so', () => {
    const fault = (target: string) => briefFaults({ ...BRIEF, features: [feature('any with', 'face', target)] }, CATALOGUE)[0]?.sentence;
    expect(fault('purple monkeys')).toBe('“purple monkeys” names no motif, mood, shape or colour.');
    expect(fault('any head')).toMatch(/Say what the part must have/);
    expect(fault('calm')).toBeUndefined();
  });
});

describe('free words', () => {
  test('answer by the share of them a part is known by', () => {
    expect(answer('headgear HA-2·black', 'words', 'headgear', 'black knot')?.s).toBe(1);
    expect(answer('headgear HA-2·black', 'words', 'headgear', 'knot for sailors, tied')?.s).toBe(0.5);
    expect(answer('headgear HA-2·black', 'words', 'headgear', 'knot for sailors, tied')?.why).toBe('Knot is known by knot, tied');
    expect(answer('headgear HA-2·black', 'words', 'headgear', 'parasol')?.s).toBe(0);
  });
});
