export { ErrandPage } from './ErrandPage';
