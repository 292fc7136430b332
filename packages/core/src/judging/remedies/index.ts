export { keyOf, NO_PROPOSALS, recoloured, reprinted, spot, swaps, takeOff, turn } from './remedies.js';
