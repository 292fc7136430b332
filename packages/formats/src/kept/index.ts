/** Readers of what is kept as JSON: in the workspace's tables, and in the history's slices. */
export {
  always,
  anything,
  eitherOf,
  entryOf,
  type Fields,
  listOf,
  mapOf,
  number,
  oneOf,
  optional,
  orNull,
  partOf,
  readerOf,
  type Schema,
  text,
  truth,
  whole,
} from '../shape/index.js';
export { alterations, readBrief, readLookParts, readOverrules, readSubstitutes, readTexts, readVariation, readVerdict } from './figures.js';
export { readLineUpPlan, readSpares } from './lineUp.js';
export { readAdjustments, readDuty, readKeptProblem, readPostage, readWatch } from './market.js';
export { readAlterations, readDefects } from './wardrobe.js';
