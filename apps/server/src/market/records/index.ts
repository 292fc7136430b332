export { CURRENCY } from './currency.js';
export { LowestRecord } from './lowestRecord.js';
export { asStored, OfferRecord } from './offerRecord.js';
export { PriceRecord } from './priceRecord.js';
export { MarketView, type PricedOffer, Pricing, type Terms, termsIn } from './pricing.js';
export { TermsRecord } from './termsRecord.js';
