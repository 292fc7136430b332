import type { Shape } from '../../shape/index.js';

export const both = (shapes: readonly Shape[]): readonly Shape[] => shapes.map((shape) => ({ ...shape, mirror: true }));
