import { entryAt } from '../kernel/index.js';
import type { Lab65, Rgb } from 'culori/fn';
import { labDifference, labOf } from './colour.js';
import { toLab } from './spaces.js';

/** Pixels of a picture, four bytes each: red, green, blue, opacity. */
export interface Raster {
  readonly width: number;
  readonly height: number;
  readonly data: ArrayLike<number>;
}

/** A sampled disc: its mean colour, and how far its pixels stray from it (root mean square ΔE). */
export interface Patch {
  readonly hex: string;
  readonly spread: number;
  readonly pixels: number;
  /** Spread over ΔE 15: what was sampled is not one colour. */
  readonly mixed: boolean;
}

const MIXED_ABOVE = 15;
const LEAST_OPACITY = 128;
/** Beyond this many pixels the disc is sampled on a grid: the mean does not change, and the hand does not wait. */
const MOST_PIXELS = 4000;

/** sRGB transfer function and its inverse (IEC 61966-2-1). */
const linear = (byte: number): number => {
  const c = byte / 255;
  return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
};
const encode = (light: number): number => (light <= 0.0031308 ? light * 12.92 : 1.055 * light ** (1 / 2.4) - 0.055);

const hexOf = (rgb: readonly number[]): string =>
  `#${rgb
    .map((c) =>
      Math.round(Math.min(1, Math.max(0, c)) * 255)
        .toString(16)
        .padStart(2, '0'),
    )
    .join('')}`.toUpperCase();

/**
 * Averages a disc of a picture in linear light, as the eye does when it steps back: averaging encoded bytes would come out too dark.
 * Pixels under half opacity are left out; null when none is left. `x`, `y` and `radius` in pixels of the picture, from its top left.
 *
 * For example: black and white half and half give #BCBCBC, not #808080.
 */
export function samplePatch(raster: Raster, x: number, y: number, radius: number): Patch | null {
  const step = Math.max(1, Math.ceil(Math.sqrt((Math.PI * radius * radius) / MOST_PIXELS)));
  const found: number[][] = [];
  const [top, bottom] = [Math.max(0, Math.ceil(y - radius)), Math.min(raster.height - 1, Math.floor(y + radius))];
  for (let row = top; row <= bottom; row += step)
    for (let column = Math.max(0, Math.ceil(x - radius)); column <= Math.min(raster.width - 1, Math.floor(x + radius)); column += step) {
      if ((column - x) ** 2 + (row - y) ** 2 > radius * radius) continue;
      const at = (row * raster.width + column) * 4;
      if ((raster.data[at + 3] ?? 0) < LEAST_OPACITY) continue;
      found.push([raster.data[at] ?? 0, raster.data[at + 1] ?? 0, raster.data[at + 2] ?? 0]);
    }
  if (found.length === 0) return null;
  const mean = [0, 1, 2].map((i) => encode(found.reduce((all, pixel) => all + linear(entryAt(pixel, i)), 0) / found.length));
  const hex = hexOf(mean);
  const centre = labOf(hex);
  const labs = new Map<number, Lab65>();
  const squares = found.reduce((all, [r = 0, g = 0, b = 0]) => {
    const key = (r << 16) | (g << 8) | b;
    let lab = labs.get(key);
    if (!lab) labs.set(key, (lab = toLab({ mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 } satisfies Rgb)));
    return all + labDifference(centre, lab) ** 2;
  }, 0);
  const spread = Math.sqrt(squares / found.length);
  return { hex, spread, pixels: found.length, mixed: spread > MIXED_ABOVE };
}
