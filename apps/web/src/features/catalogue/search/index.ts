export { CataloguePage } from './CataloguePage';
