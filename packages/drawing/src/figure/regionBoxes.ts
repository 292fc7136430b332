import type { Region } from '@outfit/core';
import type { View } from '../shape/index.js';
import type { Box } from './box.js';
import type { Joints } from './place.js';

/** Where a region of the body's surface lies in the picture, in tenths of a mm, and the view that shows it squarely. */
export interface RegionBox {
  readonly region: Region;
  readonly view: View;
  readonly box: Box;
}

const FACE: readonly (readonly [zone: 'brow' | 'eyes' | 'mouth' | 'chin', top: number, bottom: number])[] = [
  ['brow', -68, -52],
  ['eyes', -52, -34],
  ['mouth', -28, -14],
  ['chin', -12, -1],
];
const TORSO: readonly (readonly [zone: 'collar' | 'chest' | 'belly' | 'hem', top: number, bottom: number])[] = [
  ['collar', -126, -98],
  ['chest', -98, -62],
  ['belly', -62, -26],
  ['hem', -26, 0],
];
/** Shares of the leg's height above the ground, from its top. */
const LEG: readonly (readonly [zone: 'hip' | 'thigh' | 'shin' | 'foot', from: number, to: number])[] = [
  ['hip', 0.95, 0.8],
  ['thigh', 0.8, 0.52],
  ['shin', 0.52, 0.17],
  ['foot', 0.17, 0],
];

/**
 * Boxes of all regions that have an area of their own. Pixels of other parts inside a box do not count: whoever
 * measures asks only for those of the part the region belongs to.
 */
export function regionBoxes({ hip, headBase, ground }: Joints): readonly RegionBox[] {
  const boxes: RegionBox[] = [];
  const add = (region: Region, view: View, halfWidth: number, top: number, bottom: number): void => {
    boxes.push({ region, view, box: { x: -halfWidth, y: top, width: halfWidth * 2, height: bottom - top } });
  };
  for (const [zone, top, bottom] of FACE) add(`head.front.${zone}`, 'front', 30, headBase + top, headBase + bottom);
  add('head.back', 'back', 50, headBase - 86, headBase);
  add('head.side', 'left', 44, headBase - 86, headBase);
  for (const [zone, top, bottom] of TORSO) {
    add(`torso.front.${zone}`, 'front', 46, hip + top, hip + bottom);
    add(`torso.back.${zone}`, 'back', 46, hip + top, hip + bottom);
  }
  const leg = (share: number): number => ground + (hip - ground) * share;
  for (const [zone, from, to] of LEG) {
    for (const view of ['front', 'back'] as const)
      add(zone === 'hip' ? `hip.${view}` : `leg.${view}.${zone}`, view, 48, leg(from), leg(to));
    if (zone !== 'hip') add(`leg.side.${zone}`, 'left', 24, leg(from), leg(to));
  }
  return boxes;
}
