export { CUT_HAIR } from './cut.js';
export { DRAWN_HAIR } from './drawn.js';
export { GROWN_HAIR } from './grown.js';
export { HAIR_SIDES } from './sides.js';
export { knotBehind, loose, PARTING, plait, plaitInFront, sideTail, tail, topKnot, twoKnots, withMore } from './style.js';
