export { ErrandPage } from './ErrandPage';
export { HolesErrandPage } from './HolesErrandPage';
export { ListPage } from './ListPage';
