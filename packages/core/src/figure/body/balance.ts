import type { System } from '../../anatomy/index.js';
import { isNeckLayer, type Worn } from '../look/index.js';

/** How a figure stands: the tilt that topples it, which way, and what pulls it there, the strongest first. */
export interface Balance {
  /** Degrees; 0 when it topples by itself. */
  readonly tilt: number;
  readonly towards: 'forwards' | 'backwards' | 'to its left' | 'to its right';
  readonly pulls: readonly { readonly item: Worn; readonly momentGmm: number }[];
}

interface Point {
  /** To the figure's left, forwards, and up, in mm. */
  readonly x: number;
  readonly z: number;
  readonly y: number;
}

/** How far beyond the hand the middle of a held thing lies: what is long and gripped at one end leans away from the body. */
function heldOutMm({ mould }: Worn, system: System): number {
  const { heightMm = 0, twoHanded = false } = mould.geometry;
  return twoHanded ? 0 : (heightMm / 2) * Math.sin((system.heldLean * Math.PI) / 180);
}

/** Where a part's centre of mass lies, on a body whose hips stand at `hip` and whose neck stands at `neck`. */
function centreOf(item: Worn, hip: number, neck: number, system: System): Point {
  const { position } = item.part;
  const { centreHeightMm, heightMm = 0, backDepthMm = 0, backDropMm = 0 } = item.mould.geometry;
  const own = centreHeightMm ?? heightMm / 2;
  const side = position.endsWith('.L') ? 1 : position.endsWith('.R') ? -1 : 0;
  if (position.startsWith('held.'))
    return { x: side * (system.handOutMm + heldOutMm(item, system)), z: system.handForwardMm, y: Math.max(hip, own) };
  if (/^(hand|wrist|arm)\./.test(position)) return { x: side * system.handOutMm, z: 0, y: hip + 3 };
  if (/^(leg|feet)\./.test(position)) return { x: side * 2.8, z: 0, y: hip / 3 };
  if (position === 'headgear') return { x: 0, z: backDropMm > 0 ? -backDropMm / 4 : 0, y: neck + 6 };
  if (position.startsWith('headgear') || position === 'head') return { x: 0, z: 0, y: neck + 4.4 };
  if (isNeckLayer(item)) return { x: 0, z: backDepthMm > 0 ? -(system.halfDepthMm + backDepthMm / 2) : 0, y: neck - 3 };
  if (position === 'torso') return { x: 0, z: 0, y: hip + system.torsoMm / 2 };
  return { x: 0, z: 0, y: hip / 2 };
}

/**
 * Balance of a standing figure: the angle at which its centre of mass passes the edge of its feet,
 * atan((half foot − offset) / height), in the worst of four directions. Null on a stand, without legs, or on a body of
 * its own such as an animal's.
 */
export function balance(worn: readonly Worn[], system: System): Balance | null {
  const legs = worn.find((item) => item.part.position === 'hips' || item.part.position === 'lower');
  const stands = worn.some((item) => item.part.position === 'stand');
  if (!legs || stands || legs.mould.shape.words.includes('animal')) return null;
  const hip = legs.mould.geometry.heightMm ?? 0;
  const body = worn.filter((item) => item.part.position !== 'beside' && item.part.position !== 'built');
  const placed = body.map((item) => ({ item, at: centreOf(item, hip, hip + system.torsoMm, system), mass: item.mould.geometry.massG }));
  const mass = placed.reduce((all, row) => all + row.mass, 0);
  if (mass === 0) return null;
  const mean = (axis: keyof Point): number => placed.reduce((all, row) => all + row.mass * row.at[axis], 0) / mass;
  const [x, y, z] = [mean('x'), mean('y'), mean('z')];
  const spare = [
    { towards: 'forwards', room: system.footHalfDepthMm - z, pull: ({ at }) => at.z },
    { towards: 'backwards', room: system.footHalfDepthMm + z, pull: ({ at }) => -at.z },
    { towards: 'to its left', room: system.footHalfWidthMm - x, pull: ({ at }) => at.x },
    { towards: 'to its right', room: system.footHalfWidthMm + x, pull: ({ at }) => -at.x },
  ] as const satisfies readonly { towards: Balance['towards']; room: number; pull: (row: (typeof placed)[number]) => number }[];
  const worst = spare.reduce((a, b) => (b.room < a.room ? b : a));
  return {
    tilt: Math.max(0, (Math.atan2(worst.room, y) * 180) / Math.PI),
    towards: worst.towards,
    pulls: placed
      .map((row) => ({ item: row.item, momentGmm: worst.pull(row) * row.mass }))
      .filter((row) => row.momentGmm > 0)
      .sort((a, b) => b.momentGmm - a.momentGmm),
  };
}
