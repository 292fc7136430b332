export { againstEach } from './compared.js';
export { copiesPoint, type CopiesPoint, copiesToTry, isHad, mostCopies, problemOfCopies } from './copies.js';
export { demand, demandOf, type ErrandLine, wholesOf } from './demand.js';
export { type Donated, donatedBy } from './donated.js';
export { type Filler, type FillerCause, fillersOf, fillerWords } from './fillers.js';
export { figureCosts, UNSOLD_MINOR } from './figureCosts.js';
export { landedShares } from './landedShares.js';
export { lineReasons } from './lineReasons.js';
export {
  type Adjustments,
  basketFor,
  donorBehind,
  donorNameOf,
  type DonorStock,
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
