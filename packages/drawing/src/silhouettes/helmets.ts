import { edge, ellipse, onward } from '../outline.js';
import { Z, type Shape, type Silhouette } from '../shape.js';

const solid = (d: string, z: number = Z.headgear, fill: Shape['fill'] = 'c0', mirror = false): Shape => ({
  d,
  fill,
  line: 'outer',
  z,
  mirror,
});
const inner = (d: string, z: number = Z.headgear + 1, lineOf: Shape['fill'] = 'c0'): Shape => ({
  d,
  fill: 'none',
  line: 'inner',
  lineOf,
  z,
});
const glint = (d: string, z: number = Z.headgear + 2): Shape => ({ d, fill: 'light', line: 'stroke', width: 2.4, z });
const shade = (d: string): Shape => ({ d, fill: 'shade', z: Z.headgear + 1.5 });

/** Fitted helmets: a shell, a rim, and what is let into it. */
const SHELL = 'M-58,-40 C-64,-96 -40,-126 0,-126 C40,-126 64,-96 58,-40';
const flyer: Silhouette = {
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
  { d: GLOBE, fill: 'none', line: 'outer', z: Z.headgear + 0.5 },
  { d: ellipse(x, -48, rx - 1, 33), fill: 'c2', z: Z.headgear - 0.5, opacity: 0.3 },
  { d: ellipse(x, -48, rx, 34), fill: 'ink', line: 'stroke', width: 9, z: Z.headgear + 1 },
  { d: ellipse(x, -48, rx, 34), fill: 'c1', line: 'stroke', width: 5, z: Z.headgear + 1.2 },
];
const diver: Silhouette = {
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
const crash: Silhouette = {
  front: [
    solid(CRASH),
    { d: 'M-10,-124 L10,-124 L10,-72 L-10,-72 Z', fill: 'c1', z: Z.headgear + 1 },
    inner('M-10,-124 L-10,-72 M10,-124 L10,-72'),
    shade('M34,-118 C50,-100 52,-70 48,-46 L58,-46 C62,-90 52,-110 34,-118 Z'),
    glint('M-36,-108 C-30,-114 -24,-117 -18,-119'),
  ],
  back: [
    solid('M-57,-40 C-62,-100 -38,-124 0,-124 C38,-124 62,-100 57,-40 C30,-26 -30,-26 -57,-40 Z'),
    { d: 'M-10,-124 L10,-124 L10,-30 L-10,-30 Z', fill: 'c1', z: Z.headgear + 1 },
    inner('M-10,-124 L-10,-30 M10,-124 L10,-30'),
  ],
  side: [
    solid('M-48,-72 C-50,-108 -18,-124 8,-124 C46,-122 62,-92 58,-54 C54,-40 46,-34 36,-32 L10,-36 L-8,-44 C-14,-60 -26,-68 -48,-72 Z'),
    inner('M-34,-102 C-10,-112 24,-110 44,-92 M-6,-48 C10,-56 32,-52 54,-46'),
    glint('M-28,-112 C-16,-118 -4,-120 8,-119'),
  ],
};

/** Hood with a fur edge, open at the face, that lies on the neck. */
const FUR_EDGE = 'M-45,-2 C-56,-30 -56,-84 0,-88 C56,-84 56,-30 45,-2';
const parka: Silhouette = {
  front: [
    solid(
      'M-50,10 C-74,-20 -72,-96 -32,-118 C-14,-128 14,-128 32,-118 C72,-96 74,-20 50,10 L44,2 C52,-30 50,-74 0,-78 C-50,-74 -52,-30 -44,2 Z',
    ),
    solid(`${edge(FUR_EDGE, 'curled')} L38,0 C44,-28 44,-66 0,-70 C-44,-66 -44,-28 -38,0 Z`, Z.headgear + 2, 'c1'),
  ],
  back: [
    solid('M-52,16 C-74,-20 -72,-96 -32,-118 C-14,-128 14,-128 32,-118 C72,-96 74,-20 52,16 C24,28 -24,28 -52,16 Z'),
    inner('M0,-122 L0,22 M-40,-100 C-52,-60 -50,-20 -40,12 M40,-100 C52,-60 50,-20 40,12'),
  ],
  side: [
    solid('M-42,-78 C-36,-116 0,-126 20,-122 C58,-114 74,-70 64,-20 C58,6 40,18 14,18 L-16,8 C-2,-20 -12,-60 -42,-78 Z'),
    inner('M20,-118 C50,-96 56,-40 36,10'),
    solid(
      `${edge('M-20,10 C0,-24 -14,-66 -50,-84', 'curled')} ${onward(edge('M-50,-84 C-34,-62 -30,-20 -34,4', 'strands'))} Z`,
      Z.headgear + 2,
      'c1',
    ),
  ],
};

export const HELMETS: Readonly<Record<string, Silhouette>> = {
  'helmet-flyer': flyer,
  'helmet-diver': diver,
  'helmet-crash': crash,
  'hood-parka': parka,
};
