export { PricesPage } from './PricesPage';
