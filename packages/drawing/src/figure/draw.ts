import {
  type Catalogue,
  claims,
  type Look,
  placeOf,
  type Position,
  type Print,
  regionAt,
  type Spot,
  spotOf,
  type Worn,
  wornParts,
} from '@outfit/core';
import { artOf } from '../families/index.js';
import { motifShapes, type Surface } from '../motifs/index.js';
import { type Fill, INK, lineOn, type Shape, type Silhouette, type View, Z } from '../shape/index.js';
import { ghosts, paleHead } from './ghosts.js';
import type { Layer } from './layer.js';
import { joints, type Joints, place, type Placing, stackOn } from './place.js';

export interface DrawOptions {
  readonly view: View;
  /** Makes clip names unique when several figures stand on one page. */
  readonly idPrefix: string;
  /** Positions drawn with a tacking line: imagined parts. */
  readonly tacked?: ReadonlySet<Position>;
  /** Spots whose part is not there: its outline alone, in tacking line. */
  readonly holes?: ReadonlySet<string>;
  /** Spots whose part is not drawn, though the rest stands as if it were there. */
  readonly absent?: ReadonlySet<string>;
  /** Spots whose part is held away from where it belongs, by so much, over everything else. */
  readonly apart?: ReadonlyMap<string, { readonly x: number; readonly y: number }>;
  /** Draws the body's missing parts as ghosts. */
  readonly ghosted?: boolean;
  /** Draws a pale head for headgear that is shown by itself, so that it reads as hair and not as a shape. */
  readonly paleHead?: boolean;
  /** One colour of one part, traced with a bright line so that it is seen which it is. */
  readonly lit?: Lit | undefined;
}

/** A colour of a part by its index into the variant's colours. */
export interface Lit {
  readonly spot: Spot;
  readonly colour: number;
}

/** A drawn figure: SVG markup in tenths of a millimetre, standing on y = 0, and the box it fills. */
export interface Drawing {
  readonly markup: string;
  readonly joints: Joints;
}

const OUTER = 2.2;
const INNER = 1.3;
/** The line round what is lit: lagoon on white, so that it stands out from every colour. */
const LIT_LINE = '#176874';
/** The tacking line round what is not there. */
const HOLE_LINE = '#68707B';
/** What is held away is over the figure, and under what is lit. */
const APART_Z = 500;
/** What is lit is traced over everything else. */
const LIT_Z = 1000;
/** The standard leg the leg prints are written for, in tenths of a mm. */
const LEG_PRINT_HEIGHT = 130;

const escapeAttribute = (text: string): string =>
  text.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c] ?? c);
const tidy = (n: number): string => String(Math.round(n * 100) / 100);

/** Draws a look as SVG markup. Pure: the same picture on screen, in an export and in a test. */
export const drawLook = (look: Look, catalogue: Catalogue, options: DrawOptions): Drawing =>
  drawWorn(wornParts(look, catalogue), catalogue, options);

/** Draws parts as they are worn; they need not be in the catalogue, only their moulds, prints and colours. */
export function drawWorn(worn: readonly Worn[], catalogue: Catalogue, options: DrawOptions): Drawing {
  const where = joints(worn);
  const layers: Layer[] = [];
  const clips: string[] = [];
  worn.forEach((item, order) => {
    if (options.absent?.has(spotOf(item.part))) return;
    const drawn = drawPart(item, worn, catalogue, where, options, order);
    layers.push(...drawn.layers);
    clips.push(...drawn.clips);
  });
  const isBuilt = worn.length > 0 && worn.every((item) => item.part.position === 'built');
  if (options.ghosted && !isBuilt) layers.push(...ghosts(new Set(claims(worn).keys()), where, options.view));
  if (options.paleHead) layers.push(paleHead(where, options.view));
  layers.sort((a, b) => a.z - b.z || a.order - b.order);
  const defs = clips.length > 0 ? `<defs>${clips.join('')}</defs>` : '';
  return { markup: defs + group(layers), joints: where };
}

/** Neighbouring layers of one part share a group, so that the figure itself can be clicked. */
function group(layers: readonly Layer[]): string {
  let markup = '';
  let open: Position | null = null;
  for (const layer of layers) {
    if (layer.position !== open) {
      markup += `${open === null ? '' : '</g>'}${layer.position === null ? '' : `<g data-position="${layer.position}">`}`;
      open = layer.position;
    }
    markup += layer.markup;
  }
  return open === null ? markup : `${markup}</g>`;
}

