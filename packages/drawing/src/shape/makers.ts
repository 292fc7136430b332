import type { Fill, Shape } from './shape.js';

/** Plastic with an outer line round it. */
export const outlineOf = (d: string, fill: Fill, z: number): Shape => ({ d, fill, line: 'outer', z });

/** Lines within a part, in the tint of the colour they lie on: strands, folds, seams. */
export const creases = (d: string, lineOf: Fill, z: number): Shape => ({ d, fill: 'none', line: 'inner', lineOf, z });

/** A line of a width of its own, in tenths of a mm: a glint, a cord, a rim. */
export const stroke = (d: string, fill: Fill, width: number, z: number): Shape => ({ d, fill, line: 'stroke', width, z });

/** An area without a line of its own: a shade, a light, another colour on the plastic. */
export const tone = (d: string, fill: Fill, z: number): Shape => ({ d, fill, z });
