import type { OutlinePath } from '@outfit/core';
import { type DrawnArea, OutlineRefused, readSvg } from './svg.js';

/** A part is made of so many plastics at most, and its outline has as many fills. */
const MOST_FILLS = 3;

const PAIRS = /(-?[\d.]+(?:e-?\d+)?),(-?[\d.]+(?:e-?\d+)?)/gi;

/**
 * A drawing as the outline of a part: paths in tenths of a millimetre, 100 mm tall at the most, its middle over x = 0 and its lowest point on y = 0, each in the
 * colour of the part that its fill stands for, counted in the order in which the fills first come.
 *
 * @param heightMm how tall the drawn thing is, in mm
 * @throws OutlineRefused with a sentence
 */
export function readOutline(svg: string, heightMm: number): readonly OutlinePath[] {
  const areas = readSvg(svg);
  const fills = [...new Set(areas.map((area) => area.fill))];
  if (fills.length > MOST_FILLS)
    throw new OutlineRefused(`The drawing has ${fills.length} colours; a part is made of ${MOST_FILLS} at most. Fill alike what is alike.`);
  const { left, right, top, bottom } = boxOf(areas);
  if (!(bottom - top > 0) || !(right - left > 0)) throw new OutlineRefused('The drawing is as thin as a line.');
  const scale = (heightMm * 10) / (bottom - top);
  const middle = (left + right) / 2;
  const laid = (d: string): string =>
    d.replace(PAIRS, (_, x: string, y: string) => `${tidy((Number(x) - middle) * scale)},${tidy((Number(y) - bottom) * scale)}`);
  return areas.map(({ d, fill }) => ({ d: laid(d), colour: fills.indexOf(fill) as OutlinePath['colour'] }));
}

const tidy = (n: number): number => Math.round(n * 10) / 10 + 0;

/** The box that all points of the paths lie in; curves stay within their control points. */
function boxOf(areas: readonly DrawnArea[]): { left: number; right: number; top: number; bottom: number } {
  const box = { left: Infinity, right: -Infinity, top: Infinity, bottom: -Infinity };
  for (const { d } of areas)
    for (const [, x, y] of d.matchAll(PAIRS)) {
      box.left = Math.min(box.left, Number(x));
      box.right = Math.max(box.right, Number(x));
      box.top = Math.min(box.top, Number(y));
      box.bottom = Math.max(box.bottom, Number(y));
    }
  return box;
}
