import { Z, type Shape, type Silhouette } from '../shape.js';

/** From the side, facing left, everything behind the neck lies at x > 0. Near arms are drawn over it. */
const NEAR = Z.torso + 4;
const strokes = (d: string, lineOf: Shape['fill'], z: number): Shape => ({ d, fill: 'none', line: 'inner', lineOf, z });
const drape = (d: string, folds: string): readonly Shape[] => [
  { d, fill: 'c0', line: 'outer', z: Z.hands + 2.5 },
  strokes(folds, 'c0', Z.hands + 2.6),
];

/** Neck layers hang from the top of the torso: y = 0 is the neck's base. */
const shortCape: Silhouette = {
  front: [
    { d: 'M-44,-2 C-72,18 -86,50 -88,84 C-62,98 62,98 88,84 C86,50 72,18 44,-2 Z', fill: 'c0', line: 'outer', z: Z.farBehind },
    { d: 'M-44,4 C-30,-13 30,-13 44,4 C34,18 -34,18 -44,4 Z', fill: 'c0', line: 'outer', z: Z.neck },
    {
      d: 'M-44,4 C-60,14 -66,24 -66,34 C-50,30 -40,22 -34,12 Z M44,4 C60,14 66,24 66,34 C50,30 40,22 34,12 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.neck,
    },
    { d: 'M0,6 C6,6 9,10 9,15 C9,20 6,23 0,23 C-6,23 -9,20 -9,15 C-9,10 -6,6 0,6 Z', fill: 'c1', line: 'outer', z: Z.neck + 1 },
  ],
  back: [
    {
      d: 'M-44,-6 C-72,14 -86,50 -90,86 C-60,100 60,100 90,86 C86,50 72,14 44,-6 C20,-14 -20,-14 -44,-6 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.neck,
    },
    { d: 'M-20,0 C-32,30 -38,62 -40,92 M20,0 C32,30 38,62 40,92 M0,0 L0,94', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.neck + 1 },
    { d: 'M-40,-4 C-70,16 -84,52 -86,84 L-72,90 C-70,52 -58,20 -34,0 Z', fill: 'shade', z: Z.neck + 1 },
  ],
  side: drape(
    'M-20,-8 C-6,-16 18,-14 28,-4 C44,20 58,54 62,86 C44,96 18,94 2,86 C4,50 -2,20 -24,4 Z',
    'M4,6 C18,34 24,62 26,88 M18,2 C36,32 42,60 46,88',
  ),
};

const longCape: Silhouette = {
  front: [
    { d: 'M-44,-2 C-74,46 -86,140 -92,222 C-62,234 62,234 92,222 C86,140 74,46 44,-2 Z', fill: 'c0', line: 'outer', z: Z.farBehind },
    { d: 'M-66,220 L-60,90 M66,220 L60,90', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.farBehind + 1 },
    { d: 'M-46,4 C-30,-14 30,-14 46,4 C34,19 -34,19 -46,4 Z', fill: 'c0', line: 'outer', z: Z.neck },
    { d: 'M0,6 C6,6 9,10 9,15 C9,20 6,23 0,23 C-6,23 -9,20 -9,15 C-9,10 -6,6 0,6 Z', fill: 'c1', line: 'outer', z: Z.neck + 1 },
  ],
  back: [
    {
      d: 'M-46,-6 C-76,44 -88,140 -94,224 C-62,236 62,236 94,224 C88,140 76,44 46,-6 C20,-14 -20,-14 -46,-6 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.neck,
    },
    {
      d: 'M-20,2 C-34,80 -40,150 -44,226 M20,2 C34,80 40,150 44,226 M0,4 L0,228',
      fill: 'none',
      line: 'inner',
      lineOf: 'c0',
      z: Z.neck + 1,
    },
    { d: 'M-44,0 C-74,50 -84,140 -90,222 L-76,226 C-72,140 -64,50 -38,2 Z', fill: 'shade', z: Z.neck + 1 },
  ],
  side: drape(
    'M-20,-8 C-6,-16 18,-14 28,-4 C50,60 66,150 72,222 C50,234 20,232 0,224 C10,150 6,60 -24,4 Z',
    'M6,10 C26,80 30,150 30,222 M20,6 C44,80 50,150 52,222',
  ),
};

