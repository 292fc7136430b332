export { readOutline } from './outline.js';
export { OUTLINE_LIMITS, OutlineRefused } from './svg.js';
