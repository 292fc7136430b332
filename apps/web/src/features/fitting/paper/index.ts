export { otherSpots } from './labels';
export { Paper } from './Paper';
export { WornBar } from './WornBar';
