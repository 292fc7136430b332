import { edge, ellipse, onward } from '../outline.js';
import { Z, type Shape, type Silhouette } from '../shape.js';

const solid = (d: string, z: number, fill: Shape['fill'] = 'c0', mirror = false): Shape => ({ d, fill, line: 'outer', z, mirror });
const inner = (d: string, z: number, lineOf: Shape['fill'] = 'c0', mirror = false): Shape => ({
  d,
  fill: 'none',
  line: 'inner',
  lineOf,
  z,
  mirror,
});

/** Over the near arm in the side view; between torso and arm otherwise. */
const OVER = Z.hands + 2.5;
const NEAR = Z.torso + 4;

/** Two tails with a gap between them behind. */
const splitCape: Silhouette = {
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
    { d: 'M-44,-2 C-76,42 -88,130 -94,206 L-80,210 C-74,130 -62,46 -36,2 Z', fill: 'shade', z: Z.neck + 1 },
  ],
  side: [
    solid('M-20,-8 C-6,-16 18,-14 28,-4 C54,56 76,140 84,204 C62,214 34,208 14,198 C16,130 6,50 -24,4 Z', OVER),
    inner('M8,8 C34,70 46,140 50,204', OVER + 0.1),
  ],
};

/** One side only, thrown over the shoulder; the lining is the second colour. */
const shoulderCape: Silhouette = {
  front: [
    solid('M10,-4 C54,4 84,44 96,110 C80,124 58,122 44,112 C46,70 36,34 6,14 Z', OVER),
    { d: 'M44,112 C46,70 36,34 6,14 L12,10 C44,28 56,66 54,116 Z', fill: 'c1', z: OVER + 0.1 },
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

const PLATE =
  'M-34,-4 C-20,8 20,8 34,-4 C46,8 50,24 48,44 C46,72 40,88 34,98 C12,106 -12,106 -34,98 C-40,88 -46,72 -48,44 C-50,24 -46,8 -34,-4 Z';
const breastplate: Silhouette = {
  front: [
    solid(PLATE, Z.neck),
    { d: 'M18,4 C34,30 36,66 22,100 L34,98 C46,72 52,20 34,-4 Z', fill: 'shade', z: Z.neck + 0.5 },
    inner('M0,8 L0,102 M-40,40 C-22,54 22,54 40,40 M-36,68 C-20,80 20,80 36,68', Z.neck + 0.6),
    {
      d: `${ellipse(-32, 12, 3, 3)} ${ellipse(32, 12, 3, 3)} ${ellipse(-30, 88, 3, 3)} ${ellipse(30, 88, 3, 3)}`,
      fill: 'c1',
      line: 'inner',
      lineOf: 'ink',
      z: Z.neck + 0.7,
    },
    { d: 'M-26,20 C-24,30 -26,40 -28,48', fill: 'light', line: 'stroke', width: 2.6, z: Z.neck + 0.7 },
  ],
  back: [solid(PLATE, Z.neck), inner('M0,0 L0,102 M-38,30 L38,30 M-36,62 L36,62', Z.neck + 0.6)],
  side: [
    solid('M-20,-6 C-6,0 6,0 18,-4 C30,14 34,44 32,84 C28,96 14,100 0,100 C-16,100 -34,98 -38,90 C-40,50 -36,18 -20,-6 Z', NEAR),
    inner('M-34,40 C-20,50 18,50 32,40', NEAR + 0.5),
  ],
};

const PAULDRON = 'M16,-8 C44,-14 74,-2 82,26 C84,38 80,44 72,42 C64,36 54,34 46,36 C38,22 28,8 16,2 Z';
const shoulders: Silhouette = {
  front: [
    solid(PAULDRON, Z.neck, 'c0', true),
    inner('M30,-4 C52,0 66,14 74,38 M22,2 C38,8 48,20 54,34', Z.neck + 0.5, 'c0', true),
    solid('M-24,-6 C-10,4 10,4 24,-6 L20,8 C8,14 -8,14 -20,8 Z', Z.neck + 1, 'c1'),
  ],
  back: [
    solid(PAULDRON, Z.neck, 'c0', true),
    inner('M30,-4 C52,0 66,14 74,38', Z.neck + 0.5, 'c0', true),
    solid('M-28,-8 L28,-8 L24,10 L-24,10 Z', Z.neck + 1, 'c1'),
  ],
  side: [
    solid('M-30,-6 C-14,-16 16,-16 30,-6 C38,10 38,28 30,42 C12,48 -14,48 -32,42 C-38,26 -38,8 -30,-6 Z', OVER),
    inner('M-34,14 C-14,22 14,22 34,14 M-34,28 C-14,36 14,36 34,28', OVER + 0.1),
  ],
};

const FUR = edge('M-56,12 C-58,-14 -24,-22 0,-20 C24,-22 58,-14 56,12', 'curled');
const FUR_LOW = onward(edge('M56,12 C44,40 14,32 0,30 C-14,32 -44,40 -56,12', 'curled'));
const TUFTS =
  'M-40,2 l5,7 M-26,-6 l4,8 M-10,-8 l3,8 M8,-8 l-3,8 M24,-6 l-4,8 M40,2 l-5,7 M-30,16 l5,6 M-6,16 l2,7 M18,16 l-3,7 M34,14 l-5,6';
const fur: Silhouette = {
  front: [solid(`${FUR} ${FUR_LOW} Z`, Z.neck + 2), inner(TUFTS, Z.neck + 2.5)],
  back: [solid(`${FUR} ${FUR_LOW} Z`, Z.neck + 2), inner(TUFTS, Z.neck + 2.5)],
  side: [
    solid(
      `${edge('M-38,10 C-38,-14 -14,-20 2,-18 C22,-20 40,-10 38,12', 'curled')} ${onward(edge('M38,12 C26,34 -24,34 -38,10', 'curled'))} Z`,
      OVER,
    ),
    inner('M-22,0 l5,8 M-6,-6 l3,8 M10,-6 l-3,8 M24,0 l-5,8', OVER + 0.1),
  ],
};

const RUFF = edge('M-50,6 C-56,-12 -26,-20 0,-18 C26,-20 56,-12 50,6', 'strands');
const ruff: Silhouette = {
  front: [
    solid(`${RUFF} ${onward(edge('M50,6 C36,26 -36,26 -50,6', 'strands'))} Z`, Z.neck + 2),
    inner('M-36,-6 L-20,2 M-20,-12 L-12,0 M0,-14 L0,0 M20,-12 L12,0 M36,-6 L20,2 M-30,14 L-18,6 M0,18 L0,8 M30,14 L18,6', Z.neck + 2.5),
  ],
  back: [
    solid(`${RUFF} ${onward(edge('M50,6 C36,26 -36,26 -50,6', 'strands'))} Z`, Z.neck + 2),
    inner('M-36,-6 L-20,2 M0,-14 L0,0 M36,-6 L20,2', Z.neck + 2.5),
  ],
  side: [
    solid(
      `${edge('M-36,6 C-38,-12 -14,-18 0,-16 C18,-18 40,-10 36,6', 'strands')} ${onward(edge('M36,6 C24,22 -24,22 -36,6', 'strands'))} Z`,
      Z.neck + 2,
    ),
  ],
};

const quiver: Silhouette = {
  front: [
    solid('M34,-24 L42,-28 L50,-6 L40,-2 Z', Z.behind),
    { d: 'M40,-44 L46,-24 M48,-48 L50,-26 M54,-42 L52,-24', fill: 'c1', line: 'stroke', width: 3, z: Z.behind - 1 },
    solid('M-34,4 L-26,-2 L46,92 L38,98 Z', Z.torso + 4),
  ],
  back: [
    { d: 'M-44,-46 L-36,-8 M-34,-50 L-30,-8 M-54,-38 L-44,-6', fill: 'c1', line: 'stroke', width: 3, z: Z.neck },
    {
      d: 'M-52,-50 L-42,-50 L-43,-36 L-48,-38 Z M-39,-54 L-30,-54 L-31,-40 L-36,-42 Z M-62,-42 L-52,-42 L-50,-28 L-56,-30 Z',
      fill: 'c2',
      line: 'inner',
      lineOf: 'ink',
      z: Z.neck + 0.5,
    },
    solid('M-60,-10 L-24,-16 L24,84 C18,96 2,100 -8,94 Z', Z.neck + 1),
    inner('M-56,2 L-18,-4 M-6,88 L22,76', Z.neck + 1.5),
    solid('M34,4 L26,-2 L-20,58 L-12,64 Z', Z.neck + 0.6),
  ],
  side: [
    { d: 'M26,-46 L30,-6 M36,-48 L38,-6 M46,-42 L44,-4', fill: 'c1', line: 'stroke', width: 3, z: NEAR - 1 },
    solid('M22,-10 L50,-8 L46,92 C40,98 32,98 26,92 Z', NEAR),
    inner('M22,2 L50,4', NEAR + 0.5),
  ],
};

const BEARD = 'M-45,-22 C-30,-10 -18,-22 0,-20 C18,-22 30,-10 45,-22 C48,8 36,44 0,72 C-36,44 -48,8 -45,-22 Z';
const beard: Silhouette = {
  front: [
    solid(BEARD, Z.head + 6),
    inner(
      'M-24,-4 C-22,20 -14,40 -4,60 M24,-4 C22,20 14,40 4,60 M0,-4 L0,58 M-36,-6 C-36,12 -30,26 -22,38 M36,-6 C36,12 30,26 22,38',
      Z.head + 6.5,
    ),
    {
      d: 'M0,-18 C10,-26 24,-22 30,-12 C18,-8 8,-10 0,-14 C-8,-10 -18,-8 -30,-12 C-24,-22 -10,-26 0,-18 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.head + 7,
    },
  ],
  back: [solid('M-30,-4 L30,-4 L26,8 L-26,8 Z', Z.neckPost + 1)],
  side: [
    solid('M-46,-26 C-34,-20 -18,-26 0,-30 C2,-12 -2,20 -40,66 C-54,40 -56,0 -46,-26 Z', Z.head + 6),
    inner('M-38,-12 C-42,12 -44,34 -40,54 M-22,-14 C-24,8 -30,30 -38,46', Z.head + 6.5),
  ],
};

const WING =
  'M14,14 C40,-44 90,-70 128,-66 C122,-50 124,-36 130,-22 C118,-12 116,2 118,16 C104,20 98,32 96,46 C80,44 68,52 60,64 C44,58 24,42 14,14 Z';
const VEINS = 'M22,14 C52,-16 86,-44 122,-62 M24,20 C58,2 92,-14 124,-22 M26,26 C56,22 86,18 112,18 M28,32 C46,38 66,44 90,46';
const wings: Silhouette = {
  front: [
    solid(WING, Z.farBehind, 'c0', true),
    inner(VEINS, Z.farBehind + 1, 'c0', true),
    solid('M-20,-4 L20,-4 L18,8 L-18,8 Z', Z.neckPost + 1, 'c1'),
  ],
  back: [
    solid(WING, Z.neck + 1, 'c0', true),
    inner(VEINS, Z.neck + 2, 'c0', true),
    solid('M-18,-8 L18,-8 L14,34 L-14,34 Z', Z.neck + 3, 'c1'),
  ],
  side: [
    solid('M18,14 C40,-50 96,-84 132,-74 C126,-54 128,-40 132,-26 C120,-14 118,2 120,18 C104,22 98,36 94,52 C70,54 36,46 18,14 Z', NEAR),
    inner('M26,14 C56,-20 90,-50 126,-68 M28,22 C60,4 94,-12 126,-24 M30,28 C58,26 88,22 114,20', NEAR + 0.5),
  ],
};

const MEDAL: readonly Shape[] = [
  solid('M-30,-6 L-18,-10 L2,44 L-4,48 Z M30,-6 L18,-10 L-2,44 L4,48 Z', Z.neck),
  solid(ellipse(0, 56, 13, 13), Z.neck + 1, 'c1'),
  { d: 'M0,47 L3,54 L9,54 L4,58 L6,65 L0,61 L-6,65 L-4,58 L-9,54 L-3,54 Z', fill: 'light', z: Z.neck + 1.5 },
];
const medal: Silhouette = {
  front: MEDAL,
  back: [solid('M-34,-4 C-20,-14 20,-14 34,-4 L30,4 C18,-4 -18,-4 -30,4 Z', Z.neck)],
  side: [solid('M-24,6 C-16,-10 12,-12 24,-4 L22,4 C10,-4 -8,-2 -16,10 Z', Z.neck), solid(ellipse(-31, 52, 7, 13), NEAR, 'c1')],
};

/** Waist pieces lie at the torso's hem: y = 0. */
const BELT: readonly Shape[] = [
  solid('M-58,-10 C-30,-2 30,-2 58,-10 L59,6 C30,14 -30,14 -59,6 Z', Z.waist),
  inner('M-56,-4 C-30,4 30,4 56,-4', Z.waist + 1),
];
const belt: Silhouette = {
  front: [
    ...BELT,
    solid('M-12,-8 L12,-8 L12,12 L-12,12 Z', Z.waist + 2, 'c1'),
    { d: 'M-6,-2 L6,-2 L6,6 L-6,6 Z', fill: 'c0', z: Z.waist + 2.5 },
    solid('M24,-4 L42,-6 L44,20 L26,22 Z', Z.waist + 1.5, 'c0'),
  ],
  back: BELT,
  side: [
    solid('M-33,-9 C-12,-2 14,-2 33,-9 L34,6 C14,13 -14,13 -34,6 Z', Z.waist),
    solid('M-14,-2 L6,-2 L6,24 L-14,24 Z', Z.waist + 1, 'c0'),
    inner('M-14,6 L6,6', Z.waist + 1.5),
  ],
};
const waistCape: Silhouette = {
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

export const MORE_NECK: Readonly<Record<string, Silhouette>> = {
  'cape-split': splitCape,
  'cape-shoulder': shoulderCape,
  breastplate,
  shoulders,
  fur,
  ruff,
  quiver,
  beard,
  wings,
  medal,
  belt,
  'waist-cape': waistCape,
};
