export {
  type Alteration,
  ALTERATION_KINDS,
  ALTERATION_SCHOOL,
  ALTERATION_SCHOOLS,
  type AlterationKind,
  type AlterationSchool,
  alterationWords,
  cautionFor,
  isIrreversible,
  printAfter,
} from './alterations.js';
export { editionIn, skinsFor } from './editions.js';
export { applyEdit, applyEdits, EditRefused, LOOK_ACTIONS, type LookEdit } from './edits.js';
export {
  type NotedSubstitute,
  claims,
  fillingAt,
  isNeckLayer,
  isTwoSided,
  type Look,
  type LookPart,
  type Overrule,
  placeOf,
  spotOf,
  type Variation,
  type Verdict,
  type Worn,
  wornPart,
  wornParts,
} from './look.js';
