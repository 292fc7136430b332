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
  printLeft,
} from './alterations.js';
export { balance } from './balance.js';
export { brittleness } from './brittle.js';
export { editionIn, skinsFor } from './editions.js';
export { applyEdit, applyEdits, EditRefused, LOOK_ACTIONS, type LookEdit } from './edits.js';
export { browColour, moodOf, shownFace, type ShownFace } from './face.js';
export { bodyHeight, overallHeight, standingHeight } from './height.js';
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
export { inSight, LEAST_IN_SIGHT } from './inSight.js';
export { madeSo } from './madeSo.js';
export { Visibility } from './visibility.js';
export { clothColours, visibleColours } from './visibleColours.js';
export { nearestWorn } from './wornColours.js';
export { wholeness } from './whole.js';
