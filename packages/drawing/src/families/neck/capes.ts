import { creases, ellipse, outlineOf, type Shape, type Silhouette, tone, Z } from '../../shape/index.js';
import { BELT } from './bands.js';
import { inner, NEAR, OVER, solid } from './strokes.js';

const drape = (d: string, folds: string): readonly Shape[] => [
  { d, fill: 'c0', line: 'outer', z: Z.hands + 2.5 },
  creases(folds, 'c0', Z.hands + 2.6),
];

/** Neck layers hang from the top of the torso: y = 0 is the neck's base. */
export const shortCape: Silhouette = {
  front: [
    outlineOf('M-44,-2 C-72,18 -86,50 -88,84 C-62,98 62,98 88,84 C86,50 72,18 44,-2 Z', 'c0', Z.farBehind),
    outlineOf('M-44,4 C-30,-13 30,-13 44,4 C34,18 -34,18 -44,4 Z', 'c0', Z.neck),
    outlineOf('M-44,4 C-60,14 -66,24 -66,34 C-50,30 -40,22 -34,12 Z M44,4 C60,14 66,24 66,34 C50,30 40,22 34,12 Z', 'c0', Z.neck),
    outlineOf('M0,6 C6,6 9,10 9,15 C9,20 6,23 0,23 C-6,23 -9,20 -9,15 C-9,10 -6,6 0,6 Z', 'c1', Z.neck + 1),
  ],
  back: [
    outlineOf('M-44,-6 C-72,14 -86,50 -90,86 C-60,100 60,100 90,86 C86,50 72,14 44,-6 C20,-14 -20,-14 -44,-6 Z', 'c0', Z.neck),
    creases('M-20,0 C-32,30 -38,62 -40,92 M20,0 C32,30 38,62 40,92 M0,0 L0,94', 'c0', Z.neck + 1),
    tone('M-40,-4 C-70,16 -84,52 -86,84 L-72,90 C-70,52 -58,20 -34,0 Z', 'shade', Z.neck + 1),
  ],
  side: drape(
    'M-20,-8 C-6,-16 18,-14 28,-4 C44,20 58,54 62,86 C44,96 18,94 2,86 C4,50 -2,20 -24,4 Z',
    'M4,6 C18,34 24,62 26,88 M18,2 C36,32 42,60 46,88',
  ),
};

export const longCape: Silhouette = {
  front: [
    outlineOf('M-44,-2 C-74,46 -86,140 -92,222 C-62,234 62,234 92,222 C86,140 74,46 44,-2 Z', 'c0', Z.farBehind),
    creases('M-66,220 L-60,90 M66,220 L60,90', 'c0', Z.farBehind + 1),
    outlineOf('M-46,4 C-30,-14 30,-14 46,4 C34,19 -34,19 -46,4 Z', 'c0', Z.neck),
    outlineOf('M0,6 C6,6 9,10 9,15 C9,20 6,23 0,23 C-6,23 -9,20 -9,15 C-9,10 -6,6 0,6 Z', 'c1', Z.neck + 1),
  ],
  back: [
    outlineOf('M-46,-6 C-76,44 -88,140 -94,224 C-62,236 62,236 94,224 C88,140 76,44 46,-6 C20,-14 -20,-14 -46,-6 Z', 'c0', Z.neck),
    creases('M-20,2 C-34,80 -40,150 -44,226 M20,2 C34,80 40,150 44,226 M0,4 L0,228', 'c0', Z.neck + 1),
    tone('M-44,0 C-74,50 -84,140 -90,222 L-76,226 C-72,140 -64,50 -38,2 Z', 'shade', Z.neck + 1),
  ],
  side: drape(
    'M-20,-8 C-6,-16 18,-14 28,-4 C50,60 66,150 72,222 C50,234 20,232 0,224 C10,150 6,60 -24,4 Z',
    'M6,10 C26,80 30,150 30,222 M20,6 C44,80 50,150 52,222',
  ),
};

