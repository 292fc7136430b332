export { type MonthSum, spentByMonth } from './months.js';
export {
  afterArrival,
  afterLettingGo,
  agreedMinor,
  type Arrival,
  CLAIM_OUTCOMES,
  type ClaimOutcome,
  costMinor,
  isLate,
  landedPieces,
  openOf,
  PARCEL_STATES,
  type ParcelLine,
  type ParcelMoney,
  type ParcelState,
  stateAfter,
} from './parcel.js';
