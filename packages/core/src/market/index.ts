export { convert, perMinorOf, type Rate, rateFor } from './currency.js';
export { OFFER_CHANGES, type OfferChange, type OfferChangeKind, offerChanges } from './offerChanges.js';
export {
  costOfPieces,
  isLowerPrice,
  isOldPrice,
  landedPrice,
  type LandedPrice,
  lookCost,
  type LookCost,
  lowestLandedOf,
} from './prices.js';
export { type PriceSummary, quantile, summariseByCondition } from './summary.js';
export { type Rarity, rarityOf, supplyCurve, type SupplyStep } from './supplyCurve.js';
export { type Trend, trendOf } from './trend.js';
export { type Advice, lowMark, waitOrBuy } from './waitOrBuy.js';
export { lookFor, type Watch, WATCH_KINDS, type WatchedItem, watchInWords, type WatchView, type Way } from './watch.js';
export { type PiecePrices, worthOfPieces } from './worth.js';
