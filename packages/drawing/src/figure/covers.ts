import type { Mould, Position, Region } from '@outfit/core';
import { artOf, silhouette } from '../families/index.js';
import { type Dot, isWithin, polygons, type Silhouette, type View, Z } from '../shape/index.js';
import { joints, place } from './place.js';
import { regionBoxes } from './regionBoxes.js';

/** The body that covers are measured on, by its silhouettes and heights in mm. */
const BODY: readonly (readonly [position: Position, silhouette: string, heightMm?: number])[] = [
  ['hips', 'legs', 13],
  ['torso', 'torso', 12.6],
  ['arm.R', 'arm'],
  ['arm.L', 'arm'],
  ['hand.R', 'hand'],
  ['hand.L', 'hand'],
  ['head', 'head', 8.8],
];
/** Where something can hide the body. What is held or stands beside is not reckoned with, as hands move. */
const WORN = ['headgear', 'neck.1', 'waist', 'lower'] as const;

/** So many points are looked at across and down a region. */
const ACROSS = 24;
const DOWN = 16;
/** Less than this is a smear, not a cover; so near to all of it is all. */
const LEAST = 0.05;

/** What is seen through hides nothing. */
const SOLID = 0.9;

interface Area {
  readonly z: number;
  readonly polygons: readonly (readonly Dot[])[];
  readonly isPart: boolean;
}

/**
 * What a mould hides of a standing body, region by region from 0 to 1: measured on the drawing itself, point by point, so that what is
 * drawn and what the checks reckon with are the same. Empty for what is worn nowhere that hides anything.
 */
export function coversOf({
  geometry,
  ...drawn
}: Pick<Mould, 'silhouette' | 'outline' | 'fills' | 'geometry'>): Readonly<Partial<Record<Region, number>>> {
  const art = artOf(drawn);
  const { fills } = drawn;
  const position = WORN.find((place) => fills.some((alternative) => alternative.includes(place)));
  const taken = fills.find((alternative) => position !== undefined && alternative.includes(position)) ?? [];
  if (!art || position === undefined || position === 'lower') return {};
  const where = joints([...BODY.map(([at, , heightMm]) => standIn(at, { heightMm })), standIn(position, geometry, taken)]);
  const covers: Partial<Record<Region, number>> = {};
  const seen = new Map<View, readonly Area[]>();
  for (const { region, view, box } of regionBoxes(where)) {
    let areas = seen.get(view);
    if (!areas) {
      const body = BODY.map(([at, silhouetteName]) => [at, silhouette(silhouetteName), false] as const);
      areas = [...body, [position, art, true] as const].flatMap(([at, of, isPart]) => (of ? areasOf(of, at, where, view, isPart) : []));
      areas = [...areas].sort((a, b) => b.z - a.z);
      seen.set(view, areas);
    }
    const hidden = share(areas, box);
    if (hidden >= LEAST) covers[region] = hidden > 1 - LEAST ? 1 : hidden;
  }
  return geometry.covers === undefined ? covers : { ...covers, ...geometry.covers };
}

/** What stacking asks of a part: where it is and its measures. */
const standIn = (position: Position, geometry: Partial<Mould['geometry']>, fills: readonly Position[] = [position]) =>
  ({ part: { position, variant: '', turned: false }, mould: { geometry }, fills }) as unknown as Parameters<typeof joints>[0][number];

function areasOf(art: Silhouette, position: Position, where: ReturnType<typeof joints>, view: View, isPart: boolean): Area[] {
  const { x, y, flip, depth } = place(position, where, view);
  const side = art.side ?? art.front;
  const shapes = view === 'front' || view === 'back' ? art[view] : view === 'right' ? (art.rightSide ?? side) : side;
  return shapes
    .filter(
      (shape) =>
        shape.line !== 'stroke' &&
        shape.fill !== 'none' &&
        shape.fill !== 'shade' &&
        shape.fill !== 'light' &&
        (shape.opacity ?? 1) >= SOLID,
    )
    .map((shape) => {
      const own = polygons(shape.d);
      const all = shape.mirror ? [...own, ...own.map((polygon) => polygon.map((dot) => ({ x: -dot.x, y: dot.y })).reverse())] : own;
      const laid = all.map((polygon) => polygon.map((dot) => ({ x: x + (flip ? -dot.x : dot.x), y: y + dot.y })));
      return { z: (shape.z ?? Z.torso) + depth, polygons: laid, isPart };
    });
}

/** The share of a box's body that the part lies over. */
function share(
  areas: readonly Area[],
  box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number },
): number {
  let [body, part] = [0, 0];
  for (let row = 0; row < DOWN; row += 1)
    for (let column = 0; column < ACROSS; column += 1) {
      const dot = { x: box.x + ((column + 0.5) / ACROSS) * box.width, y: box.y + ((row + 0.5) / DOWN) * box.height };
      const top = areas.find((area) => isWithin(dot, area.polygons));
      if (!top) continue;
      if (top.isPart) part += 1;
      else body += 1;
    }
  return body + part === 0 ? 0 : Math.round((part / (body + part)) * 100) / 100;
}
