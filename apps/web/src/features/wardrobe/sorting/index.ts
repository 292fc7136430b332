export { shortFigure, toClaimant } from './claimants';
export { orderWords, shortWords } from './clashWords';
export { SortOutView } from './SortOutView';
export { usePins } from './usePins';
