import type { Mould, System } from '@outfit/core';
import type { Point, View } from '@outfit/drawing';
import type { Measure } from './draft';

/** A measure as a line on the drawing, seen from the side that shows it. */
export interface MeasureLine {
  readonly measure: Measure;
  readonly view: View;
  readonly across: boolean;
  /** Where the line lies for so many mm, and how many mm it means there; in tenths of a mm on the drawing. */
  at(mm: number): number;
  mm(at: number): number;
}

const TENTHS = 10;

/**
 * The measures of a mould that lie on its drawing as lines: how far headgear rises over the head and hangs behind, how high a collar
 * stands, how far something stands off the back, how tall a body part is. `origin` is where the part's own measures begin.
 */
export function measureLines(mould: Mould, system: System, origin: Point): readonly MeasureLine[] {
  const positions = new Set(mould.fills.flat());
  const line = (measure: Measure, view: View, across: boolean, zero: number, sign: 1 | -1): MeasureLine => ({
    measure,
    view,
    across,
    at: (mm) => zero + sign * mm * TENTHS,
    mm: (at) => Math.min(500, Math.max(0, Math.round((at - zero) * sign) / TENTHS)),
  });
  const isWornOnHead = positions.has('headgear');
  const isNeck = positions.has('neck.1') && !isWornOnHead;
  const isStanding = (['torso', 'lower', 'hips', 'beside'] as const).some((place) => positions.has(place)) || mould.family === 'head';
  return [
    ...(isWornOnHead ? [line('riseMm', 'front', true, origin.y - system.headMm * TENTHS, -1)] : []),
    ...(isWornOnHead && mould.family !== 'head' ? [line('backDropMm', 'back', true, origin.y, 1)] : []),
    ...(isNeck ? [line('collarRiseMm', 'front', true, origin.y, -1)] : []),
    ...(isNeck ? [line('backDepthMm', 'left', false, origin.x + system.halfDepthMm * TENTHS, 1)] : []),
    ...(isStanding && !isWornOnHead ? [line('heightMm', 'front', true, origin.y, -1)] : []),
  ];
}
