import { type Shape, Z } from '../../shape/index.js';

export const solid = (d: string, z: number = Z.headgear, fill: Shape['fill'] = 'c0', mirror = false): Shape => ({
  d,
  fill,
  line: 'outer',
  z,
  mirror,
});
export const inner = (d: string, z: number = Z.headgear + 1, lineOf: Shape['fill'] = 'c0'): Shape => ({
  d,
  fill: 'none',
  line: 'inner',
  lineOf,
  z,
});
export const glint = (d: string, z: number = Z.headgear + 2): Shape => ({ d, fill: 'light', line: 'stroke', width: 2.4, z });
export const shade = (d: string): Shape => ({ d, fill: 'shade', z: Z.headgear + 1.5 });
