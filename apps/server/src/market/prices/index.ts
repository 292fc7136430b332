export { piecesIn, PricesService } from './prices.service.js';
export { SellerOffersService } from './sellerOffers.service.js';
