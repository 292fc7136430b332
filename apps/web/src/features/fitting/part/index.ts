export { PartPanel, type PartTask, readTask } from './PartPanel';
export { wornAt } from './worn';
export { WornBar } from './WornBar';