/** Two tails with a gap between them behind. */
export const splitCape: Silhouette = {
  front: [
    solid(
      'M-44,-2 C-78,40 -92,130 -98,206 C-84,214 -56,210 -40,200 L-30,40 Z M44,-2 C78,40 92,130 98,206 C84,214 56,210 40,200 L30,40 Z',
      Z.farBehind,
    ),
    solid('M-46,4 C-30,-14 30,-14 46,4 C34,19 -34,19 -46,4 Z', Z.neck),
    solid(ellipse(-26, 8, 8, 8), Z.neck + 1, 'c1', true),
  ],
  back: [
    solid(
      'M-46,-6 C-78,40 -92,130 -98,206 C-80,216 -40,210 -14,196 C-8,130 -4,90 0,60 C4,90 8,130 14,196 C40,210 80,216 98,206 C92,130 78,40 46,-6 C20,-14 -20,-14 -46,-6 Z',
      Z.neck,
    ),
    inner('M-22,2 C-36,70 -50,140 -58,208 M22,2 C36,70 50,140 58,208 M0,0 L0,60', Z.neck + 1),
    tone('M-44,-2 C-76,42 -88,130 -94,206 L-80,210 C-74,130 -62,46 -36,2 Z', 'shade', Z.neck + 1),
  ],
  side: [
    solid('M-20,-8 C-6,-16 18,-14 28,-4 C54,56 76,140 84,204 C62,214 34,208 14,198 C16,130 6,50 -24,4 Z', OVER),
    inner('M8,8 C34,70 46,140 50,204', OVER + 0.1),
  ],
};

/** One side only, thrown over the shoulder; the lining is the second colour. */
export const shoulderCape: Silhouette = {
  front: [
    solid('M10,-4 C54,4 84,44 96,110 C80,124 58,122 44,112 C46,70 36,34 6,14 Z', OVER),
    tone('M44,112 C46,70 36,34 6,14 L12,10 C44,28 56,66 54,116 Z', 'c1', OVER + 0.1),
    inner('M36,14 C58,36 72,76 76,118', OVER + 0.2),
    solid('M-40,4 C-28,-12 28,-12 42,4 C32,16 -30,16 -40,4 Z', Z.neck),
    solid(ellipse(-22, 8, 7, 7), Z.neck + 1, 'c1'),
  ],
  back: [
    solid('M42,-6 C18,-14 -30,-12 -46,0 C-72,30 -90,70 -98,112 C-60,126 -10,120 10,96 C24,60 34,26 42,-6 Z', OVER),
    inner('M20,-4 C-4,36 -20,76 -28,114 M-6,-6 C-34,30 -54,70 -64,116', OVER + 0.1),
  ],
  side: [
    solid('M-22,-6 C-6,-16 18,-14 28,-4 C48,30 58,76 58,112 C34,122 -10,118 -34,104 C-26,66 -24,30 -22,-6 Z', OVER),
    inner('M-4,0 C-6,40 -4,76 -6,112 M14,0 C26,40 32,76 34,112', OVER + 0.1),
  ],
  rightSide: [solid('M-22,4 C-18,-12 16,-16 28,-4 C40,30 44,70 42,96 C34,70 22,34 8,16 C-4,14 -16,12 -22,4 Z', NEAR)],
};
export const waistCape: Silhouette = {
  front: [
    solid('M-58,-8 C-76,40 -86,84 -90,118 C-76,126 -58,124 -46,116 L-34,6 Z', Z.waist, 'c0', true),
    inner('M-52,10 C-60,50 -66,84 -68,118', Z.waist + 0.5, 'c0', true),
    ...BELT.map((shape) => ({ ...shape, z: (shape.z ?? 0) + 1 })),
    solid(ellipse(0, 1, 9, 9), Z.waist + 2, 'c1'),
  ],
  back: [
    solid('M-58,-8 C-76,40 -86,84 -90,118 C-50,132 50,132 90,118 C86,84 76,40 58,-8 Z', Z.waist),
    inner('M-34,4 C-44,50 -50,84 -52,122 M0,6 L0,126 M34,4 C44,50 50,84 52,122', Z.waist + 0.5),
  ],
  side: [
    solid('M-24,-8 C-6,-2 18,-2 34,-9 C50,40 62,84 70,116 C46,126 12,124 -8,116 C-6,80 -12,40 -24,-8 Z', Z.waist),
    inner('M0,2 C14,50 20,84 22,118 M18,0 C34,50 42,84 46,118', Z.waist + 0.5),
  ],
};
