import { describe, expect, test } from '@jest/globals';
import { printBelt } from '../../../src/judging/checks/print/printBelt.js';
import { Catalogue } from '../../../src/index.js';
import { DATA, seen } from '../../fixture.js';

describe('print.belt', () => {
  test('one belt is a belt', () => {
    expect(printBelt(seen('torso TO-1·red·belted, hips LG-1·brown'))).toEqual([]);
    expect(printBelt(seen('torso TO-1·red, waist WS-1·brown'))).toEqual([]);
  });

  test('a printed belt under a leather one is two', () => {
    const [mark] = printBelt(seen('torso TO-1·red·belted, waist WS-1·brown'));
    expect(mark?.sentence).toBe('2 belts, one on the other: printed belt on Torso and Leather belt.');
    expect(mark?.proposals().map((remedy) => remedy.label)).toContain('Take off Leather belt');
  });

  test('a rope on the hips makes three', () => {
    expect(printBelt(seen('torso TO-1·red·belted, waist WS-1·brown, hips LG-1·brown·hip-belt'))[0]?.sentence).toMatch(/^3 belts/);
  });

  test('a belt that is covered is not counted: 30 % in sight counts, 29 % does not', () => {
    const covering = (share: number): Catalogue =>
      new Catalogue({
        ...DATA,
        moulds: DATA.moulds.map((mould) =>
          mould.number === 'CP-3' ? { ...mould, geometry: { ...mould.geometry, covers: { 'torso.front.hem': share } } } : mould,
        ),
      });
    const look = 'torso TO-1·red·belted, waist WS-1·brown, neck.1 CP-3·blue';
    expect(printBelt(seen(look, {}, undefined, {}, covering(0.7)))).toHaveLength(1);
    expect(printBelt(seen(look, {}, undefined, {}, covering(0.71)))).toHaveLength(0);
  });

  test('on a turned torso the belt is behind', () => {
    expect(printBelt(seen('torso TO-1·red·belted!, waist WS-1·brown'))).toEqual([]);
  });
});
