import { creases, outlineOf, type Shape, Z } from '../../shape/index.js';

export const PLATE: readonly Shape[] = [
  outlineOf('M2,-32 L60,-32 L60,0 L2,0 Z', 'c0', Z.legs),
  creases('M2,-24 L60,-24', 'c0', Z.legs + 1),
];
export const SIDE_PLATE: readonly Shape[] = [outlineOf('M-44,-32 L34,-32 L34,0 L-44,0 Z', 'c0', Z.legs)];
export const STUD: readonly Shape[] = [outlineOf('M14,-16 C24,-20 36,-20 46,-16 L46,0 L14,0 Z', 'c0', Z.legs)];
export const BOOT: readonly Shape[] = [
  outlineOf('M3,-46 C20,-52 42,-52 58,-46 C62,-26 62,-8 58,0 L6,0 C2,-10 1,-30 3,-46 Z', 'c0', Z.legs + 3.5),
  creases('M4,-8 L60,-8 M14,-38 L48,-38 M14,-28 L48,-28', 'c0', Z.legs + 4),
];
export const SIDE_BOOT: readonly Shape[] = [
  outlineOf('M-34,-46 C-14,-52 16,-52 33,-46 C36,-26 36,-8 34,0 L-46,0 C-54,-8 -46,-22 -34,-26 Z', 'c0', Z.legs + 3.5),
  creases('M-48,-8 L34,-8', 'c0', Z.legs + 4),
];
