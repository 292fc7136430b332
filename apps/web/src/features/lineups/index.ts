export { Home } from './Home';
export { LineUpPage } from './LineUpPage';
