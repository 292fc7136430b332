export { againstEach } from './compared.js';
export { copiesPoint, type CopiesPoint, copiesToTry, isHad, mostCopies, problemOfCopies } from './copies.js';
export { demand, demandOf, type ErrandLine } from './demand.js';
export { figureCosts } from './figureCosts.js';
export { landedShares } from './landedShares.js';
export { lineReasons } from './lineReasons.js';
export {
  type Adjustments,
  basketFor,
  donorNameOf,
  type ErrandInput,
  type MarketOffer,
  NO_ADJUSTMENTS,
  offerBehind,
  SHORT_COST_MINOR,
  type Substitute,
  variantBehind,
} from './problem.js';
export { standingOf } from './standing.js';
export { WantedTally } from './wanted.js';
export { worthwhileVersions } from './versions.js';