function drawPart(
  item: Worn,
  worn: readonly Worn[],
  catalogue: Catalogue,
  where: Joints,
  options: DrawOptions,
  order: number,
): { layers: Layer[]; clips: string[] } {
  const { position } = item.part;
  const art = artOf(item.mould);
  if (!art) return { layers: [], clips: [] };
  const away = options.apart?.get(spotOf(item.part)) ?? null;
  const placing = heldAway(stackOn(item, worn, place(position, where, options.view)), away);
  const transform = `translate(${tidy(placing.x)} ${tidy(placing.y)})${placing.flip ? ' scale(-1 1)' : ''}`;
  const colours = item.variant.colours.map((id) => catalogue.colour(id));
  const isClear = colours[0]?.finish === 'clear';
  const tacked = options.tacked?.has(position) ?? false;
  const wrap = (z: number, inner: string): Layer => ({
    z: z + placing.depth,
    order: position.startsWith('neck.') ? Number(position.slice(5)) : order + placeOf(item.part) / 100,
    position,
    markup: `<g transform="${transform}"${isClear ? ' opacity="0.8"' : ''}>${inner}</g>`,
  });
  const palette = colours.map((colour) => colour.hex);
  const clipId = escapeAttribute(`${options.idPrefix}-${spotOf(item.part).replace(/[.~]/g, '')}`);
  const { shapes, outline } = shapesFrom(art, options.view);
  const clipped = (inner: string): string => (outline ? `<g clip-path="url(#${clipId})">${inner}</g>` : inner);
  const ground = tidy(away === null ? -placing.y : away.y - placing.y);
  if (options.holes?.has(spotOf(item.part)))
    return {
      layers: shapes
        .filter((shape) => shape.line === 'outer')
        .map((shape) => wrap(shape.z ?? Z.torso, tackedRound({ ...shape, d: shape.d.replaceAll('{ground}', ground) }))),
      clips: [],
    };
  const layers = shapes.map((shape) => {
    const painted = paint({ ...shape, d: shape.d.replaceAll('{ground}', ground) }, 'c', palette, tacked);
    return wrap(shape.z ?? Z.torso, shape.fill === 'shade' ? clipped(painted) : painted);
  });
  const lit = options.lit && spotOf(item.part) === spotOf(options.lit.spot) ? options.lit.colour : null;
  if (lit !== null)
    layers.push(
      ...shapes
        .filter((shape) => shape.fill === `c${lit}`)
        .map((shape) => wrap(LIT_Z, trace(shape.d.replaceAll('{ground}', ground), shape))),
    );
  const { print } = item;
  const printed = print && placing.surface ? printMarkup(print, item, placing.surface, catalogue, options.view) : '';
  if (printed !== '' && outline) layers.push(wrap(printZ(placing), clipped(printed)));
  return { layers, clips: outline ? [`<clipPath id="${clipId}"><path d="${outline}"/></clipPath>`] : [] };
}

/** Where a part is drawn that is held away from its place: nearer than everything else. */
const heldAway = (placing: Placing, away: { readonly x: number; readonly y: number } | null): Placing =>
  away === null ? placing : { ...placing, x: placing.x + away.x, y: placing.y + away.y, depth: placing.depth + APART_Z };

/** The shapes of a silhouette from one side, and the outline that clips its print there. */
function shapesFrom(art: Silhouette, view: View): { shapes: readonly Shape[]; outline: string | undefined } {
  if (view === 'front' || view === 'back') return { shapes: art[view], outline: art.outline };
  const side = art.side ?? art.front;
  return { shapes: view === 'right' ? (art.rightSide ?? side) : side, outline: art.sideOutline };
}

/** Prints lie on their surface and under its flat shade and outline. */
const printZ = (placing: Placing): number =>
  placing.surface === 'head'
    ? Z.head + 1
    : placing.surface === 'torso'
      ? Z.torso + 1
      : placing.surface === 'arm'
        ? Z.arms + 1
        : Z.legs + 3.5;

/**
 * The print of one part as a view shows it. From the side the near half of the front lies on the front edge and the
 * near half of the back on the back edge, both drawn narrower (see `turnedAway`).
 */
function printMarkup(print: Print, item: Worn, surface: Surface, catalogue: Catalogue, view: View): string {
  const { position, turned } = item.part;
  const sideways = view === 'left' || view === 'right';
  let markup = '';
  for (const motif of print.motifs) {
    const faces = new Set(
      motif.zones
        .map((zone) => regionAt(position, motif.face, zone, turned))
        .flatMap((region) => (region === null ? [] : [viewOf(region)])),
    );
    const onBack = faces.has('back') && !faces.has('front');
    if (surface !== 'arm' && !sideways && !faces.has(view) && !faces.has('side')) continue;
    const palette = motif.colours.map((id) => catalogue.colour(id).hex);
    const drawn = motifShapes(motif.motif, surface, motif.face)
      .map((shape) => paint(shape, 'm', palette, false))
      .join('');
    markup += sideways && surface !== 'arm' ? turnedAway(drawn, surface, onBack, view) : drawn;
  }
  if (surface === 'arm' && sideways && markup !== '') return `<g transform="translate(2 0) scale(1.04 1)">${markup}</g>`;
  if (surface !== 'legs' || markup === '') return markup;
  const height = (item.mould.geometry.heightMm ?? 13) * 10;
  return height === LEG_PRINT_HEIGHT ? markup : `<g transform="scale(1 ${tidy(height / LEG_PRINT_HEIGHT)})">${markup}</g>`;
}

