export { type Chance, EVENING_KINDS, type EveningKind, inOrderOfChance } from './evening.js';
export {
  creditOf,
  IDEA_KINDS,
  IDEA_STATES,
  type IdeaKind,
  type IdeaState,
  lateFirst,
  type Obstacle,
  standingOfOwed,
  type OwedStanding,
} from './ideas.js';
