export { BeginPage } from './BeginPage';
export { FirstSteps } from './FirstSteps';
