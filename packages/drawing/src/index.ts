export { silhouette, SILHOUETTE_NAMES } from './families/index.js';
export {
  anchorOf,
  besideReach,
  boxText,
  coversOf,
  drawLook,
  drawVariant,
  figureBox,
  figureSvg,
  joints,
  type Joints,
  type Lit,
  markPoint,
  type Point,
  type RegionBox,
  regionBoxes,
  tellingView,
} from './figure/index.js';
export { MOTIF_NAMES, motifsOn, type Surface } from './motifs/index.js';
export { type View, VIEWS } from './shape/index.js';
