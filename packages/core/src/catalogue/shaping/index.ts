export {
  type BesideOutline,
  type Descriptor,
  DESCRIPTORS,
  isAsked,
  type HeldOutline,
  plainShapingOf,
  readShaping,
  SHAPE_FAMILIES,
  type ShapeFamily,
  type Shaping,
  writeShaping,
} from './descriptors.js';
export { measuresOf } from './measures/index.js';
