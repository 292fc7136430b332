import type { ShapeFamily, Shaping } from '../shaping/index.js';
import { plainShapingOf } from '../shaping/index.js';

/** Outer sizes in mm, and mass in g, as far as a row tells them. */
export interface ForeignSize {
  readonly width?: number;
  readonly height?: number;
  readonly depth?: number;
  readonly massG?: number;
}

const TIMES: Readonly<Record<string, number>> = { mm: 1, cm: 10, m: 1000, g: 1, kg: 1000 };
const MOST = 500;

/**
 * A size as people write it: "12.6", "12,6 mm", "1.3 cm", "0.8 g". Undefined for what is none, or none of a toy part: a size nobody can
 * read is left out, and the part is taken without.
 *
 * @example sizeOf('1,3 cm') // 13
 */
export function sizeOf(text: string): number | undefined {
  const [, number, unit = 'mm'] = /^\s*(\d+(?:[.,]\d+)?)\s*(mm|cm|m|g|kg)?\s*$/i.exec(text) ?? [];
  if (number === undefined) return undefined;
  const value = Number(number.replace(',', '.')) * (TIMES[unit.toLowerCase()] ?? 1);
  return value > 0 && value <= MOST ? Math.round(value * 100) / 100 : undefined;
}

/** Usual outer sizes of the body's parts: width, height and depth in mm (anatomy, *Height*; widths and depths as they are drawn). */
const USUAL: readonly (readonly [
  ShapeFamily,
  readonly [width: number, height: number, depth: number],
  values?: Readonly<Record<string, string>>,
])[] = [
  ['head', [10.4, 8.8, 9.8]],
  ['torso', [11.4, 12.6, 6.4]],
  ['legs', [11.4, 13, 7]],
  ['legs', [11.4, 10.6, 7], { length: 'mid' }],
  ['legs', [11.4, 7.8, 7], { length: 'short' }],
  ['arm', [4.6, 10, 5]],
  ['hand', [3.2, 3.6, 3.2]],
  ['skirt', [15, 13, 10]],
];
/** No measure may be off by more than this share for a part to be told by its size alone. */
const TOLERANCE = 0.12;
/** What is so many times longer than it is wide and deep is held by one end. */
const SLENDER = 3.5;

/** What a part is by its sizes alone, where no word tells; null where they fit nothing, or fit two things alike. */
export function placeBySize({ width, height, depth }: ForeignSize): Shaping | null {
  if (width === undefined || height === undefined || depth === undefined) return null;
  const off = (is: number, usual: number): number => Math.abs(is - usual) / usual;
  const fitting = USUAL.map(([family, usual, values]) => ({
    shaping: { family, values: { ...plainShapingOf(family).values, ...values } },
    off: Math.max(off(width, usual[0]), off(height, usual[1]), off(depth, usual[2])),
  }))
    .filter((row) => row.off <= TOLERANCE)
    .sort((a, b) => a.off - b.off);
  const [best] = fitting;
  if (best) return best.shaping;
  return height > SLENDER * Math.max(width, depth) ? plainShapingOf('held') : null;
}
