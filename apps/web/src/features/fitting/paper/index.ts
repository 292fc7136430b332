export { otherSpots } from './labels';
export { Paper } from './Paper';
