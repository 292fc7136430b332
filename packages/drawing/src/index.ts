export * from './anchors.js';
export * from './draw.js';
export * from './figure.js';
export { joints, type Joints } from './place.js';
export { MOTIF_NAMES } from './motifs/index.js';
export { SILHOUETTE_NAMES, silhouette } from './silhouettes/index.js';
export type { View } from './shape.js';
