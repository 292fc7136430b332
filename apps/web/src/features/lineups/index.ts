export { LineUpPage } from './LineUpPage';
