import { creases, outlineOf, type Shape, type Silhouette, tone, Z } from '../../shape/index.js';

/** The hind part of a deer, four-legged; and a fish's tail. */
const DEER_FRONT: readonly Shape[] = [
  outlineOf(
    'M-50,-130 C-20,-136 20,-136 50,-130 C56,-104 52,-84 44,-70 C20,-60 -20,-60 -44,-70 C-52,-84 -56,-104 -50,-130 Z',
    'c0',
    Z.legs + 2,
  ),
  { d: 'M14,-80 L40,-80 C40,-56 36,-40 38,-18 L18,-18 C18,-40 12,-56 14,-80 Z', fill: 'c0', line: 'outer', z: Z.legs, mirror: true },
  { d: 'M16,-20 L40,-20 L43,0 L14,0 Z', fill: 'c1', line: 'outer', z: Z.legs + 1, mirror: true },
  tone('M-20,-126 C-10,-106 10,-106 20,-126 C16,-84 -16,-84 -20,-126 Z', 'c2', Z.legs + 3),
];
const hoofAt = (x: number, z: number): readonly Shape[] => [
  {
    d: `M${x},-84 L${x + 22},-84 C${x + 24},-56 ${x + 20},-40 ${x + 20},-18 L${x + 4},-18 C${x + 6},-40 ${x - 2},-56 ${x},-84 Z`,
    fill: 'c0',
    line: 'outer',
    z,
  },
  { d: `M${x + 2},-20 L${x + 22},-20 L${x + 24},0 L${x - 2},0 Z`, fill: 'c1', line: 'outer', z: z + 1 },
];
export const deer: Silhouette = {
  front: DEER_FRONT,
  back: [...DEER_FRONT.slice(0, 3), outlineOf('M-10,-112 C-14,-92 -8,-76 0,-70 C8,-76 14,-92 10,-112 Z', 'c2', Z.legs + 3)],
  side: [
    ...hoofAt(-26, Z.legs),
    ...hoofAt(84, Z.legs),
    outlineOf(
      'M-27,-130 C-10,-135 14,-135 27,-128 C50,-118 84,-122 106,-110 C120,-96 116,-74 104,-66 C60,-58 10,-60 -26,-66 C-34,-86 -32,-108 -27,-130 Z',
      'c0',
      Z.legs + 2,
    ),
    outlineOf('M106,-108 C122,-112 124,-96 114,-86 C110,-92 106,-98 106,-108 Z', 'c2', Z.legs + 3),
    { ...creases('M40,-84 l4,-3 M56,-92 l4,-3 M70,-82 l4,-3 M84,-94 l4,-3 M30,-100 l4,-3', 'c2', Z.legs + 3) },
  ],
};
const SCALES =
  'M-26,-108 c5,7 13,7 18,0 M8,-108 c5,7 13,7 18,0 M-9,-92 c5,7 13,7 18,0 M-22,-76 c5,7 13,7 18,0 M4,-76 c5,7 13,7 18,0 M-9,-60 c5,6 12,6 17,0';
const FISH: readonly Shape[] = [
  outlineOf('M-50,-130 C-20,-136 20,-136 50,-130 C52,-96 34,-60 18,-34 L-18,-34 C-34,-60 -52,-96 -50,-130 Z', 'c0', Z.legs),
  outlineOf('M0,-40 C22,-40 46,-30 64,-4 C40,-6 16,-8 0,0 C-16,-8 -40,-6 -64,-4 C-46,-30 -22,-40 0,-40 Z', 'c1', Z.legs + 1),
  creases(SCALES, 'c0', Z.legs + 2),
  creases('M0,-34 L0,-8 M-12,-32 C-22,-22 -30,-14 -42,-10 M12,-32 C22,-22 30,-14 42,-10', 'c1', Z.legs + 2),
];
export const fish: Silhouette = {
  front: FISH,
  back: FISH,
  side: [
    outlineOf('M-27,-130 C-10,-135 10,-135 27,-130 C36,-90 40,-60 52,-34 L30,-26 C4,-50 -30,-90 -27,-130 Z', 'c0', Z.legs),
    outlineOf('M34,-40 C58,-40 84,-24 92,-2 C70,2 40,2 22,-12 C24,-24 28,-34 34,-40 Z', 'c1', Z.legs + 1),
  ],
};
