export { CURRENCY } from './currency.js';
export { LowestRecord, lowestOf } from './lowestRecord.js';
export { asStored, type OfferChanges, OfferRecord } from './offerRecord.js';
export { PRICE_BATCH, type LeastAsked, PriceRecord, type PriceRow, rowsOf } from './priceRecord.js';
export { MarketView, type PricedOffer, Pricing, type Terms, termsIn } from './pricing.js';
export { TermsRecord } from './termsRecord.js';
