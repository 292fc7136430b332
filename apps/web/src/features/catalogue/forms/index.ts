export { OwnPage } from './OwnPage';
export { PrintPage } from './PrintPage';
