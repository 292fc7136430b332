export { Catalogue, piecesOf } from './catalogue.js';
export { type Condition, CONDITIONS, meetsCondition, USUAL_CONDITION } from './conditions.js';
export {
  type Bundle,
  type CatalogueData,
  CERTAINTIES,
  type Certainty,
  type Era,
  FAMILIES,
  type Grip,
  GRIPS,
  type Material,
  MATERIALS,
  type Motif,
  MOTIF_TRAITS,
  type MotifTrait,
  type Mould,
  type MouldGeometry,
  type OfficialFigure,
  type OutlinePath,
  type OwnOutline,
  type Print,
  type PrintMotif,
  type Source,
  SOURCE_KINDS,
  type SourceKind,
  type Variant,
  variantIdOf,
  type Yield,
  YIELD_KINDS,
  type YieldKind,
} from './entries.js';
export { holdersOf } from './holders.js';
export { itemName } from './itemName.js';
export { merge, type Mergeable, MERGEABLE, MergeRefused } from './merge.js';
export { isMood, MOOD_NAMES, moodAnswer, type MoodName } from './mood.js';
export {
  type ColourCell,
  colourNameOf,
  coloursOfMould,
  existence,
  type Existence,
  mainColourOf,
  motifsOf,
  mouldsInColour,
  nearestMade,
  sameMotifs,
} from './mouldColours.js';
export { packCatalogue, type PackedCatalogue, type PackedVariants, unpackCatalogue, VariantPacker } from './pack.js';
export { nearestPalette } from './palette.js';
export {
  CATALOGUE_KINDS,
  type CatalogueKind,
  type CatalogueRow,
  type CatalogueRows,
  keyOf,
  knownBy,
  type KnownKeys,
  NOTHING_KNOWN,
  type RowFault,
  rowFaults,
  soundRows,
} from './rows.js';
export {
  type Facet,
  type FacetFilter,
  FacetIndex,
  FACETS,
  type Fact,
  FactBook,
  type FactHit,
  type Ranking,
  readQuery,
  Vocabulary,
  wordsOf,
} from './search/index.js';
export { explode, Explosion, sourcesByVariant, type VariantSource, type VariantYield } from './sources.js';
export { type Use, usesOf } from './uses.js';
export {
  type BesideOutline,
  type Descriptor,
  DESCRIPTORS,
  isAsked,
  type HeldOutline,
  measuresOf,
  plainShapingOf,
  readShaping,
  SHAPE_FAMILIES,
  type ShapeFamily,
  type Shaping,
  writeShaping,
} from './shaping/index.js';
export {
  FOREIGN_FIELDS,
  type ForeignField,
  type ForeignMapping,
  type ForeignRow,
  guessMapping,
  readForeignRows,
  type UnplacedKind,
} from './foreign/index.js';
