export { WatchButtons } from './WatchButtons';
export { WatchPanel } from './WatchPanel';
