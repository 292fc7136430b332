export { MarketPage } from './MarketPage';
