export { NO_SUPPLY, onDonors, ownedOf, type OwnedRun, stockOf, type Supply, supplyOf } from './supply.js';
