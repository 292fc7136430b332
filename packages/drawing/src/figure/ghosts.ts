import type { Position } from '@outfit/core';
import { HEAD_OUTLINE, HEAD_SIDE_OUTLINE, silhouette } from '../families/index.js';
import { type View, Z } from '../shape/index.js';
import type { Layer } from './layer.js';
import { type Joints, place } from './place.js';

/** The parts every body has, and what stands in for each while it is missing. Legs count as there when any are. */
const BODY: readonly (readonly [Position, string])[] = [
  ['head', 'head'],
  ['torso', 'torso'],
  ['arm.L', 'arm'],
  ['arm.R', 'arm'],
  ['hand.L', 'hand'],
  ['hand.R', 'hand'],
  ['hips', 'legs'],
];

const STYLE = 'fill="#FAFBF8" fill-opacity="0.7" stroke="#5B6672" stroke-width="1.4" stroke-dasharray="2 5" stroke-linecap="round"';

/** Faint dotted stand-ins for missing parts of the body, so that what is chosen stays where it belongs. */
export function ghosts(claimed: ReadonlySet<Position>, where: Joints, view: View): readonly Layer[] {
  return BODY.filter(([position]) => !claimed.has(position)).flatMap(([position, name], order) => {
    const art = silhouette(name);
    if (!art) return [];
    const { x, y, flip, depth } = place(position, where, view);
    const shapes = view === 'front' || view === 'back' ? art[view] : (art.side ?? art.front);
    const outer = shapes.filter((shape) => shape.line === 'outer');
    const z = Math.min(...outer.map((shape) => shape.z ?? 0)) + depth;
    const paths = outer
      .map((shape) => `<path d="${shape.d}"/>${shape.mirror ? `<path transform="scale(-1 1)" d="${shape.d}"/>` : ''}`)
      .join('');
    const markup = `<g data-ghost="${position}" ${STYLE} transform="translate(${x} ${y})${flip ? ' scale(-1 1)' : ''}">${paths}</g>`;
    return [{ z, order, position: null, markup }];
  });
}

/** A head without a face, as deep as a head, so that what belongs behind it stays behind. */
export function paleHead(where: Joints, view: View): Layer {
  const outline = view === 'left' || view === 'right' ? HEAD_SIDE_OUTLINE : HEAD_OUTLINE;
  const flip = view === 'right' ? ' scale(-1 1)' : '';
  return {
    z: Z.head - 0.5,
    order: 0,
    position: null,
    markup: `<path transform="translate(0 ${where.headBase})${flip}" d="${outline}" fill="#E3E7DF"/>`,
  };
}
