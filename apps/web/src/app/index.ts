export { App } from './App';
export { beginPage } from './useArrived';
