export { wholePrices, WholePricesDto, WholePricesQuery } from './whole.js';
export { LowestService } from './lowest.service.js';
export { piecesIn, PricesService } from './prices.service.js';
export { SellerOffersService } from './sellerOffers.service.js';
