export { HEAD_OUTLINE, HEAD_SIDE_OUTLINE } from './body.js';
export { artOf } from './own.js';
export { silhouette, SILHOUETTE_NAMES } from './silhouettes.js';
