export { namedIn, renamedPlan } from './absent.js';
export { planFaults, type PlanFault } from './faults.js';
export { afterHouseChange, type Following, followingOf, houseFor, startedFrom } from './houseRules.js';
export {
  type BuildElement,
  completePlan,
  type CopyVariation,
  EMPTY_PLAN,
  type Enrolled,
  type Faction,
  HOUSE_KEYS,
  type HouseKey,
  type HouseRules,
  isIn,
  LINE_UP_KINDS,
  type LineUpKind,
  type LineUpPlan,
  NO_HOUSE_RULES,
  SEATING_KINDS,
  type Prop,
  type Relation,
  RELATION_KINDS,
  type Role,
  type Scope,
  SCOPES,
  type Seating,
  type SharedBuild,
  startingPlan,
  type Spare,
  type Tokens,
  type UniformPart,
} from './plan.js';
export { exchangePlaces, type SeatAt, type Sitter } from './seating.js';
export { lineUpOfSpares, sparesId, sparesOf } from './spares.js';
export { type Counted, promisedAndActual, type PromisedAndActual, type Quota } from './promised.js';
