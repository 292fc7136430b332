import { describe, expect, test } from '@jest/globals';
import { measuresOf, type Mould, P40, plainShapingOf, type ShapeFamily } from '@outfit/core';
import { measureLines } from '@/features/catalogue/shapes/measureLines';

const mouldOf = (family: ShapeFamily): Mould => ({ ...measuresOf(plainShapingOf(family)), number: 'm' }) as unknown as Mould;
const linesOf = (family: ShapeFamily) => measureLines(mouldOf(family), P40, { x: 0, y: -256 });

describe('measures as lines on the drawing', () => {
  test('a hat rises over a head of 8.8 mm: its line for 3.8 mm lies 126 tenths above the head’s base', () => {
    const [rise] = linesOf('hat');
    expect(rise).toMatchObject({ measure: 'riseMm', view: 'front', across: true });
    expect(rise?.at(3.8)).toBeCloseTo(-256 - 88 - 38);
    expect(rise?.mm(-256 - 88 - 38)).toBe(3.8);
  });

  test('each family has the lines that say something about it', () => {
    const told = (family: ShapeFamily): readonly string[] => linesOf(family).map((line) => `${line.measure} ${line.view}`);
    expect(told('hair')).toEqual(['riseMm front', 'backDropMm back']);
    expect(told('cape')).toEqual(['collarRiseMm front', 'backDepthMm left']);
    expect(told('legs')).toEqual(['heightMm front']);
    expect(told('head')).toEqual(['heightMm front']);
    expect(told('held')).toEqual([]);
  });

  test('where a line lies and what it means are each other’s inverse, and never less than nothing', () => {
    for (const family of ['hair', 'cape', 'skirt', 'torso'] as const)
      for (const line of linesOf(family)) {
        for (const mm of [0, 0.1, 3.2, 19.2]) expect(line.mm(line.at(mm))).toBeCloseTo(mm, 6);
        expect(line.mm(line.at(-5))).toBe(0);
      }
  });
});
