import { creases, outlineOf, type Shape, type Silhouette, Z } from '../../shape/index.js';
import { both } from './strokes.js';

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
    creases('M9,-7 C24,-5 44,-5 57,-8', 'c1', Z.legs + 3),
  ];
}

/** The block between torso and legs. */
const hipShapes = (top: number): readonly Shape[] => [
  {
    d: `M-50,${top} C-20,${top - 6} 20,${top - 6} 50,${top} L50,${top + 24} L4,${top + 30} C3,${top + 26} -3,${top + 26} -4,${top + 30} L-50,${top + 24} Z`,
    fill: 'c0',
    z: Z.legs + 3,
  },
  { d: `M-50,${top + 24} L-50,${top} C-20,${top - 6} 20,${top - 6} 50,${top} L50,${top + 24}`, fill: 'none', line: 'outer', z: Z.legs + 4 },
  creases(`M0,${top + 8} L0,${top + 26}`, 'c0', Z.legs + 4),
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
  outlineOf(sideLeg(top), 'c0', Z.legs),
  outlineOf('M-34,-20 C-20,-25 14,-25 30,-20 C34,-12 34,0 28,0 L-42,0 C-52,0 -50,-14 -34,-20 Z', 'c1', Z.legs + 2),
  creases('M-46,-6 C-24,-4 10,-4 31,-7', 'c1', Z.legs + 3),
];

export function trousers(height: number): Silhouette {
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
      creases(`M-26,${top + 26} C-10,${top + 30} 10,${top + 30} 26,${top + 26}`, 'c0', Z.legs + 4),
    ],
  };
}

/** Hips alone, one leg alone, and a wooden peg, for figures put together singly. */
export const hips: Silhouette = {
  front: hipShapes(-130),
  back: hipShapes(-130),
  side: [outlineOf('M-27,-130 C-10,-135 10,-135 27,-130 L28,-104 C10,-100 -10,-100 -28,-104 Z', 'c0', Z.legs + 3)],
};
export const leg: Silhouette = { front: legShapes(-130), back: legShapes(-130), side: sideShapes(-130) };
const PEG: readonly Shape[] = [
  outlineOf('M2,-128 L50,-128 L46,-84 C38,-76 18,-76 10,-84 Z', 'c0', Z.legs),
  outlineOf('M20,-80 L36,-80 L33,0 L23,0 Z', 'c1', Z.legs + 1),
  outlineOf('M14,-86 L42,-86 L42,-76 L14,-76 Z', 'c2', Z.legs + 2),
  creases('M26,-70 L27,-6', 'c1', Z.legs + 2),
];
export const peg: Silhouette = {
  front: PEG,
  back: PEG,
  side: PEG.map((shape) => ({ ...shape, d: shape.d.replace(/(-?[\d.]+),/g, (_, x: string) => `${Number(x) - 28},`) })),
};
