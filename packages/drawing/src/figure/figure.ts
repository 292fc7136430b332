import {
  type Catalogue,
  fillingAt,
  type Look,
  type Mould,
  overallHeight,
  type Position,
  readShaping,
  type Shaping,
  type Variant,
  wornParts,
} from '@outfit/core';
import type { View } from '../shape/index.js';
import type { Point } from './anchors.js';
import { type Box, boxText } from './box.js';
import { drawLook, type DrawOptions, drawWorn } from './draw.js';
import { besideReach, joints, place } from './place.js';

/** Room for hair, hats and held things beside and above the body. */
const HALF_WIDTH = 112;
const HEADROOM = 12;
const FOOTROOM = 8;

/** The box of a look drawn at true scale; what is held may rise above the head. */
export function figureBox(look: Look, catalogue: Catalogue): Box {
  const worn = wornParts(look, catalogue);
  const hip = joints(worn).hip;
  const held = worn.filter((item) => item.part.position.startsWith('held.'));
  const reach = Math.max(0, ...held.map((item) => (item.mould.geometry.heightMm ?? 0) * 10 - hip + 8));
  const top = Math.max(overallHeight(worn).total * 10, reach, 360) + HEADROOM;
  const width = HALF_WIDTH + Math.max(HALF_WIDTH, besideReach(worn));
  return { x: -HALF_WIDTH, y: -top, width, height: top + FOOTROOM };
}

/** A whole SVG document of a look, for files. `pxPerMm` sets its nominal size. */
export function figureSvg(
  look: Look,
  catalogue: Catalogue,
  options: DrawOptions & { readonly pxPerMm: number; readonly title: string },
): string {
  const box = figureBox(look, catalogue);
  const { markup } = drawLook(look, catalogue, options);
  const title = options.title.replace(/[&<>]/g, (c) => `&#${c.charCodeAt(0)};`);
  const size = (tenths: number): number => Math.round((tenths / 10) * options.pxPerMm);
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${boxText(box)}" width="${size(box.width)}" height="${size(box.height)}" role="img"><title>${title}</title>${markup}</svg>\n`;
}

/** The frame that shows one part by itself, by the place it goes; in the part's own measures. */
const PART_FRAMES: readonly (readonly [match: (position: Position, mould: Mould) => boolean, box: Box])[] = [
  [(p, mould) => p === 'headgear' && (mould.shape.length ?? 0) >= 3, { x: -125, y: -160, width: 250, height: 250 }],
  [(p) => p === 'headgear.addon', { x: -50, y: -212, width: 180, height: 180 }],
  [(p, mould) => p === 'headgear' && (mould.geometry.riseMm ?? 0) > 5.9, { x: -120, y: -192, width: 240, height: 240 }],
  [(p) => p.startsWith('headgear'), { x: -108, y: -166, width: 216, height: 216 }],
  [(p, mould) => p === 'head' && mould.geometry.riseMm !== undefined, { x: -110, y: -166, width: 220, height: 192 }],
  [(p, mould) => p === 'head' && /snout|beak/.test(mould.shape.words.join(' ')), { x: -92, y: -132, width: 184, height: 164 }],
  [(p) => p === 'head', { x: -72, y: -118, width: 144, height: 144 }],
  [(p) => p === 'torso', { x: -76, y: -138, width: 152, height: 152 }],
  [(p) => p === 'waist', { x: -100, y: -70, width: 200, height: 200 }],
  [(p, mould) => p.startsWith('neck.') && mould.family === 'wings', { x: -184, y: -116, width: 368, height: 290 }],
  [(p, mould) => p.startsWith('neck.') && (mould.shape.length ?? 0) >= 4, { x: -150, y: -70, width: 300, height: 340 }],
  [(p) => p.startsWith('neck.'), { x: -136, y: -76, width: 272, height: 310 }],
  [(p) => p.startsWith('arm.'), { x: 5, y: -124, width: 112, height: 112 }],
  [(p) => p.startsWith('hand.') || p.startsWith('wrist.'), { x: 34, y: -46, width: 66, height: 66 }],
  [(p, mould) => p.startsWith('held.') && (mould.geometry.heightMm ?? 0) > 9.5, { x: -165, y: -246, width: 330, height: 330 }],
  [(p) => p.startsWith('held.'), { x: -95, y: -98, width: 190, height: 190 }],
  [(p) => p.startsWith('feet.'), { x: -56, y: -60, width: 122, height: 68 }],
  [(p) => p === 'beside', { x: -110, y: -134, width: 220, height: 150 }],
  [(p) => p === 'stand', { x: -110, y: -150, width: 220, height: 170 }],
  [(_, mould) => mould.shape.words.includes('hooves'), { x: -92, y: -170, width: 236, height: 186 }],
  [(p, mould) => (mould.geometry.heightMm ?? 0) > 15, { x: -105, y: -202, width: 210, height: 210 }],
  [() => true, { x: -100, y: -140, width: 200, height: 150 }],
];

/**
 * One variant by itself from one side, framed for a thumbnail; it need not be in the catalogue. Heads keep their neck post out of the
 * picture. The colour that is `lit`, by its index, is traced. `origin` is where the part's own measures begin.
 */
export function drawVariant(
  variant: Variant,
  position: Position,
  catalogue: Catalogue,
  idPrefix: string,
  view: View = 'front',
  lit: number | null = null,
): { markup: string; viewBox: string; origin: Point } {
  const mould = catalogue.mouldOf(variant);
  const part = { position, variant: variant.id, turned: false };
  const worn = { part, variant, mould, print: catalogue.printOf(variant), fills: fillingAt(mould, position) ?? [position] };
  const where = joints([worn]);
  const frame = PART_FRAMES.find(([match]) => match(position, mould))?.[1] ?? { x: -80, y: -145, width: 160, height: 160 };
  const { x, y, flip } = place(position, where, view);
  const box = { ...frame, x: x + (flip ? -(frame.x + frame.width) : frame.x), y: y + frame.y };
  const { markup } = drawWorn([worn], catalogue, {
    view,
    idPrefix,
    paleHead: position === 'headgear',
    ...(lit !== null && { lit: { spot: { position }, colour: lit } }),
  });
  return { markup, viewBox: boxText(box), origin: { x, y } };
}

/** Silhouettes that say little from the front: what they are is behind or beside. */
const TOLD_FROM: Readonly<Record<string, View>> = {
  'hair-low-knot': 'left',
  'hair-high-tail': 'left',
  'hair-low-tail': 'left',
  'hair-long-plait': 'left',
  'hair-half-tied': 'left',
  'hair-locks-tied': 'left',
  'cape-short': 'back',
  'cape-long': 'back',
  'cape-split': 'back',
  backpack: 'back',
  quiver: 'back',
  'deer-body': 'left',
  'waist-cape': 'back',
};

/** The side from which a mould is told apart best, for thumbnails. */
export const tellingView = (mould: Mould): View => TOLD_FROM[mould.silhouette] ?? toldFrom(readShaping(mould.silhouette));

/** The same of a shape told by its descriptors: capes from behind, hair that is tied behind from the side. */
function toldFrom(shaping: Shaping | null): View {
  if (shaping?.family === 'cape') return 'back';
  const { tied = '' } = shaping?.values ?? {};
  return ['tail', 'plait', 'low-knot', 'half'].includes(tied) ? 'left' : 'front';
}
