import { ellipse } from '../outline.js';
import { allRound, Z, type Shape, type Silhouette } from '../shape.js';

const inner = (d: string, lineOf: Shape['fill'], z: number): Shape => ({ d, fill: 'none', line: 'inner', lineOf, z });

/** One leg at +x of a given height, flared at the hem, in a round-toed shoe. Heights in tenths of a mm. */
function legShapes(top: number): readonly Shape[] {
  const shoe = -20;
  return [
    {
      d: `M2,${top} L50,${top} C51,${top * 0.66} 49,${top * 0.4} 56,-17 C57,-8 55,-5 49,-4 L12,-4 C6,-4 4,-8 4,-14 Z`,
      fill: 'c0',
      line: 'outer',
      z: Z.legs,
    },
    {
      d: `M5,${shoe} C20,${shoe - 5} 42,${shoe - 5} 56,${shoe + 1} C61,-9 59,0 49,0 L12,0 C4,0 3,-8 5,${shoe} Z`,
      fill: 'c1',
      line: 'outer',
      z: Z.legs + 2,
    },
    { d: `M3,${top + 20} L13,${top + 20} C12,${top * 0.5} 11,-40 13,${shoe - 2} L5,${shoe} Z`, fill: 'shade', z: Z.legs + 1 },
    inner('M9,-7 C24,-5 44,-5 57,-8', 'c1', Z.legs + 3),
  ];
}

const both = (shapes: readonly Shape[]): readonly Shape[] => shapes.map((shape) => ({ ...shape, mirror: true }));

/** The block between torso and legs. */
const hipShapes = (top: number): readonly Shape[] => [
  {
    d: `M-50,${top} C-20,${top - 6} 20,${top - 6} 50,${top} L50,${top + 24} L4,${top + 30} C3,${top + 26} -3,${top + 26} -4,${top + 30} L-50,${top + 24} Z`,
    fill: 'c0',
    z: Z.legs + 3,
  },
  { d: `M-50,${top + 24} L-50,${top} C-20,${top - 6} 20,${top - 6} 50,${top} L50,${top + 24}`, fill: 'none', line: 'outer', z: Z.legs + 4 },
  inner(`M0,${top + 8} L0,${top + 26}`, 'c0', Z.legs + 4),
  {
    d: `M-3.5,${top + 36} C-3.5,${top + 25} 3.5,${top + 25} 3.5,${top + 36}`,
    fill: 'none',
    line: 'outer',
    z: Z.legs + 4,
  },
];

const sideLeg = (top: number): string =>
  `M-27,${top} C-10,${top - 5} 10,${top - 5} 27,${top} C29,${top * 0.6} 25,${top * 0.36} 30,-18 L-32,-18 C-26,${top * 0.36} -29,${top * 0.6} -27,${top} Z`;

const sideShapes = (top: number): readonly Shape[] => [
  { d: sideLeg(top), fill: 'c0', line: 'outer', z: Z.legs },
  { d: 'M-34,-20 C-20,-25 14,-25 30,-20 C34,-12 34,0 28,0 L-42,0 C-52,0 -50,-14 -34,-20 Z', fill: 'c1', line: 'outer', z: Z.legs + 2 },
  inner('M-46,-6 C-24,-4 10,-4 31,-7', 'c1', Z.legs + 3),
];

function trousers(height: number): Silhouette {
  const top = -height;
  const legs = [...both(legShapes(top)), ...hipShapes(top)];
  const sideShade = (side: 1 | -1): Shape => ({
    d: `M${40 * side},${top + 12} C${40 * side},${top * 0.6} ${41 * side},${top * 0.4} ${47 * side},-23 L${57 * side},-20 C${49 * side},${top * 0.4} ${51 * side},${top * 0.6} ${50 * side},${top + 12} Z`,
    fill: 'shade',
    z: Z.legs + 1,
  });
  return {
    outline: `M-50,${top} L50,${top} C51,${top * 0.66} 49,${top * 0.4} 57,-20 L3,-20 L2,${top + 34} L-2,${top + 34} L-3,-20 L-57,-20 C-49,${top * 0.4} -51,${top * 0.66} -50,${top} Z`,
    sideOutline: sideLeg(top),
    front: [...legs, sideShade(1)],
    back: [...legs, sideShade(-1)],
    side: [
      ...sideShapes(top),
      { d: `M14,${top + 6} C18,${top * 0.6} 14,${top * 0.4} 18,-22 L32,-20 L30,${top} Z`, fill: 'shade', z: Z.legs + 1 },
      inner(`M-26,${top + 26} C-10,${top + 30} 10,${top + 30} 26,${top + 26}`, 'c0', Z.legs + 4),
    ],
  };
}

