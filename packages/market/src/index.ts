export { type MarketNews, newsBetween } from './news.js';
export { SELLER_KINDS, type SellerKind, SELLERS } from './sellers.js';
export { type ItemOffers, type Market, simulatedMarket } from './simulate.js';
export { dayNumber, isoDay } from './time.js';
