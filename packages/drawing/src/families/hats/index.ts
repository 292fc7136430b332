export { HATS } from './hats.js';
