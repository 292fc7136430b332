export { shortFigure, toClaimant } from './claimants';
export { orderWords } from './clashWords';
export { SortOutView } from './SortOutView';
export { usePins } from './usePins';
