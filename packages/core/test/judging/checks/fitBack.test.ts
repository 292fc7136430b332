import { describe, expect, test } from '@jest/globals';
import { fitBack } from '../../../src/judging/checks/fit/fitBack.js';
import { P40, subject } from '../../../src/index.js';
import { BRIEF, CATALOGUE, lookOf, seen } from '../../fixture.js';

const HAIR = 'head HD-1·light·face, headgear HL-1·black';

describe('fit.back', () => {
  test('a backpack 5.0 deep leaves 1.2 clear and pushes long hair up by 3.8', () => {
    const [mark, more] = fitBack(seen(`${HAIR}, neck.1 BP-1·brown`));
    expect(mark?.sentence).toBe('Backpack pushes Long hair up behind by 3.8 mm.');
    expect(mark?.proposals()).toEqual([{ label: 'Take off Backpack', edits: [{ action: 'take off', position: 'neck.1' }] }]);
    expect(more).toBeUndefined();
  });

  test('hair that hangs nowhere is not pushed', () => {
    expect(fitBack(seen('headgear HA-1·black, neck.1 BP-1·brown'))).toEqual([]);
  });

  test('a cape that lies flat pushes nothing', () => {
    expect(fitBack(seen(`${HAIR}, neck.1 CP-1·crimson`))).toEqual([]);
  });

  test('at 0.5 mm it is seen, below it is not', () => {
    const look = lookOf(`${HAIR}, neck.1 BP-1·brown`);
    const at = (backClearanceMm: number) => fitBack(subject(look, BRIEF, CATALOGUE, { ...P40, backClearanceMm }));
    expect(at(4.5)).toHaveLength(1);
    expect(at(4.6)).toHaveLength(0);
  });
});
