import { isNeckLayer, type Position, type Worn } from '@outfit/core';
import type { Surface } from './motifs/index.js';

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

export interface Placing {
  readonly y: number;
  readonly x: number;
  /** True for parts drawn for +x that belong to the other side of the picture. */
  readonly flip: boolean;
  readonly surface: Surface | null;
}

/** Where a part's origin lies in the picture. In the back view the figure's left is on the viewer's left. */
export function place(position: Position, where: Joints, view: 'front' | 'back'): Placing {
  const left = position.endsWith('.L');
  const flip = left !== (view === 'front');
  switch (position) {
    case 'head':
      return { x: 0, y: where.headBase, flip: false, surface: 'head' };
    case 'headgear':
    case 'headgear.addon':
      return { x: 0, y: where.headBase, flip: false, surface: null };
    case 'torso':
      return { x: 0, y: where.hip, flip: false, surface: 'torso' };
    case 'waist':
      return { x: 0, y: where.hip, flip: false, surface: null };
    case 'arm.L':
    case 'arm.R':
      return { x: 0, y: where.hip, flip, surface: 'arm' };
    case 'hand.L':
    case 'hand.R':
    case 'wrist.L':
    case 'wrist.R':
      return { x: 0, y: where.hip, flip, surface: null };
    case 'held.L':
    case 'held.R':
      return { x: flip ? -GRIP.x : GRIP.x, y: where.hip + GRIP.y, flip, surface: null };
    case 'neck.1':
    case 'neck.2':
    case 'neck.3':
    case 'neck.4':
      return { x: 0, y: where.neck, flip: false, surface: null };
    case 'feet.L':
    case 'feet.R':
      return { x: 0, y: 0, flip, surface: null };
    default:
      return { x: 0, y: where.ground, flip: false, surface: 'legs' };
  }
}