/** Hips alone, one leg alone, and a wooden peg, for figures put together singly. */
const hips: Silhouette = {
  front: hipShapes(-130),
  back: hipShapes(-130),
  side: [{ d: 'M-27,-130 C-10,-135 10,-135 27,-130 L28,-104 C10,-100 -10,-100 -28,-104 Z', fill: 'c0', line: 'outer', z: Z.legs + 3 }],
};
const leg: Silhouette = { front: legShapes(-130), back: legShapes(-130), side: sideShapes(-130) };
const PEG: readonly Shape[] = [
  { d: 'M2,-128 L50,-128 L46,-84 C38,-76 18,-76 10,-84 Z', fill: 'c0', line: 'outer', z: Z.legs },
  { d: 'M20,-80 L36,-80 L33,0 L23,0 Z', fill: 'c1', line: 'outer', z: Z.legs + 1 },
  { d: 'M14,-86 L42,-86 L42,-76 L14,-76 Z', fill: 'c2', line: 'outer', z: Z.legs + 2 },
  inner('M26,-70 L27,-6', 'c1', Z.legs + 2),
];
const peg: Silhouette = {
  front: PEG,
  back: PEG,
  side: PEG.map((shape) => ({ ...shape, d: shape.d.replace(/(-?[\d.]+),/g, (_, x: string) => `${Number(x) - 28},`) })),
};

/** A one-piece lower body that hangs as cloth: outline, hem band, folds, and shoes under it. */
interface Cloth {
  readonly outline: string;
  readonly sideOutline: string;
  readonly folds: string;
  readonly sideFolds: string;
  readonly shoes: boolean;
}

const SHOES: readonly Shape[] = both([
  { d: 'M12,-34 L40,-34 L40,-12 L12,-12 Z', fill: 'c2', line: 'outer', z: Z.legs },
  { d: 'M8,-18 C20,-23 34,-23 45,-17 C50,-8 47,0 39,0 L14,0 C6,0 5,-9 8,-18 Z', fill: 'c1', line: 'outer', z: Z.legs + 1 },
]);
const SIDE_SHOES: readonly Shape[] = [
  { d: 'M-12,-34 L16,-34 L16,-12 L-12,-12 Z', fill: 'c2', line: 'outer', z: Z.legs },
  { d: 'M-16,-18 C-4,-23 12,-23 22,-17 C27,-8 24,0 18,0 L-28,0 C-38,0 -34,-14 -16,-18 Z', fill: 'c1', line: 'outer', z: Z.legs + 1 },
];

function cloth({ outline, sideOutline, folds, sideFolds, shoes }: Cloth): Silhouette {
  const shapes = (d: string, lines: string, shade: string, feet: readonly Shape[]): readonly Shape[] => [
    ...(shoes ? feet : []),
    { d, fill: 'c0', z: Z.legs + 2 },
    { d: shade, fill: 'shade', z: Z.legs + 4 },
    { ...inner(lines, 'c0', Z.legs + 4), opacity: 0.7 },
    { d, fill: 'none', line: 'outer', z: Z.legs + 5 },
  ];
  return {
    outline,
    sideOutline,
    front: shapes(outline, folds, 'M36,-200 C42,-96 50,-60 60,2 L110,2 L90,-200 Z', SHOES),
    back: shapes(outline, folds, 'M-36,-200 C-42,-96 -50,-60 -60,2 L-110,2 L-90,-200 Z', SHOES),
    side: shapes(sideOutline, sideFolds, 'M14,-200 C20,-96 26,-60 34,2 L90,2 L80,-200 Z', SIDE_SHOES),
  };
}

const skirt = cloth({
  outline:
    'M-50,-130 C-20,-136 20,-136 50,-130 C58,-90 68,-60 76,-32 C50,-22 24,-26 0,-25 C-24,-26 -50,-22 -76,-32 C-68,-60 -58,-90 -50,-130 Z',
  sideOutline: 'M-27,-130 C-10,-135 10,-135 27,-130 C36,-90 44,-60 52,-32 C30,-23 -26,-23 -50,-32 C-44,-60 -36,-90 -27,-130 Z',
  folds:
    'M-18,-118 C-22,-88 -28,-60 -32,-38 M0,-108 C0,-86 0,-62 0,-40 M18,-118 C22,-88 28,-60 32,-38 M-38,-110 C-44,-84 -52,-62 -58,-42 M38,-110 C44,-84 52,-62 58,-42',
  sideFolds: 'M-10,-116 C-14,-86 -20,-60 -24,-40 M6,-112 C8,-84 8,-62 8,-40 M18,-116 C24,-86 30,-60 36,-42',
  shoes: true,
});

