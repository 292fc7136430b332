export { BenchPage } from './BenchPage';
export { FigureBenchPage } from './FigureBenchPage';
export { SessionPage } from './session';
