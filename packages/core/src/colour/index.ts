export {
  apart,
  type Colour,
  colourAnswer,
  colourDifference,
  COLOUR_KINDS,
  type ColourKind,
  type ColourReading,
  type Finish,
  FINISHES,
  hexDifference,
  labDifference,
  labOf,
  readDifference,
  whyApart,
  SKIN_SCHOOLS,
  type SkinSchool,
} from './colour.js';
export { type Raster, samplePatch } from './patch.js';
export { hairWords, paletteOrder, plainWords } from './plainColour.js';
export { type Scheme, type SchemeColour, schemeOf } from './scheme.js';
