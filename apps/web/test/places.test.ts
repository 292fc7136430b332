import { describe, expect, test } from '@jest/globals';
import { applyEdits, Catalogue, P40, wornParts, type Look, type LookEdit, type Position, type System } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import { joints, VIEWS } from '@outfit/drawing';
import { otherSpots, placeLabels } from '@/features/fitting/paper/labels';
import { isAt, readSpot, writeSpot } from '@/features/fitting/spots';

const world = demoWorld();
const catalogue = new Catalogue(world.catalogue);
const looks: readonly Look[] = world.lineUps.flatMap((lineUp) =>
  lineUp.figures.flatMap((figure) => figure.looks.map((look) => ({ parts: look.parts, overrules: [] }))),
);
const firstOf = (mould: string): string => catalogue.variantsOf(mould)[0]?.id ?? '';
const EMPTY: Look = { parts: [], overrules: [] };
const on = (look: Look, ...parts: readonly (readonly [position: Position, variant: string, place?: number])[]): Look =>
  applyEdits(
    look,
    parts.map(([position, variant, place]): LookEdit => ({ action: 'put on', position, variant, ...(place ? { place } : {}) })),
    catalogue,
  );
const labelsOf = (look: Look, view: (typeof VIEWS)[number] = 'front', system: System = P40) =>
  placeLabels(look, catalogue, system, joints(wornParts(look, catalogue)), view);

describe('spots in the address', () => {
  test('a position, and the place in a stack', () => {
    expect(readSpot('held.L~1')).toEqual({ position: 'held.L', place: 1 });
    expect(writeSpot({ position: 'held.L', place: 1 })).toBe('held.L~1');
    expect(readSpot('torso')).toEqual({ position: 'torso' });
  });

  test('what is no spot is the hair; a torso has no second place', () => {
    expect(readSpot('tail')).toEqual({ position: 'headgear' });
    expect(readSpot('torso~3')).toEqual({ position: 'torso' });
    expect(readSpot('held.L~-2')).toEqual({ position: 'held.L' });
  });

  test('a part is at its spot', () => {
    expect(isAt({ position: 'beside', variant: 'x', turned: false, place: 1 }, { position: 'beside', place: 1 })).toBe(true);
    expect(isAt({ position: 'beside', variant: 'x', turned: false }, { position: 'beside', place: 1 })).toBe(false);
  });
});

describe('names around the figure', () => {
  test('none covers another, in any look from any side', () => {
    for (const look of looks)
      for (const view of VIEWS)
        for (const side of ['left', 'right'] as const) {
          const ys = labelsOf(look, view)
            .filter((label) => label.side === side)
            .map((label) => label.y)
            .sort((a, b) => a - b);
          for (const [i, y] of ys.entries()) if (i > 0) expect(y - (ys[i - 1] ?? 0)).toBeGreaterThanOrEqual(23.999);
        }
  });

  test('every part that is worn has a name', () => {
    for (const look of looks) {
      const named = new Set(labelsOf(look).map((label) => label.key));
      for (const part of look.parts) expect(named.has(part.position === 'lower' ? 'hips' : part.position)).toBe(true);
    }
  });

  test('an empty figure names the body; seldom used places wait under More places', () => {
    expect(labelsOf(EMPTY).map((label) => label.text)).toEqual(expect.arrayContaining(['Headgear', 'Head', 'Neck 1', 'Torso', 'Legs']));
    expect(otherSpots(EMPTY, catalogue, P40).map(({ text }) => text)).toEqual(
      expect.arrayContaining(['Left wrist', 'Beside', 'Stand', 'Built of']),
    );
  });

  test('what a figure of another toy line has no place for is not named', () => {
    const peg: System = { ...P40, id: 'peg', positions: ['headgear', 'head', 'torso', 'lower', 'held.L', 'held.R'], needs: ['head'] };
    expect(
      labelsOf(EMPTY, 'front', peg)
        .map((label) => label.key)
        .sort(),
    ).toEqual(['head', 'headgear', 'held.L', 'held.R', 'hips', 'torso']);
    expect(otherSpots(EMPTY, catalogue, peg)).toEqual([]);
  });

  test('a stack names each of its parts, and offers one more', () => {
    const look = on(EMPTY, ['beside', firstOf('BS-961')]);
    expect(labelsOf(look).map((label) => label.key)).toContain('beside');
    expect(otherSpots(look, catalogue, P40).map(({ text }) => text)).toContain('Beside, one more');
  });

  test('single legs have names of their own once the hips are single', () => {
    const hips = firstOf('LG-712');
    const leg = firstOf('LG-718');
    const look = on(EMPTY, ['hips', hips], ['leg.L', leg]);
    expect(
      labelsOf(look)
        .filter((label) => label.worn)
        .map((label) => label.key)
        .sort(),
    ).toEqual(['hips', 'leg.L']);
    expect(otherSpots(look, catalogue, P40).map(({ text }) => text)).toContain('Right leg');
  });

  test('a built figure has no positions but its elements', () => {
    const crate = firstOf('BS-971');
    const look = on(EMPTY, ['built', crate], ['built', crate, 1]);
    expect(
      labelsOf(look)
        .map((label) => label.key)
        .sort(),
    ).toEqual(['built', 'built~1']);
  });
});
