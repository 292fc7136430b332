export { lagrangianBound } from './lagrangian.js';
