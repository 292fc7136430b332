export * from './anchors.js';
export * from './draw.js';
export * from './figure.js';
export { regionBoxes, type RegionBox } from './regionBoxes.js';
export { besideReach, joints, type Joints } from './place.js';
export { MOTIF_NAMES, motifsOn, type Surface } from './motifs/index.js';
export { SILHOUETTE_NAMES, silhouette } from './silhouettes/index.js';
export { VIEWS, type View } from './shape.js';
