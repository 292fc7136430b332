import type { Shape, Silhouette } from '../../shape/index.js';
import { loose } from '../hair/index.js';

/** Hats that bring their hair along. */
export const underHair = loose({ volume: 20, sides: -6, back: 2, hairline: 'side', texture: 'smooth', width: 3 });
export const wavesUnder = loose({ volume: 20, sides: 26, back: 50, hairline: 'centre', texture: 'wavy', width: 6 });
const recolour = (shapes: readonly Shape[] = [], to: Shape['fill']): readonly Shape[] =>
  shapes.map((shape) => ({ ...shape, ...(shape.fill === 'c0' ? { fill: to } : {}), ...(shape.lineOf === 'c0' ? { lineOf: to } : {}) }));
const raise = (shapes: readonly Shape[] = []): readonly Shape[] => shapes.map((shape) => ({ ...shape, z: (shape.z ?? 0) + 4 }));
export const withHair = (hat: Silhouette, hair: Silhouette): Silhouette => ({
  front: [...recolour(hair.front, 'c2'), ...raise(hat.front)],
  back: [...recolour(hair.back, 'c2'), ...raise(hat.back)],
  side: [...recolour(hair.side, 'c2'), ...raise(hat.side ?? hat.front)],
});
