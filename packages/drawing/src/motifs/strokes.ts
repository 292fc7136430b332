import { ellipse, type Shape } from '../shape/index.js';

export const faint = (shape: Shape, opacity: number): Shape => ({ ...shape, opacity });
export const both = (shape: Shape): Shape => ({ ...shape, mirror: true });

export const inner = (d: string, lineOf: Shape['fill'] = 'ink'): Shape => ({ d, fill: 'none', line: 'inner', lineOf });
export const stroke = (d: string, fill: Shape['fill'], width: number): Shape => ({ d, fill, line: 'stroke', width });
export const area = (d: string, fill: Shape['fill'], mirror = false): Shape => ({ d, fill, line: 'inner', lineOf: 'ink', mirror });
export const flat = (d: string, fill: Shape['fill'], mirror = false): Shape => ({ d, fill, mirror });
export const dots = (all: readonly (readonly [number, number])[], r: number): string => all.map(([x, y]) => ellipse(x, y, r, r)).join(' ');
export const column = (x: number, ys: readonly number[], r: number): string =>
  dots(
    ys.map((y) => [x, y] as const),
    r,
  );

/** A motif's shapes on the front of a part, and on its back where they differ. */
export interface Sides {
  readonly front: readonly Shape[];
  readonly back?: readonly Shape[];
}
