export { PlacesView } from './PlacesView';
