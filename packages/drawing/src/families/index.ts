export { HEAD_OUTLINE, HEAD_SIDE_OUTLINE } from './body.js';
export { silhouette, SILHOUETTE_NAMES } from './silhouettes.js';
