export { simulatedMarket, type Market, type SeenOffer } from './simulate.js';
export type { MarketNews } from './news.js';
export type { DiscountCode } from './codes.js';
export { SELLER_KINDS, SELLERS, type SellerKind, type SimulatedSeller } from './sellers.js';
export { dayNumber, isoDay } from './time.js';
