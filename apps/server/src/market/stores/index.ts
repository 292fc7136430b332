export { LowestStore, lowestOf } from './lowest.store.js';
export { asStored, type OfferChanges, OfferStore } from './offer.store.js';
export { PRICE_BATCH, type LeastAsked, PriceStore, rowsOf } from './price.store.js';
export { MarketView, type PricedOffer, Pricing, type Terms, termsIn } from './pricing.js';
export { TermsStore } from './terms.store.js';
