import { isNeckLayer, placeOf, type Position, type Worn } from '@outfit/core';
import type { Surface } from '../motifs/index.js';
import type { View } from '../shape/index.js';

/** Heights of the joints above the ground, in tenths of a mm (y grows downwards, so they are negative). */
export interface Joints {
  readonly ground: number;
  readonly hip: number;
  readonly neck: number;
  readonly headBase: number;
}

const tenths = (mm: number): number => Math.round(mm * 100) / 10;
const at = (worn: readonly Worn[], test: (position: Position) => boolean): readonly Worn[] =>
  worn.filter((item) => test(item.part.position));

/** A standard body stands where a part is missing, so that the rest of a look stays where it belongs. */
const STANDARD = { legsMm: 13, torsoMm: 12.6 };

/** Stacks the worn parts from the ground up (anatomy, *Height*). */
export function joints(worn: readonly Worn[]): Joints {
  const total = (items: readonly Worn[], of: (item: Worn) => number | undefined, otherwise: number): number =>
    items.length === 0 ? otherwise : items.reduce((all, item) => all + (of(item) ?? 0), 0);
  const height = ({ mould }: Worn): number | undefined => mould.geometry.heightMm;
  const thickness = ({ mould }: Worn): number | undefined => mould.geometry.thicknessMm;
  const lift = Math.max(0, ...at(worn, (p) => p.startsWith('feet.')).map((item) => height(item) ?? 0));
  const legs = total(
    at(worn, (p) => p === 'hips' || p === 'lower'),
    height,
    STANDARD.legsMm,
  );
  const waist = total(
    at(worn, (p) => p === 'waist'),
    thickness,
    0,
  );
  const torso = total(
    at(worn, (p) => p === 'torso'),
    height,
    STANDARD.torsoMm,
  );
  const neck = total(worn.filter(isNeckLayer), thickness, 0);
  const hipMm = lift + legs + waist;
  return {
    ground: -tenths(lift),
    hip: -tenths(hipMm),
    neck: -tenths(hipMm + torso),
    headBase: -tenths(hipMm + torso + neck),
  };
}

/** The grip of the hand at +x, from the torso's base. */
const GRIP = { x: 67, y: -8 };
/** From the side the near arm is turned about its shoulder, which is 55 out in the front view; the far one shows past it. */
const SHOULDER = { near: 57, far: 50 };
/** What stands beside the figure stands this far out, and behind it from the side. */
const BESIDE = { front: 150, side: 120 };

export interface Placing {
  readonly y: number;
  readonly x: number;
  /** Drawn mirrored: parts drawn for +x that belong to the other side, and everything seen from the right. */
  readonly flip: boolean;
  readonly surface: Surface | null;
  /** How much nearer (or, below zero, farther) this is than its shapes' own depth. */
  readonly depth: number;
}

/** How far apart companions stand, and how much of an element the next one built on it hides. */
const APART = 96;
const OVERLAP = 0.2;

/** How far companions beside a figure reach from its middle, in tenths of a mm; 0 without any. */
export function besideReach(worn: readonly Worn[]): number {
  const beside = at(worn, (position) => position === 'beside').length;
  return beside === 0 ? 0 : BESIDE.front + APART * (beside - 1) + APART * 0.75;
}

/** A part of a stack in its place: companions one beside the other, what is built in a hand or by itself one on the other. */
export function stackOn(item: Worn, worn: readonly Worn[], placing: Placing): Placing {
  const before = placeOf(item.part);
  if (before === 0) return placing;
  if (item.part.position === 'beside') return { ...placing, x: placing.x + (placing.x < 0 ? -APART : APART) * before };
  const below = worn.filter((other) => other.part.position === item.part.position && placeOf(other.part) < before);
  const heights = below.map(({ mould }) => (mould.geometry.heightMm ?? mould.sizeMm?.height ?? 4) * 10 * (1 - OVERLAP));
  return { ...placing, y: placing.y - heights.reduce((all, height) => all + height, 0) };
}

const PAIRED = /\.(L|R)$/;

/** Where a part's origin lies in the picture. In the back view the figure's left is on the viewer's left. */
export function place(position: Position, where: Joints, view: View): Placing {
  const y = heightOf(position, where);
  const surface = surfaceOf(position);
  if (view === 'left' || view === 'right') return fromTheSide(position, y, surface, view);
  const flip = PAIRED.test(position) && position.endsWith('.L') !== (view === 'front');
  const outward = position.startsWith('held.') ? GRIP.x : position === 'beside' ? BESIDE.front : 0;
  const mirrored = position === 'beside' ? view === 'back' : flip;
  return { x: mirrored ? -outward : outward, y, flip: mirrored, surface, depth: 0 };
}

/** The left view, and the right view as its mirror with the other limbs near. */
function fromTheSide(position: Position, y: number, surface: Surface | null, view: 'left' | 'right'): Placing {
  const mirror = (placing: Placing): Placing => (view === 'left' ? placing : { ...placing, x: -placing.x, flip: !placing.flip });
  const isNear = position.endsWith(view === 'left' ? '.L' : '.R');
  if (position.startsWith('arm.'))
    return mirror({ x: isNear ? SHOULDER.near : SHOULDER.far, y, flip: true, surface, depth: isNear ? 12 : -30 });
  if (position.startsWith('hand.') || position.startsWith('wrist.'))
    return mirror({ x: isNear ? SHOULDER.near : SHOULDER.far, y, flip: true, surface, depth: isNear ? 40 : -30 });
  if (position.startsWith('held.'))
    return mirror({ x: (isNear ? SHOULDER.near : SHOULDER.far) - GRIP.x, y, flip: true, surface, depth: isNear ? 34 : -30 });
  if (position.startsWith('leg.') || position.startsWith('feet.'))
    return mirror({ x: isNear ? 0 : -3, y, flip: false, surface, depth: isNear ? 0 : -6 });
  if (position === 'beside') return mirror({ x: BESIDE.side, y, flip: false, surface, depth: -70 });
  return mirror({ x: 0, y, flip: false, surface, depth: 0 });
}

function heightOf(position: Position, where: Joints): number {
  switch (position) {
    case 'head':
    case 'headgear':
    case 'headgear.addon':
      return where.headBase;
    case 'neck.1':
    case 'neck.2':
    case 'neck.3':
    case 'neck.4':
      return where.neck;
    case 'torso':
    case 'waist':
    case 'arm.L':
    case 'arm.R':
    case 'hand.L':
    case 'hand.R':
    case 'wrist.L':
    case 'wrist.R':
      return where.hip;
    case 'held.L':
    case 'held.R':
      return where.hip + GRIP.y;
    case 'feet.L':
    case 'feet.R':
    case 'beside':
    case 'stand':
    case 'built':
      return 0;
    case 'hips':
    case 'leg.L':
    case 'leg.R':
    case 'lower':
      return where.ground;
  }
}

function surfaceOf(position: Position): Surface | null {
  if (position === 'head' || position === 'torso') return position;
  if (position.startsWith('arm.')) return 'arm';
  return position === 'hips' || position === 'lower' ? 'legs' : null;
}