const viewOf = (region: string): 'front' | 'back' | 'side' =>
  region.includes('back') ? 'back' : region.includes('side') ? 'side' : 'front';

/** Half the depth of each surface seen from the side, and how much narrower its print is drawn there. */
const SIDEWAYS: Readonly<Record<Exclude<Surface, 'arm'>, { readonly edge: number; readonly narrow: number }>> = {
  head: { edge: 47, narrow: 0.66 },
  torso: { edge: 29, narrow: 0.48 },
  legs: { edge: 29, narrow: 0.5 },
};

/** Motifs of the front or back, laid on the edge that faces the same way; the figure faces left, its mirror right. */
function turnedAway(markup: string, surface: Exclude<Surface, 'arm'>, onBack: boolean, view: 'left' | 'right'): string {
  const { edge, narrow } = SIDEWAYS[surface];
  return `<g transform="translate(${onBack ? edge : -edge} 0) scale(${view === 'left' ? narrow : -narrow} 1)">${markup}</g>`;
}

/** One shape as SVG. `slot` says which of `c0…` or `m0…` the palette answers. */
function paint(shape: Shape, slot: 'c' | 'm', palette: readonly string[], tacked: boolean): string {
  const fill = colourOf(shape.fill, slot, palette);
  const attributes: string[] = [];
  if (shape.line === 'stroke')
    attributes.push('fill="none"', `stroke="${shape.fill === 'light' ? '#fff' : fill}"`, `stroke-width="${shape.width ?? INNER}"`);
  else {
    attributes.push(`fill="${fill}"`);
    if (shape.line === 'outer') attributes.push(`stroke="${INK}"`, `stroke-width="${OUTER}"`);
    if (shape.line === 'inner') attributes.push(`stroke="${innerLine(shape, slot, palette)}"`, `stroke-width="${INNER}"`);
  }
  if (tacked && shape.line === 'outer') attributes.push('stroke-dasharray="6 4"');
  if (shape.line) attributes.push('stroke-linejoin="round"', 'stroke-linecap="round"');
  const opacity = shape.opacity ?? (shape.fill === 'shade' ? 0.1 : shape.fill === 'light' ? 0.28 : 1);
  if (opacity !== 1) attributes.push(`opacity="${opacity}"`);
  const path = `<path d="${shape.d}" ${attributes.join(' ')}/>`;
  return shape.mirror ? `${path}<g transform="scale(-1 1)">${path}</g>` : path;
}

/** The outline of something that is not there. */
function tackedRound({ d, mirror }: Shape): string {
  const path = `<path d="${d}" fill="none" stroke="${HOLE_LINE}" stroke-width="${OUTER}" stroke-dasharray="6 4" stroke-linejoin="round"/>`;
  return mirror ? `${path}<g transform="scale(-1 1)">${path}</g>` : path;
}

/** The edge of a shape, twice: a broad pale line and a narrow bright one on it. */
function trace(d: string, { mirror }: Shape): string {
  const path = `<path d="${d}" fill="none" stroke="#fff" stroke-width="7" stroke-linejoin="round"/><path d="${d}" fill="none" stroke="${LIT_LINE}" stroke-width="3.6" stroke-linejoin="round"/>`;
  return mirror ? `${path}<g transform="scale(-1 1)">${path}</g>` : path;
}

function innerLine(shape: Shape, slot: 'c' | 'm', palette: readonly string[]): string {
  const on = shape.lineOf ?? shape.fill;
  return on === 'ink' ? INK : lineOn(colourOf(on, slot, palette));
}

function colourOf(fill: Fill, slot: 'c' | 'm', palette: readonly string[]): string {
  switch (fill) {
    case 'none':
      return 'none';
    case 'shade':
      return '#000';
    case 'light':
    case 'white':
      return '#fff';
    case 'ink':
      return INK;
    default:
      return fill.startsWith(slot) ? (palette[Number(fill[1])] ?? palette[0] ?? '#fff') : (palette[0] ?? '#fff');
  }
}
