import type { HeldOutline } from '@outfit/core';
import { allRound, creases, ellipse, outlineOf, scale, type Shape, type Silhouette, stroke, tone, Z } from '../../shape/index.js';
import { HELD } from '../held/index.js';

const z = Z.held;
const part = (d: string, fill: Shape['fill'] = 'c0', over = 0): Shape => outlineOf(d, fill, z + over);
const lines = (d: string, of: Shape['fill'] = 'c0'): Shape => creases(d, of, z + 2);
const handle = (top: number, bottom = 16): Shape => part(`M-4,${bottom} L-4,${top} L4,${top} L4,${bottom} Z`, 'c0');

/** Outlines that no mould of the demo has. The grip is the origin; y goes down. */
const DRAWN: Partial<Readonly<Record<HeldOutline, Silhouette>>> = {
  staff: allRound([
    part('M-4,{ground} L-4,-118 L4,-118 L4,{ground} Z'),
    part(ellipse(0, -126, 10, 10), 'c1', 1),
    lines('M-4,-100 L4,-100 M-4,-60 L4,-60'),
  ]),
  blade: allRound([
    part('M-6,-14 L-7,-92 L0,-106 L7,-92 L6,-14 Z', 'c1'),
    lines('M0,-16 L0,-92', 'c1'),
    part('M-18,-18 L18,-18 L18,-10 L-18,-10 Z', 'c0', 1),
    handle(-10, 14),
    part(ellipse(0, 17, 6, 6), 'c0', 1),
  ]),
  axe: allRound([
    handle(-88, 22),
    part('M3,-86 C20,-96 36,-90 44,-70 C36,-52 22,-50 3,-58 Z', 'c1', 1),
    part('M-3,-80 L-16,-84 L-16,-62 L-3,-66 Z', 'c1', 1),
  ]),
  hammer: allRound([
    handle(-62, 22),
    part('M-26,-84 L26,-84 C30,-78 30,-66 26,-60 L-26,-60 C-30,-66 -30,-78 -26,-84 Z', 'c1', 1),
    lines('M-16,-84 L-16,-60 M16,-84 L16,-60', 'c1'),
  ]),
  bow: allRound([
    stroke('M22,-62 L22,58', 'c1', 1.6, z),
    part('M22,-64 C-10,-56 -16,-24 -6,-8 L-6,6 C-16,22 -10,54 22,60 L24,52 C2,46 -4,22 4,4 L4,-8 C-4,-24 2,-48 24,-56 Z'),
  ]),
  'round shield': allRound([
    part(ellipse(6, -4, 44, 44), 'c0', 1),
    { ...part(ellipse(6, -4, 34, 34), 'c1', 1.5) },
    part(ellipse(6, -4, 9, 9), 'c0', 2),
  ]),
  'long shield': allRound([
    part('M-34,-66 C-12,-76 24,-76 46,-66 C48,-10 40,40 6,70 C-28,40 -36,-10 -34,-66 Z', 'c0', 1),
    part('M-24,-56 C-8,-64 20,-64 36,-56 C38,-10 32,32 6,56 C-20,32 -26,-10 -24,-56 Z', 'c1', 1.5),
  ]),
  cup: allRound([
    stroke('M14,-20 C28,-22 28,2 14,2', 'c0', 5, z),
    part('M-16,-26 L16,-26 L13,10 C8,14 -8,14 -13,10 Z', 'c0', 1),
    part(ellipse(0, -26, 16, 4), 'c1', 1.5),
  ]),
  bottle: allRound([
    part('M-6,-46 L6,-46 L6,-28 C16,-24 18,-18 18,-8 L18,14 C14,18 -14,18 -18,14 L-18,-8 C-18,-18 -16,-24 -6,-28 Z', 'c0', 1),
    part('M-7,-54 L7,-54 L7,-44 L-7,-44 Z', 'c1', 1.5),
    tone('M8,-20 C14,-14 14,6 10,12 L16,12 L16,-10 Z', 'shade', z + 1.6),
  ]),
  bag: allRound([
    stroke('M-18,18 C-18,-12 18,-12 18,18', 'c1', 4, z),
    part('M-30,16 L30,16 L34,66 C20,72 -20,72 -34,66 Z', 'c0', 1),
    part('M-30,16 L30,16 L32,36 C14,42 -14,42 -32,36 Z', 'c0', 1.5),
    part('M-5,34 L5,34 L5,44 L-5,44 Z', 'c1', 2),
  ]),
  wheel: allRound([
    stroke(ellipse(0, 0, 42, 42), 'c0', 10, z + 1),
    stroke('M-38,0 L38,0 M0,-38 L0,38 M-27,-27 L27,27 M-27,27 L27,-27', 'c0', 5, z + 0.5),
    part(ellipse(0, 0, 10, 10), 'c1', 2),
  ]),
  rope: allRound([
    stroke(ellipse(0, 22, 24, 26), 'c0', 9, z + 1),
    stroke(ellipse(4, 24, 16, 18), 'c0', 7, z + 1.2),
    lines('M-24,8 L-14,12 M-26,28 L-16,28 M-14,46 L-8,38 M14,46 L10,38 M26,28 L18,28 M24,8 L16,12'),
  ]),
};

/** Outlines that a mould of the demo is drawn in. */
const KNOWN: Partial<Readonly<Record<HeldOutline, string>>> = {
  oar: 'oar',
  book: 'book',
  letter: 'letter',
  lantern: 'lantern',
  basket: 'basket',
  tool: 'wrench',
  instrument: 'fiddle',
  loaf: 'loaf',
  flag: 'flag',
  umbrella: 'umbrella',
};

const SIZE: Readonly<Record<string, number>> = { small: 0.7, medium: 1, large: 1.35 };

/** A held thing by its outline and size. */
export function shapeOfHeld(read: (key: string) => string): Silhouette {
  const outline = read('outline') as HeldOutline;
  const art = DRAWN[outline] ?? HELD[KNOWN[outline] ?? ''];
  if (!art) throw new RangeError(`nobody has drawn a ${outline}`);
  return scale(art, SIZE[read('size')] ?? 1);
}
