import type { Position, Region } from '@outfit/core';
import type { View } from '../shape/index.js';
import type { Joints } from './place.js';

export interface Point {
  readonly x: number;
  readonly y: number;
}

/** A point on the drawn figure for leader lines and chalk marks, in tenths of a mm. */
export function anchorOf(position: Position, where: Joints, view: View): Point {
  if (view === 'front' || view === 'back') return squarely(position, where, view);
  const { x, y } = squarely(position, where, 'front');
  const mirror = view === 'left' ? 1 : -1;
  if (!/^(arm|hand|wrist|held)\./.test(position)) return { x: Math.abs(x) * 0.5 * (position.startsWith('neck.') ? 1 : -1) * mirror, y };
  const isNear = position.endsWith(view === 'left' ? '.L' : '.R');
  return { x: (isNear ? -8 : -18) * mirror, y };
}

function squarely(position: Position, where: Joints, view: 'front' | 'back'): Point {
  const side = (right: boolean): number => (right === (view === 'front') ? -1 : 1);
  const { hip, neck, headBase, ground } = where;
  switch (position) {
    case 'headgear':
    case 'headgear.addon':
      return { x: -24, y: headBase - 98 };
    case 'head':
      return { x: -36, y: headBase - 30 };
    case 'neck.1':
    case 'neck.2':
    case 'neck.3':
    case 'neck.4':
      return { x: -30, y: neck + 6 };
    case 'torso':
      return { x: 22, y: hip - 66 };
    case 'waist':
      return { x: 34, y: hip - 4 };
    case 'arm.R':
    case 'wrist.R':
      return { x: 62 * side(true), y: hip - 70 };
    case 'arm.L':
    case 'wrist.L':
      return { x: 62 * side(false), y: hip - 70 };
    case 'hand.R':
      return { x: 66 * side(true), y: hip - 4 };
    case 'hand.L':
      return { x: 66 * side(false), y: hip - 4 };
    case 'held.R':
      return { x: 68 * side(true), y: hip - 34 };
    case 'held.L':
      return { x: 68 * side(false), y: hip - 34 };
    case 'beside':
      return { x: view === 'front' ? 150 : -150, y: -40 };
    case 'stand':
      return { x: 80, y: -2 };
    case 'built':
      return { x: 0, y: -30 };
    case 'feet.L':
    case 'feet.R':
      return { x: 36 * side(position === 'feet.R'), y: -6 };
    case 'hips':
    case 'leg.L':
    case 'leg.R':
    case 'lower':
      return { x: 32, y: (hip + ground) / 2 };
  }
}

/** Where a chalk mark sits: on the region when it names one that this view shows, else on the position. */
export function markPoint(position: Position, region: Region | null, where: Joints, view: View): Point {
  if (region === 'head.front.brow' && view === 'front') return { x: 22, y: where.headBase - 60 };
  if (region === 'head.back') return { x: 40, y: where.headBase - 40 };
  const point = anchorOf(position, where, view);
  return position.startsWith('neck.') ? { x: 26, y: point.y } : { x: -point.x * 0.9, y: point.y + 4 };
}
