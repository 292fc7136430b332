import { creases, ellipse, outlineOf, type Shape, type Silhouette, tone, Z } from '../../shape/index.js';
import { inner, NEAR, solid } from './strokes.js';

/** Waist pieces lie at the torso's hem: y = 0. */
export const sash: Silhouette = {
  front: [
    outlineOf('M-56,-12 C-30,-4 30,-4 56,-12 L58,3 C30,11 -30,11 -58,3 Z', 'c0', Z.waist),
    outlineOf('M30,-2 C40,-4 46,2 44,8 L50,58 L34,62 L30,10 C26,6 26,0 30,-2 Z', 'c0', Z.waist + 1),
    creases('M-52,-4 C-28,4 26,4 52,-4 M36,12 L40,54', 'c0', Z.waist + 2),
  ],
  back: [
    outlineOf('M-56,-12 C-30,-4 30,-4 56,-12 L58,3 C30,11 -30,11 -58,3 Z', 'c0', Z.waist),
    creases('M-52,-4 C-28,4 26,4 52,-4', 'c0', Z.waist + 1),
  ],
  side: [
    outlineOf('M-31,-11 C-12,-4 14,-4 31,-11 L33,3 C14,10 -14,10 -33,3 Z', 'c0', Z.waist),
    creases('M-30,-4 C-12,3 12,3 30,-4', 'c0', Z.waist + 1),
  ],
};

const MEDAL: readonly Shape[] = [
  solid('M-30,-6 L-18,-10 L2,44 L-4,48 Z M30,-6 L18,-10 L-2,44 L4,48 Z', Z.neck),
  solid(ellipse(0, 56, 13, 13), Z.neck + 1, 'c1'),
  tone('M0,47 L3,54 L9,54 L4,58 L6,65 L0,61 L-6,65 L-4,58 L-9,54 L-3,54 Z', 'light', Z.neck + 1.5),
];
export const medal: Silhouette = {
  front: MEDAL,
  back: [solid('M-34,-4 C-20,-14 20,-14 34,-4 L30,4 C18,-4 -18,-4 -30,4 Z', Z.neck)],
  side: [solid('M-24,6 C-16,-10 12,-12 24,-4 L22,4 C10,-4 -8,-2 -16,10 Z', Z.neck), solid(ellipse(-31, 52, 7, 13), NEAR, 'c1')],
};

/** Waist pieces lie at the torso's hem: y = 0. */
export const BELT: readonly Shape[] = [
  solid('M-58,-10 C-30,-2 30,-2 58,-10 L59,6 C30,14 -30,14 -59,6 Z', Z.waist),
  inner('M-56,-4 C-30,4 30,4 56,-4', Z.waist + 1),
];
export const belt: Silhouette = {
  front: [
    ...BELT,
    solid('M-12,-8 L12,-8 L12,12 L-12,12 Z', Z.waist + 2, 'c1'),
    tone('M-6,-2 L6,-2 L6,6 L-6,6 Z', 'c0', Z.waist + 2.5),
    solid('M24,-4 L42,-6 L44,20 L26,22 Z', Z.waist + 1.5, 'c0'),
  ],
  back: BELT,
  side: [
    solid('M-33,-9 C-12,-2 14,-2 33,-9 L34,6 C14,13 -14,13 -34,6 Z', Z.waist),
    solid('M-14,-2 L6,-2 L6,24 L-14,24 Z', Z.waist + 1, 'c0'),
    inner('M-14,6 L6,6', Z.waist + 1.5),
  ],
};
