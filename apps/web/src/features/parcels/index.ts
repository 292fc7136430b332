export { ParcelsPage } from './ParcelsPage';
