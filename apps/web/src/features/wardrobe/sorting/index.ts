export { shortFigure, toClaimant } from './claimants';
export { whyServed } from './clashWords';
export { SortOutView } from './SortOutView';
export { usePins } from './usePins';
