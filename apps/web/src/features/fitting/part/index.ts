export { PartPanel, type PartTask, readTask } from './PartPanel';
export { WornBar } from './WornBar';
