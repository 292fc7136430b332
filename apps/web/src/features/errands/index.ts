export { ErrandPage } from './ErrandPage';
export { ListPage } from './ListPage';
