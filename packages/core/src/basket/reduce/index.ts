export { fillingUpMayPay, type ReducedMarket, reduceMarket, type UsableOffer, withOffers } from './market.js';
export { indexMarket, type MarketIndex, MICROGRAMS, shelfPrices, startingWorth } from './marketIndex.js';
export { withoutImpossible } from './impossible.js';
