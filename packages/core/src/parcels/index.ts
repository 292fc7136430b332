export { type LotShare, type RealCost, realCosts } from './figureCosts.js';
export { type MonthSum, spentByMonth } from './months.js';
export {
  afterArrival,
  afterLettingGo,
  agreedMinor,
  type Arrival,
  CLAIM_OUTCOMES,
  CLAIM_REASONS,
  type ClaimReason,
  type ClaimOutcome,
  costMinor,
  expectedDay,
  isLate,
  landedPieces,
  latestOrderDay,
  openOf,
  PARCEL_STATES,
  type ParcelLine,
  type ParcelMoney,
  type ParcelState,
  stateAfter,
} from './parcel.js';
