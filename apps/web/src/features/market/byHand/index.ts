export { OfferSheet } from './OfferSheet';
export { SellerSheet } from './SellerSheet';
