export {
  ageOf,
  type Area,
  AREAS,
  AS_ITS_AGE,
  bandOf,
  type Brief,
  completeBrief,
  emptyBrief,
  type Feature,
  FEATURE_KINDS,
  type FeatureKind,
  PRACTICAL_RULES,
  type PracticalRule,
  type Weight,
  WEIGHT_POINTS,
  WEIGHTS,
} from './brief.js';
export { briefFaults } from './faults.js';
export { briefFromOfficial } from './fromOfficial.js';
export { type Condition, readPredicate } from './predicate.js';
