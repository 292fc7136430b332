export { type Dot, edge, ellipse, onward, resample, sample, type Texture } from './outline.js';
export { isWithin, polygons } from './polygons.js';
export { allRound, type Fill, type Shape, type Silhouette, type View, VIEWS, Z } from './shape.js';
export { INK, lineOn } from './tint.js';
export { creases, outlineOf, stroke, tone } from './makers.js';
export { flip, recolour, scale, widen } from './turns.js';
