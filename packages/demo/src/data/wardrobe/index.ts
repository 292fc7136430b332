export { type DemoDonor, DONORS } from './donors.js';
export { type DemoPiece, PIECES } from './pieces.js';