/** A gown that adds height: it reaches the ground all round. */
const gown = cloth({
  outline: 'M-50,-192 C-20,-198 20,-198 50,-192 C60,-130 78,-70 92,-8 C60,2 -60,2 -92,-8 C-78,-70 -60,-130 -50,-192 Z',
  sideOutline: 'M-27,-192 C-10,-197 10,-197 27,-192 C38,-130 58,-70 72,-8 C44,2 -36,2 -60,-8 C-50,-70 -38,-130 -27,-192 Z',
  folds:
    'M-20,-176 C-28,-120 -40,-60 -46,-14 M0,-160 C0,-110 0,-56 0,-10 M20,-176 C28,-120 40,-60 46,-14 M-40,-166 C-52,-110 -66,-60 -74,-18 M40,-166 C52,-110 66,-60 74,-18',
  sideFolds: 'M-12,-176 C-20,-120 -30,-60 -34,-12 M8,-166 C12,-110 14,-60 14,-8 M20,-176 C32,-120 46,-60 54,-14',
  shoes: false,
});

/** A dress whose front slopes and whose back trails. */
const sloped = cloth({
  outline: 'M-50,-130 C-20,-136 20,-136 50,-130 C56,-86 66,-44 74,-4 C44,4 -44,4 -74,-4 C-66,-44 -56,-86 -50,-130 Z',
  sideOutline: 'M-27,-130 C-10,-135 10,-135 27,-130 C44,-84 66,-40 88,-6 C50,4 -30,4 -58,-4 C-48,-44 -36,-86 -27,-130 Z',
  folds: 'M-24,-116 C-28,-76 -34,-40 -38,-8 M0,-104 C0,-70 0,-38 0,-6 M24,-116 C28,-76 34,-40 38,-8 M-50,-40 C-20,-30 20,-30 50,-40',
  sideFolds: 'M-10,-116 C-18,-76 -26,-40 -30,-8 M10,-112 C20,-74 34,-38 46,-8',
  shoes: false,
});

/** The hind part of a deer, four-legged; and a fish's tail. */
const DEER_FRONT: readonly Shape[] = [
  {
    d: 'M-50,-130 C-20,-136 20,-136 50,-130 C56,-104 52,-84 44,-70 C20,-60 -20,-60 -44,-70 C-52,-84 -56,-104 -50,-130 Z',
    fill: 'c0',
    line: 'outer',
    z: Z.legs + 2,
  },
  { d: 'M14,-80 L40,-80 C40,-56 36,-40 38,-18 L18,-18 C18,-40 12,-56 14,-80 Z', fill: 'c0', line: 'outer', z: Z.legs, mirror: true },
  { d: 'M16,-20 L40,-20 L43,0 L14,0 Z', fill: 'c1', line: 'outer', z: Z.legs + 1, mirror: true },
  { d: 'M-20,-126 C-10,-106 10,-106 20,-126 C16,-84 -16,-84 -20,-126 Z', fill: 'c2', z: Z.legs + 3 },
];
const hoofed = (x: number, z: number): readonly Shape[] => [
  {
    d: `M${x},-84 L${x + 22},-84 C${x + 24},-56 ${x + 20},-40 ${x + 20},-18 L${x + 4},-18 C${x + 6},-40 ${x - 2},-56 ${x},-84 Z`,
    fill: 'c0',
    line: 'outer',
    z,
  },
  { d: `M${x + 2},-20 L${x + 22},-20 L${x + 24},0 L${x - 2},0 Z`, fill: 'c1', line: 'outer', z: z + 1 },
];
const deer: Silhouette = {
  front: DEER_FRONT,
  back: [
    ...DEER_FRONT.slice(0, 3),
    { d: 'M-10,-112 C-14,-92 -8,-76 0,-70 C8,-76 14,-92 10,-112 Z', fill: 'c2', line: 'outer', z: Z.legs + 3 },
  ],
  side: [
    ...hoofed(-26, Z.legs),
    ...hoofed(84, Z.legs),
    {
      d: 'M-27,-130 C-10,-135 14,-135 27,-128 C50,-118 84,-122 106,-110 C120,-96 116,-74 104,-66 C60,-58 10,-60 -26,-66 C-34,-86 -32,-108 -27,-130 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.legs + 2,
    },
    { d: 'M106,-108 C122,-112 124,-96 114,-86 C110,-92 106,-98 106,-108 Z', fill: 'c2', line: 'outer', z: Z.legs + 3 },
    { ...inner('M40,-84 l4,-3 M56,-92 l4,-3 M70,-82 l4,-3 M84,-94 l4,-3 M30,-100 l4,-3', 'c2', Z.legs + 3) },
  ],
};
const SCALES =
  'M-26,-108 c5,7 13,7 18,0 M8,-108 c5,7 13,7 18,0 M-9,-92 c5,7 13,7 18,0 M-22,-76 c5,7 13,7 18,0 M4,-76 c5,7 13,7 18,0 M-9,-60 c5,6 12,6 17,0';
