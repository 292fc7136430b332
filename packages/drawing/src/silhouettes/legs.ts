import { Z, type Shape, type Silhouette } from '../shape.js';

/** One leg at +x of a given height, flared at the hem, in a round-toed shoe. Heights in tenths of a mm. */
function trousers(height: number): Silhouette {
  const top = -height;
  const shoe = -20;
  const leg = `M2,${top} L50,${top} C51,${top * 0.66} 49,${top * 0.4} 56,-17 C57,-8 55,-5 49,-4 L12,-4 C6,-4 4,-8 4,-14 Z`;
  const foot = `M5,${shoe} C20,${shoe - 5} 42,${shoe - 5} 56,${shoe + 1} C61,-9 59,0 49,0 L12,0 C4,0 3,-8 5,${shoe} Z`;
  const hips = `M-50,${top} C-20,${top - 6} 20,${top - 6} 50,${top} L50,${top + 24} L4,${top + 30} C3,${top + 26} -3,${top + 26} -4,${top + 30} L-50,${top + 24} Z`;
  const shared: readonly Shape[] = [
    { d: leg, fill: 'c0', line: 'outer', z: Z.legs, mirror: true },
    { d: foot, fill: 'c1', line: 'outer', z: Z.legs + 2, mirror: true },
    { d: `M3,${top + 20} L13,${top + 20} C12,${top * 0.5} 11,-40 13,${shoe - 2} L5,${shoe} Z`, fill: 'shade', z: Z.legs + 1, mirror: true },
    { d: `M9,-7 C24,-5 44,-5 57,-8`, fill: 'none', line: 'inner', lineOf: 'c1', z: Z.legs + 3, mirror: true },
    { d: hips, fill: 'c0', z: Z.legs + 3 },
    {
      d: `M-50,${top + 24} L-50,${top} C-20,${top - 6} 20,${top - 6} 50,${top} L50,${top + 24}`,
      fill: 'none',
      line: 'outer',
      z: Z.legs + 4,
    },
    { d: `M0,${top + 8} L0,${top + 26}`, fill: 'none', line: 'inner', lineOf: 'c0', z: Z.legs + 4 },
    { d: `M-3.5,${top + 36} C-3.5,${top + 25} 3.5,${top + 25} 3.5,${top + 36}`, fill: 'none', line: 'outer', z: Z.legs + 4 },
  ];
  return {
    outline: `M-50,${top} L50,${top} C51,${top * 0.66} 49,${top * 0.4} 57,-20 L3,-20 L2,${top + 34} L-2,${top + 34} L-3,-20 L-57,-20 C-49,${top * 0.4} -51,${top * 0.66} -50,${top} Z`,
    front: [
      ...shared,
      {
        d: `M40,${top + 12} C40,${top * 0.6} 41,${top * 0.4} 47,${shoe - 3} L57,${shoe} C49,${top * 0.4} 51,${top * 0.6} 50,${top + 12} Z`,
        fill: 'shade',
        z: Z.legs + 1,
      },
    ],
    back: [
      ...shared,
      {
        d: `M-40,${top + 12} C-40,${top * 0.6} -41,${top * 0.4} -47,${shoe - 3} L-57,${shoe} C-49,${top * 0.4} -51,${top * 0.6} -50,${top + 12} Z`,
        fill: 'shade',
        z: Z.legs + 1,
      },
    ],
  };
}

const SKIRT =
  'M-50,-130 C-20,-136 20,-136 50,-130 C58,-90 68,-60 76,-32 C50,-22 24,-26 0,-25 C-24,-26 -50,-22 -76,-32 C-68,-60 -58,-90 -50,-130 Z';
const SKIRT_SHAPES: readonly Shape[] = [
  { d: 'M12,-34 L40,-34 L40,-12 L12,-12 Z', fill: 'c2', line: 'outer', z: Z.legs, mirror: true },
  { d: 'M8,-18 C20,-23 34,-23 45,-17 C50,-8 47,0 39,0 L14,0 C6,0 5,-9 8,-18 Z', fill: 'c1', line: 'outer', z: Z.legs + 1, mirror: true },
  { d: SKIRT, fill: 'c0', z: Z.legs + 2 },
];
const SKIRT_FOLDS: readonly Shape[] = [
  {
    d: 'M-18,-118 C-22,-88 -28,-60 -32,-38 M0,-108 C0,-86 0,-62 0,-40 M18,-118 C22,-88 28,-60 32,-38 M-38,-110 C-44,-84 -52,-62 -58,-42 M38,-110 C44,-84 52,-62 58,-42',
    fill: 'none',
    line: 'inner',
    lineOf: 'c0',
    z: Z.legs + 4,
    opacity: 0.7,
  },
  { d: SKIRT, fill: 'none', line: 'outer', z: Z.legs + 5 },
];
const skirt: Silhouette = {
  outline: SKIRT,
  front: [...SKIRT_SHAPES, { d: 'M36,-134 C42,-96 50,-60 56,-26 L80,-28 L60,-134 Z', fill: 'shade', z: Z.legs + 4 }, ...SKIRT_FOLDS],
  back: [...SKIRT_SHAPES, { d: 'M-36,-134 C-42,-96 -50,-60 -56,-26 L-80,-28 L-60,-134 Z', fill: 'shade', z: Z.legs + 4 }, ...SKIRT_FOLDS],
};

const PLATE: readonly Shape[] = [
  { d: 'M2,-32 L60,-32 L60,0 L2,0 Z', fill: 'c0', line: 'outer', z: Z.legs },
  { d: 'M2,-24 L60,-24', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.legs + 1 },
];

export const LEGS: Readonly<Record<string, Silhouette>> = {
  legs: trousers(130),
  'legs-mid': trousers(106),
  'legs-short': trousers(78),
  skirt,
  'foot-plate': { front: PLATE, back: PLATE },
};
