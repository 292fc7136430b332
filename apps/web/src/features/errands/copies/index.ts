export { CheaperVersion } from './CheaperVersion';
export { CopiesPanel } from './CopiesPanel';