const scarf: Silhouette = {
  front: [
    { d: 'M18,12 L36,14 C40,36 40,58 36,78 L16,76 C20,54 20,34 18,12 Z', fill: 'c0', line: 'outer', z: Z.neck },
    { d: 'M17,66 L37,68 L36,78 L16,76 Z', fill: 'c1', line: 'outer', z: Z.neck + 1 },
    {
      d: 'M-44,2 C-50,-10 -32,-18 0,-16 C32,-18 50,-10 44,2 C48,18 28,26 0,24 C-28,26 -48,18 -44,2 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.neck + 2,
    },
    { d: 'M-38,2 C-18,12 18,12 38,-2 M-34,12 C-14,20 14,20 34,10', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.neck + 3 },
    { d: 'M-30,-14 L-24,23 L-12,24 L-18,-16 Z M8,-16 L14,24 L26,22 L20,-16 Z', fill: 'c1', z: Z.neck + 2, opacity: 0.95 },
  ],
  back: [
    {
      d: 'M-44,2 C-50,-10 -32,-18 0,-16 C32,-18 50,-10 44,2 C48,18 28,26 0,24 C-28,26 -48,18 -44,2 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.neck + 2,
    },
    { d: 'M-30,-14 L-24,23 L-12,24 L-18,-16 Z M8,-16 L14,24 L26,22 L20,-16 Z', fill: 'c1', z: Z.neck + 2 },
    { d: 'M-38,4 C-18,12 18,12 38,4', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.neck + 3 },
  ],
  side: [
    {
      d: 'M-30,2 C-34,-10 -20,-18 2,-16 C24,-16 34,-8 30,4 C32,20 18,26 0,24 C-20,26 -34,18 -30,2 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.neck + 2,
    },
    { d: 'M-22,-14 L-16,23 L-4,24 L-10,-16 Z M10,-16 L14,24 L24,21 L20,-14 Z', fill: 'c1', z: Z.neck + 2, opacity: 0.95 },
    strokes('M-26,4 C-8,14 14,14 28,4', 'c0', Z.neck + 3),
    { d: 'M-34,14 L-20,12 C-18,34 -20,56 -24,78 L-38,74 C-34,54 -34,34 -34,14 Z', fill: 'c0', line: 'outer', z: NEAR },
  ],
};

const satchel: Silhouette = {
  front: [
    { d: 'M-40,-2 L-28,-6 L58,100 L48,108 Z', fill: 'c0', line: 'outer', z: Z.torso + 4 },
    { d: 'M34,92 L84,92 C88,112 86,128 82,136 L38,136 C32,126 32,108 34,92 Z', fill: 'c0', line: 'outer', z: Z.hands + 2 },
    { d: 'M32,90 L86,90 C88,104 84,114 76,116 L44,116 C34,114 30,104 32,90 Z', fill: 'c0', line: 'outer', z: Z.hands + 2 },
    { d: 'M54,108 L66,108 L66,122 L54,122 Z', fill: 'c1', line: 'outer', z: Z.hands + 3 },
  ],
  back: [
    { d: 'M40,-2 L28,-6 L-58,100 L-48,108 Z', fill: 'c0', line: 'outer', z: Z.torso + 4 },
    { d: 'M-34,92 L-84,92 C-88,112 -86,128 -82,136 L-38,136 C-32,126 -32,108 -34,92 Z', fill: 'c0', line: 'outer', z: Z.arms - 1 },
  ],
  side: [
    { d: 'M-30,92 L34,92 C38,112 36,128 32,136 L-28,136 C-34,126 -32,108 -30,92 Z', fill: 'c0', line: 'outer', z: Z.hands + 2 },
    { d: 'M-32,90 L36,90 C38,104 34,114 26,116 L-20,116 C-30,114 -34,104 -32,90 Z', fill: 'c0', line: 'outer', z: Z.hands + 2 },
    { d: 'M-4,108 L8,108 L8,122 L-4,122 Z', fill: 'c1', line: 'outer', z: Z.hands + 3 },
  ],
  rightSide: [{ d: 'M-22,-4 L-12,-8 L4,-10 L22,-6 L26,4 L-20,6 Z', fill: 'c0', line: 'outer', z: NEAR }],
};

