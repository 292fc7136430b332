export { anchorOf, markPoint, type Point } from './anchors.js';
export { boxText } from './box.js';
export { coversOf } from './covers.js';
export { drawLook, type Lit } from './draw.js';
export { drawVariant, figureBox, figureSvg, tellingView } from './figure.js';
export { besideReach, joints, type Joints } from './place.js';
export { type RegionBox, regionBoxes } from './regionBoxes.js';
