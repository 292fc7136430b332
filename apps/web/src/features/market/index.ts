export { MarketPage } from './MarketPage';
export { PricesPage } from './PricesPage';
