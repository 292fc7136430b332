export { BESIDE } from './beside.js';
export { HELD } from './held.js';
