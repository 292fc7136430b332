export { keyOf, NONE, recoloured, reprinted, spot, swaps, takeOff, turn } from './remedies.js';
