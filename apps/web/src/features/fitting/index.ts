export { FittingPage } from './FittingPage';
