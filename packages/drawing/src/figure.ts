import { overallHeight, wornParts, type Catalogue, type Look, type Position, type Variant } from '@outfit/core';
import { drawLook, type DrawOptions } from './draw.js';
import { joints } from './place.js';
import { HEAD_OUTLINE } from './silhouettes/body.js';

/** A box in tenths of a millimetre, as an SVG viewBox. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Room for hair, hats and held things beside and above the body. */
const HALF_WIDTH = 112;
const HEADROOM = 12;
const FOOTROOM = 8;

export const boxText = (box: Box): string => `${box.x} ${box.y} ${box.width} ${box.height}`;

/** The box of a look drawn at true scale; what is held may rise above the head. */
export function figureBox(look: Look, catalogue: Catalogue): Box {
  const worn = wornParts(look, catalogue);
  const hip = joints(worn).hip;
  const held = worn.filter((item) => item.part.position.startsWith('held.'));
  const reach = Math.max(0, ...held.map((item) => (item.mould.geometry.heightMm ?? 0) * 10 - hip + 8));
  const top = Math.max(overallHeight(worn).total * 10, reach, 360) + HEADROOM;
  return { x: -HALF_WIDTH, y: -top, width: HALF_WIDTH * 2, height: top + FOOTROOM };
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

/** The frame that shows one part by itself, by the place it goes. */
const PART_FRAMES: readonly (readonly [match: (position: Position) => boolean, box: Box])[] = [
  [(p) => p.startsWith('headgear'), { x: -108, y: -156, width: 216, height: 216 }],
  [(p) => p === 'head', { x: -64, y: -108, width: 128, height: 128 }],
  [(p) => p === 'torso', { x: -76, y: -138, width: 152, height: 152 }],
  [(p) => p === 'waist', { x: -70, y: -60, width: 140, height: 140 }],
  [(p) => p.startsWith('neck.'), { x: -130, y: -20, width: 260, height: 260 }],
  [(p) => p.startsWith('arm.'), { x: 5, y: -124, width: 112, height: 112 }],
  [(p) => p.startsWith('hand.') || p.startsWith('wrist.'), { x: 34, y: -38, width: 64, height: 64 }],
  [(p) => p.startsWith('held.'), { x: -190, y: -250, width: 380, height: 380 }],
  [(p) => p.startsWith('feet.'), { x: -10, y: -60, width: 84, height: 84 }],
  [() => true, { x: -80, y: -145, width: 160, height: 160 }],
];

/** The head a thumbnail of headgear sits on, so that it reads as hair and not as a shape. */
const GHOST = '#E3E7DF';

/** One variant by itself, framed for a thumbnail. Heads keep their neck post out of the picture. */
export function drawVariant(
  variant: Variant,
  position: Position,
  catalogue: Catalogue,
  idPrefix: string,
): { markup: string; viewBox: string } {
  const look: Look = { parts: [{ position, variant: variant.id, turned: false }], overrules: [] };
  const worn = wornParts(look, catalogue);
  const where = joints(worn);
  const frame = PART_FRAMES.find(([match]) => match(position))?.[1] ?? { x: -80, y: -145, width: 160, height: 160 };
  const base = position.startsWith('head')
    ? where.headBase
    : position.startsWith('neck.')
      ? where.neck
      : position.startsWith('feet.') || position === 'hips' || position === 'lower'
        ? 0
        : where.hip;
  const shift = position.startsWith('held.') ? 67 : 0;
  const flip = position.endsWith('.R');
  const x = flip ? -(frame.x + shift) - frame.width : frame.x + shift;
  const drawn = drawLook(look, catalogue, { view: 'front', idPrefix }).markup;
  const ghost = position === 'headgear' ? `<path transform="translate(0 ${base})" d="${HEAD_OUTLINE}" fill="${GHOST}"/>` : '';
  const markup = ghost + drawn;
  return { markup, viewBox: boxText({ ...frame, x, y: frame.y + base }) };
}
