export { OVER } from './strokes.js';
export { NECK } from './neck.js';
