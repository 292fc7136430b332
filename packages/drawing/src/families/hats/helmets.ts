import { ellipse, outlineOf, type Shape, type Silhouette, stroke, tone, Z } from '../../shape/index.js';
import { glint, inner, shade, solid } from './strokes.js';

/** Fitted helmets: a shell, a rim, and what is let into it. */
const SHELL = 'M-58,-40 C-64,-96 -40,-126 0,-126 C40,-126 64,-96 58,-40';
export const flyer: Silhouette = {
  front: [
    solid(
      `${SHELL} C58,-18 52,-2 42,6 C40,-8 44,-22 44,-44 C42,-66 30,-74 0,-74 C-30,-74 -42,-66 -44,-44 C-44,-22 -40,-8 -42,6 C-52,-2 -58,-18 -58,-40 Z`,
    ),
    inner('M0,-126 L0,-76 M-50,-60 C-44,-84 -24,-92 0,-92 C24,-92 44,-84 50,-60'),
    solid('M-58,-84 C-30,-94 30,-94 58,-84 L58,-94 C30,-104 -30,-104 -58,-94 Z', Z.headgear + 1, 'ink'),
    solid(`${ellipse(-20, -95, 16, 13)} ${ellipse(20, -95, 16, 13)}`, Z.headgear + 2, 'c1'),
    { d: `${ellipse(-20, -95, 10, 8)} ${ellipse(20, -95, 10, 8)}`, fill: 'c2', line: 'inner', lineOf: 'ink', z: Z.headgear + 2.5 },
    glint('M-26,-98 L-20,-101 M14,-98 L20,-101', Z.headgear + 3),
  ],
  back: [
    solid(`${SHELL} C58,-18 50,-4 40,2 C14,8 -14,8 -40,2 C-50,-4 -58,-18 -58,-40 Z`),
    inner('M0,-126 L0,4 M-56,-60 C-20,-52 20,-52 56,-60'),
    solid('M-60,-80 C-30,-72 30,-72 60,-80 L60,-92 C30,-84 -30,-84 -60,-92 Z', Z.headgear + 1, 'ink'),
  ],
  side: [
    solid(
      'M-48,-74 C-46,-112 -14,-128 10,-126 C48,-124 66,-88 58,-44 C54,-20 46,-6 36,0 L22,-2 C20,-14 14,-22 6,-24 C0,-10 -8,2 -18,8 C-26,0 -26,-14 -20,-30 C-18,-52 -26,-66 -48,-74 Z',
    ),
    inner('M-6,-22 C-10,-50 -8,-90 6,-124 M24,-6 C40,-30 46,-70 36,-112'),
    solid('M-44,-86 C-10,-92 30,-92 60,-80 L58,-92 C28,-104 -12,-104 -46,-98 Z', Z.headgear + 1, 'ink'),
    solid(ellipse(-42, -92, 12, 13), Z.headgear + 2, 'c1'),
    { d: ellipse(-45, -92, 7, 9), fill: 'c2', line: 'inner', lineOf: 'ink', z: Z.headgear + 2.5 },
  ],
};

/** A diver's copper sphere with a round window on each side but the back. */
const GLOBE = 'M0,-132 C46,-132 70,-100 68,-56 C66,-20 46,8 0,8 C-46,8 -66,-20 -68,-56 C-70,-100 -46,-132 0,-132 Z';
const collarRing: Shape = solid('M-52,2 C-24,14 24,14 52,2 L56,16 C26,28 -26,28 -56,16 Z', Z.headgear + 3, 'c1');
const porthole = (x: number, rx: number): readonly Shape[] => [
  { d: `${GLOBE} ${ellipse(x, -48, rx, -34)}`, fill: 'c0', z: Z.headgear },
  outlineOf(GLOBE, 'none', Z.headgear + 0.5),
  { d: ellipse(x, -48, rx - 1, 33), fill: 'c2', z: Z.headgear - 0.5, opacity: 0.3 },
  stroke(ellipse(x, -48, rx, 34), 'ink', 9, Z.headgear + 1),
  stroke(ellipse(x, -48, rx, 34), 'c1', 5, Z.headgear + 1.2),
];
export const diver: Silhouette = {
  front: [
    ...porthole(0, 38),
    glint('M-40,-104 C-30,-116 -18,-121 -6,-122'),
    { d: `${ellipse(-56, -50, 6, 16)} ${ellipse(56, -50, 6, 16)}`, fill: 'c1', line: 'outer', z: Z.headgear + 1 },
    collarRing,
  ],
  back: [
    solid(GLOBE),
    inner('M-40,-110 C-52,-80 -52,-40 -40,-6 M40,-110 C52,-80 52,-40 40,-6'),
    solid(ellipse(0, -50, 14, 14), Z.headgear + 1, 'c1'),
    collarRing,
  ],
  side: [
    ...porthole(-48, 16),
    solid(ellipse(10, -50, 20, 22), Z.headgear + 1, 'c1'),
    { d: ellipse(10, -50, 13, 15), fill: 'c2', line: 'inner', lineOf: 'ink', z: Z.headgear + 1.5 },
    glint('M-24,-118 C-8,-126 14,-126 28,-118'),
    collarRing,
  ],
};

const CRASH =
  'M-57,-46 C-62,-100 -38,-124 0,-124 C38,-124 62,-100 57,-46 L46,-44 C46,-58 44,-66 38,-72 L-38,-72 C-44,-66 -46,-58 -46,-44 Z';
export const crash: Silhouette = {
  front: [
    solid(CRASH),
    tone('M-10,-124 L10,-124 L10,-72 L-10,-72 Z', 'c1', Z.headgear + 1),
    inner('M-10,-124 L-10,-72 M10,-124 L10,-72'),
    shade('M34,-118 C50,-100 52,-70 48,-46 L58,-46 C62,-90 52,-110 34,-118 Z'),
    glint('M-36,-108 C-30,-114 -24,-117 -18,-119'),
  ],
  back: [
    solid('M-57,-40 C-62,-100 -38,-124 0,-124 C38,-124 62,-100 57,-40 C30,-26 -30,-26 -57,-40 Z'),
    tone('M-10,-124 L10,-124 L10,-30 L-10,-30 Z', 'c1', Z.headgear + 1),
    inner('M-10,-124 L-10,-30 M10,-124 L10,-30'),
  ],
  side: [
    solid('M-48,-72 C-50,-108 -18,-124 8,-124 C46,-122 62,-92 58,-54 C54,-40 46,-34 36,-32 L10,-36 L-8,-44 C-14,-60 -26,-68 -48,-72 Z'),
    inner('M-34,-102 C-10,-112 24,-110 44,-92 M-6,-48 C10,-56 32,-52 54,-46'),
    glint('M-28,-112 C-16,-118 -4,-120 8,-119'),
  ],
};
