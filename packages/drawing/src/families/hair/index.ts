export { CUT_HAIR } from './cut.js';
export { DRAWN_HAIR } from './drawn.js';
export { GROWN_HAIR } from './grown.js';
export { HAIR_SIDES } from './sides.js';
export { loose, PARTING } from './style.js';
