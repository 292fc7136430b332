import { type Shape, type Silhouette, Z } from '../../shape/index.js';

/**
 * Held things hang at the hand at +x: x = 67, y = −8 of the torso's base is the grip; here the grip is the origin.
 * `{ground}` stands for the distance down to the ground, so that a pole rests on it however tall the figure is.
 */
export const same = (shapes: readonly Shape[]): Silhouette => ({ front: shapes, back: shapes });

/** Turns straight-line paths about the grip, clockwise in degrees. */
export function tilt(d: string, degrees: number): string {
  const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
  const round = (n: number): number => Math.round(n * 10) / 10;
  return d.replace(
    /(-?[\d.]+),(-?[\d.]+)/g,
    (_, x: string, y: string) => `${round(Number(x) * cos - Number(y) * sin)},${round(Number(x) * sin + Number(y) * cos)}`,
  );
}

/** More held things: the grip is the origin, `{ground}` the distance down to the ground. */
export const solid = (d: string, fill: Shape['fill'] = 'c0', z: number = Z.held): Shape => ({ d, fill, line: 'outer', z });
export const inner = (d: string, lineOf: Shape['fill'] = 'c0', z: number = Z.held + 2): Shape => ({
  d,
  fill: 'none',
  line: 'inner',
  lineOf,
  z,
});
export const shaft = (top: number, fill: Shape['fill'] = 'c0'): Shape =>
  solid(`M-3.5,{ground} L-3.5,${top} L3.5,${top} L3.5,{ground} Z`, fill);
export const hollow = (d: string, fill: Shape['fill'], width: number, z: number = Z.held): readonly Shape[] => [
  { d, fill: 'ink', line: 'stroke', width: width + 4, z },
  { d, fill, line: 'stroke', width, z: z + 0.2 },
];
