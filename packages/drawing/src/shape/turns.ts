import type { Shape, Silhouette } from './shape.js';

const NUMBERS = /(-?[\d.]+),(-?[\d.]+)/g;
const tidy = (n: number): number => Math.round(n * 10) / 10;
const move = (shape: Shape, to: (x: number, y: number) => readonly [number, number]): Shape => ({
  ...shape,
  d: shape.d.replace(NUMBERS, (_, x: string, y: string) => to(Number(x), Number(y)).map(tidy).join(',')),
});

/** Shapes as a mirror shows them, about x = 0. */
export const flip = (shapes: readonly Shape[]): readonly Shape[] => shapes.map((shape) => move(shape, (x, y) => [-x, y]));

/** A silhouette larger or smaller about its origin. */
export function scale(art: Silhouette, by: number): Silhouette {
  const all = (shapes: readonly Shape[]): readonly Shape[] => shapes.map((shape) => move(shape, (x, y) => [x * by, y * by]));
  return { ...art, front: all(art.front), back: all(art.back), ...(art.side ? { side: all(art.side) } : {}) };
}

/** A silhouette broader or narrower about x = 0, its outlines for prints too. */
export function widen(art: Silhouette, by: number): Silhouette {
  const to = (x: number, y: number): readonly [number, number] => [x * by, y];
  const all = (shapes: readonly Shape[]): readonly Shape[] => shapes.map((shape) => move(shape, to));
  const path = (d: string): string => move({ d, fill: 'none' }, to).d;
  return {
    ...art,
    front: all(art.front),
    back: all(art.back),
    ...(art.side ? { side: all(art.side) } : {}),
    ...(art.outline ? { outline: path(art.outline) } : {}),
    ...(art.sideOutline ? { sideOutline: path(art.sideOutline) } : {}),
  };
}

/** Shapes of one colour in another. */
export const recolour = (shapes: readonly Shape[], from: Shape['fill'], to: Shape['fill']): readonly Shape[] =>
  shapes.map((shape) => ({ ...shape, ...(shape.fill === from ? { fill: to } : {}), ...(shape.lineOf === from ? { lineOf: to } : {}) }));