const FISH: readonly Shape[] = [
  {
    d: 'M-50,-130 C-20,-136 20,-136 50,-130 C52,-96 34,-60 18,-34 L-18,-34 C-34,-60 -52,-96 -50,-130 Z',
    fill: 'c0',
    line: 'outer',
    z: Z.legs,
  },
  {
    d: 'M0,-40 C22,-40 46,-30 64,-4 C40,-6 16,-8 0,0 C-16,-8 -40,-6 -64,-4 C-46,-30 -22,-40 0,-40 Z',
    fill: 'c1',
    line: 'outer',
    z: Z.legs + 1,
  },
  inner(SCALES, 'c0', Z.legs + 2),
  inner('M0,-34 L0,-8 M-12,-32 C-22,-22 -30,-14 -42,-10 M12,-32 C22,-22 30,-14 42,-10', 'c1', Z.legs + 2),
];
const fish: Silhouette = {
  front: FISH,
  back: FISH,
  side: [
    {
      d: 'M-27,-130 C-10,-135 10,-135 27,-130 C36,-90 40,-60 52,-34 L30,-26 C4,-50 -30,-90 -27,-130 Z',
      fill: 'c0',
      line: 'outer',
      z: Z.legs,
    },
    { d: 'M34,-40 C58,-40 84,-24 92,-2 C70,2 40,2 22,-12 C24,-24 28,-34 34,-40 Z', fill: 'c1', line: 'outer', z: Z.legs + 1 },
  ],
};

const PLATE: readonly Shape[] = [
  { d: 'M2,-32 L60,-32 L60,0 L2,0 Z', fill: 'c0', line: 'outer', z: Z.legs },
  inner('M2,-24 L60,-24', 'c0', Z.legs + 1),
];
const SIDE_PLATE: readonly Shape[] = [{ d: 'M-44,-32 L34,-32 L34,0 L-44,0 Z', fill: 'c0', line: 'outer', z: Z.legs }];
const STUD: readonly Shape[] = [{ d: 'M14,-16 C24,-20 36,-20 46,-16 L46,0 L14,0 Z', fill: 'c0', line: 'outer', z: Z.legs }];
const BOOT: readonly Shape[] = [
  { d: 'M3,-46 C20,-52 42,-52 58,-46 C62,-26 62,-8 58,0 L6,0 C2,-10 1,-30 3,-46 Z', fill: 'c0', line: 'outer', z: Z.legs + 3.5 },
  inner('M4,-8 L60,-8 M14,-38 L48,-38 M14,-28 L48,-28', 'c0', Z.legs + 4),
];
const SIDE_BOOT: readonly Shape[] = [
  { d: 'M-34,-46 C-14,-52 16,-52 33,-46 C36,-26 36,-8 34,0 L-46,0 C-54,-8 -46,-22 -34,-26 Z', fill: 'c0', line: 'outer', z: Z.legs + 3.5 },
  inner('M-48,-8 L34,-8', 'c0', Z.legs + 4),
];

export const LEGS: Readonly<Record<string, Silhouette>> = {
  legs: trousers(130),
  'legs-mid': trousers(106),
  'legs-short': trousers(78),
  hips,
  leg,
  peg,
  skirt,
  gown,
  'sloped-dress': sloped,
  'deer-body': deer,
  'fish-tail': fish,
  'foot-plate': { front: PLATE, back: PLATE, side: SIDE_PLATE },
  'foot-stud': allRound(STUD),
  'boot-extension': { front: BOOT, back: BOOT, side: SIDE_BOOT },
  'stand-plate': allRound([
    { d: 'M-96,-6 C-60,-14 60,-14 96,-6 L96,6 C60,14 -60,14 -96,6 Z', fill: 'c0', line: 'outer', z: Z.farBehind - 2 },
    { d: ellipse(0, -3, 84, 5), fill: 'light', z: Z.farBehind - 1 },
  ]),
  'stand-flying': allRound([
    { d: 'M-50,-2 C-30,-10 30,-10 50,-2 L50,8 C30,14 -30,14 -50,8 Z', fill: 'c0', line: 'outer', z: Z.farBehind - 2 },
    { d: 'M-4,-2 C-10,-50 6,-90 0,-140 L8,-140 C14,-90 -2,-50 4,-2 Z', fill: 'c0', line: 'outer', z: Z.farBehind - 3 },
  ]),
};
