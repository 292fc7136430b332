export { MarketPage } from './MarketPage';
export { PricesPage } from './prices';
