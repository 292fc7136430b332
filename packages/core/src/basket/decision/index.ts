export { type Decision, decisionIn, emptyDecision, type Found, type PricedDecision, priceDecision } from './assemble.js';
export { Terms } from './terms.js';
