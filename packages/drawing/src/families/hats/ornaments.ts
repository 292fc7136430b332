import { allRound, edge, ellipse, outlineOf, type Shape, type Silhouette, tone, Z } from '../../shape/index.js';
import { glint, inner, solid } from './strokes.js';

const FLOWERS = [-46, -24, 0, 24, 46];
const flower = (x: number, y: number, r: number, z: number): readonly Shape[] => [
  {
    d: [0, 1, 2, 3, 4]
      .map((i) =>
        ellipse(
          Math.round(x + Math.cos((i * 2 * Math.PI) / 5) * r * 0.6),
          Math.round(y + Math.sin((i * 2 * Math.PI) / 5) * r * 0.6),
          r * 0.5,
          r * 0.5,
        ),
      )
      .join(' '),
    fill: 'c0',
    line: 'inner',
    lineOf: 'ink',
    z,
  },
  tone(ellipse(x, y, r * 0.34, r * 0.34), 'c2', z + 0.2),
];
export const wreath: Silhouette = allRound([
  outlineOf('M-54,-72 C-30,-90 30,-90 54,-72 C30,-82 -30,-82 -54,-72 Z', 'c1', Z.headgear + 1),
  {
    d: FLOWERS.map((x) => `M${x + 10},-${80 - Math.abs(x) / 6} c6,-8 12,-6 12,0 c-4,5 -9,4 -12,0 Z`).join(' '),
    fill: 'c1',
    line: 'inner',
    lineOf: 'ink',
    z: Z.headgear + 1.5,
  },
  ...FLOWERS.flatMap((x) => flower(x, Math.round(-84 + Math.abs(x) / 6), 12, Z.headgear + 2)),
]);

export const crownRing = (teeth: string): Silhouette =>
  allRound([
    solid(`M-44,-72 C-22,-80 22,-80 44,-72 L${teeth} L-44,-72 Z`, Z.headgear + 1),
    {
      d: `${ellipse(0, -84, 5, 5)} ${ellipse(-24, -82, 4, 4)} ${ellipse(24, -82, 4, 4)}`,
      fill: 'c1',
      line: 'inner',
      lineOf: 'ink',
      z: Z.headgear + 2,
    },
  ]);

/** Add-ons sit in the hole of a hat or helmet: the origin is the head's base. */
export const plume: Silhouette = allRound([
  solid(`${edge('M24,-104 C20,-140 44,-176 76,-170', 'curled')} C80,-146 60,-120 34,-104 Z`, Z.headgear + 8),
  inner('M30,-106 C36,-132 50,-154 70,-164', Z.headgear + 9),
]);
export const goggles: Silhouette = {
  front: [
    solid('M-58,-84 C-30,-92 30,-92 58,-84 L58,-92 C30,-100 -30,-100 -58,-92 Z', Z.headgear + 8, 'c1'),
    solid(`${ellipse(-20, -90, 16, 12)} ${ellipse(20, -90, 16, 12)}`, Z.headgear + 9),
    { d: `${ellipse(-20, -90, 10, 7)} ${ellipse(20, -90, 10, 7)}`, fill: 'c2', z: Z.headgear + 9.5 },
    glint('M-26,-93 L-20,-95 M14,-93 L20,-95', Z.headgear + 10),
  ],
  back: [solid('M-60,-80 C-30,-72 30,-72 60,-80 L60,-90 C30,-82 -30,-82 -60,-90 Z', Z.headgear + 8, 'c1')],
  side: [
    solid('M-46,-84 C-10,-90 30,-88 60,-78 L60,-88 C28,-98 -12,-100 -46,-94 Z', Z.headgear + 8, 'c1'),
    solid(ellipse(-44, -90, 11, 13), Z.headgear + 9),
  ],
};
export const pin: Silhouette = { front: flower(36, -88, 13, Z.headgear + 8), back: [], side: flower(-4, -86, 13, Z.headgear + 8) };
export const feather: Silhouette = allRound([
  solid('M34,-92 C40,-124 54,-148 70,-160 C74,-138 66,-112 42,-88 Z', Z.headgear + 8),
  inner('M38,-92 C48,-116 58,-138 68,-154 M46,-110 l8,-2 M52,-124 l8,-3', Z.headgear + 9),
]);
