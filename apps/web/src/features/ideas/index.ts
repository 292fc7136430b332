export { IdeasPage } from './IdeasPage';
