import { type Shape, Z } from '../../shape/index.js';

/** From the side, facing left, everything behind the neck lies at x > 0. Near arms are drawn over it. */
export const NEAR = Z.torso + 4;
export const solid = (d: string, z: number, fill: Shape['fill'] = 'c0', mirror = false): Shape => ({ d, fill, line: 'outer', z, mirror });
export const inner = (d: string, z: number, lineOf: Shape['fill'] = 'c0', mirror = false): Shape => ({
  d,
  fill: 'none',
  line: 'inner',
  lineOf,
  z,
  mirror,
});

/** Over the near arm in the side view; between torso and arm otherwise. */
export const OVER = Z.hands + 2.5;
