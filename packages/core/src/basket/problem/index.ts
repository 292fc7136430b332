export { type Reason, REASON_KINDS, type RuleFact } from './reason.js';
export { type BasketPlan, dutyOn, type Fill, type Parcel, type PlanStatus, priceParcel } from './plan.js';
export {
  allowedOffers,
  type BasketProblem,
  type Item,
  type Need,
  NO_RULES,
  type Offer,
  type OwnedStock,
  problemFaults,
  type Rules,
  type Seller,
  servesAs,
  type Whole,
} from './problem.js';
export { mostThatStand, unitsByName, worthOf } from './standing.js';
