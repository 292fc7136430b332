import type { ShapeFamily, Shaping } from '../descriptors.js';
import { BODY } from './body.js';
import { HEADGEAR } from './headgear.js';
import { LAYERS } from './layers.js';
import type { MeasuresOf, ShapeMeasures } from './measures.js';
import { THINGS } from './things.js';

export type { ShapeMeasures } from './measures.js';

const MEASURES: MeasuresOf<ShapeFamily> = { ...HEADGEAR, ...BODY, ...LAYERS, ...THINGS };

/**
 * The measures of a shape, by the formulas of its family: what it hides of the body is not among them, as that is measured on the
 * drawing (`coversOf` of the drawing package).
 */
export const measuresOf = ({ family, values }: Shaping): ShapeMeasures => MEASURES[family]((key) => values[key] ?? '');
