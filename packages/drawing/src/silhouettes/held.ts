import { Z, type Shape, type Silhouette } from '../shape.js';

/**
 * Held things hang at the hand at +x: x = 67, y = −8 of the torso's base is the grip; here the grip is the origin.
 * `{ground}` stands for the distance down to the ground, so that a pole rests on it however tall the figure is.
 */
const same = (shapes: readonly Shape[]): Silhouette => ({ front: shapes, back: shapes });

/** Turns straight-line paths about the grip, clockwise in degrees. */
function tilt(d: string, degrees: number): string {
  const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
  const round = (n: number): number => Math.round(n * 10) / 10;
  return d.replace(
    /(-?[\d.]+),(-?[\d.]+)/g,
    (_, x: string, y: string) => `${round(Number(x) * cos - Number(y) * sin)},${round(Number(x) * sin + Number(y) * cos)}`,
  );
}

const lanternPole = same([
  { d: 'M-3.5,{ground} L-3.5,-120 L3.5,-120 L3.5,{ground} Z', fill: 'c0', line: 'outer', z: Z.held },
  { d: 'M-20,-156 L20,-156 L26,-116 L-26,-116 Z', fill: 'c1', line: 'outer', z: Z.held + 1 },
  { d: 'M-26,-116 L26,-116 L16,-104 L-16,-104 Z', fill: 'c0', line: 'outer', z: Z.held + 1 },
  { d: 'M-22,-156 L22,-156 L12,-168 L-12,-168 Z', fill: 'c0', line: 'outer', z: Z.held + 1 },
  { d: 'M0,-148 C9,-138 8,-128 0,-124 C-8,-128 -9,-138 0,-148 Z', fill: 'white', z: Z.held + 2, opacity: 0.75 },
  { d: 'M-9,-156 L-12,-116 M9,-156 L12,-116', fill: 'none', line: 'inner', lineOf: 'c1', z: Z.held + 2 },
]);

const oar = same([
  { d: 'M-3.5,{ground} L-3.5,-140 L3.5,-140 L3.5,{ground} Z', fill: 'c0', line: 'outer', z: Z.held },
  {
    d: 'M0,-238 C15,-236 19,-214 17,-190 C15,-168 10,-150 3.5,-138 L-3.5,-138 C-10,-150 -15,-168 -17,-190 C-19,-214 -15,-236 0,-238 Z',
    fill: 'c1',
    line: 'outer',
    z: Z.held + 1,
  },
  { d: 'M-17,-206 C-6,-200 6,-200 17,-206 L16,-184 C6,-178 -6,-178 -16,-184 Z', fill: 'c0', line: 'outer', z: Z.held + 2 },
]);

const drumsticks = same([
  { d: 'M-3,6 L26,-64 L32,-62 L4,10 Z', fill: 'c0', line: 'outer', z: Z.held },
  { d: 'M30,-76 C37,-76 40,-70 38,-64 C36,-59 28,-59 25,-63 C22,-69 24,-76 30,-76 Z', fill: 'c1', line: 'outer', z: Z.held + 1 },
]);

const letter = same([
  { d: 'M-6,-10 L38,-18 L44,12 L0,20 Z', fill: 'c0', line: 'outer', z: Z.held },
  { d: 'M-6,-10 L20,6 L38,-18', fill: 'none', line: 'inner', lineOf: 'c0', z: Z.held + 1 },
  { d: 'M20,0 C25,-1 28,3 27,8 C26,12 20,13 17,10 C14,6 15,1 20,0 Z', fill: 'c1', line: 'outer', z: Z.held + 2 },
]);

const spyglass = same([
  { d: tilt('M-7,14 L-9,-20 L9,-20 L7,14 Z', 28), fill: 'c0', line: 'outer', z: Z.held },
  { d: tilt('M-10,-18 L-11,-54 L11,-54 L10,-18 Z', 28), fill: 'c1', line: 'outer', z: Z.held + 1 },
  { d: tilt('M-14,-52 L-14,-66 L14,-66 L14,-52 Z', 28), fill: 'c0', line: 'outer', z: Z.held + 2 },
]);

export const HELD: Readonly<Record<string, Silhouette>> = { 'lantern-pole': lanternPole, oar, drumsticks, letter, spyglass };