const backpack: Silhouette = {
  front: [
    {
      d: 'M24,-2 C34,0 38,6 39,16 C42,40 42,60 40,80 L30,80 C32,56 32,36 28,16 C27,10 24,6 20,2 Z',
      fill: 'c1',
      line: 'outer',
      z: Z.torso + 4,
      mirror: true,
    },
    { d: 'M-60,8 C-70,20 -70,70 -64,92 L64,92 C70,70 70,20 60,8 Z', fill: 'c0', line: 'outer', z: Z.behind },
  ],
  back: [
    {
      d: 'M-48,2 C-62,8 -64,80 -56,104 C-30,112 30,112 56,104 C64,80 62,8 48,2 C20,-6 -20,-6 -48,2 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.neck,
    },
    { d: 'M-52,6 C-50,34 -40,46 0,46 C40,46 50,34 52,6 C20,-6 -20,-6 -52,6 Z', fill: 'c0', line: 'outer', z: Z.neck + 1 },
    { d: 'M-30,64 L30,64 L28,98 L-28,98 Z', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.neck + 1 },
    { d: 'M-7,38 L7,38 L7,56 L-7,56 Z', fill: 'c1', line: 'outer', z: Z.neck + 2 },
  ],
  side: [
    { d: 'M22,2 C40,-2 62,6 66,30 C70,60 68,90 62,104 C48,110 30,108 24,100 Z', fill: 'c0', line: 'outer', z: NEAR },
    { d: 'M24,6 C44,0 64,10 66,40 C52,46 34,46 24,40 Z', fill: 'c0', line: 'outer', z: NEAR + 1 },
    { d: 'M-20,-2 C-8,-10 14,-10 26,2 L24,12 C12,2 -8,2 -20,8 Z', fill: 'c1', line: 'outer', z: NEAR },
  ],
};

/** Waist pieces lie at the torso's hem: y = 0. */
const sash: Silhouette = {
  front: [
    { d: 'M-56,-12 C-30,-4 30,-4 56,-12 L58,3 C30,11 -30,11 -58,3 Z', fill: 'c0', line: 'outer', z: Z.waist },
    { d: 'M30,-2 C40,-4 46,2 44,8 L50,58 L34,62 L30,10 C26,6 26,0 30,-2 Z', fill: 'c0', line: 'outer', z: Z.waist + 1 },
    { d: 'M-52,-4 C-28,4 26,4 52,-4 M36,12 L40,54', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.waist + 2 },
  ],
  back: [
    { d: 'M-56,-12 C-30,-4 30,-4 56,-12 L58,3 C30,11 -30,11 -58,3 Z', fill: 'c0', line: 'outer', z: Z.waist },
    { d: 'M-52,-4 C-28,4 26,4 52,-4', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.waist + 1 },
  ],
  side: [
    { d: 'M-31,-11 C-12,-4 14,-4 31,-11 L33,3 C14,10 -14,10 -33,3 Z', fill: 'c0', line: 'outer', z: Z.waist },
    strokes('M-30,-4 C-12,3 12,3 30,-4', 'c0', Z.waist + 1),
  ],
};

export const NECK: Readonly<Record<string, Silhouette>> = {
  'cape-short': shortCape,
  'cape-long': longCape,
  scarf,
  satchel,
  backpack,
  sash,
};
