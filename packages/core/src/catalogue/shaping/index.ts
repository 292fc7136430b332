export {
  type BesideOutline,
  type Descriptor,
  DESCRIPTORS,
  isAsked,
  type HeldOutline,
  plainShaping,
  readShaping,
  SHAPE_FAMILIES,
  type ShapeFamily,
  type Shaping,
  writeShaping,
} from './descriptors.js';
export { measuresOf, type ShapeMeasures } from './measures/index.js';
