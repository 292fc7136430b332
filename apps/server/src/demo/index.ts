export { loadDemo, photographDemo } from './seed/index.js';
export { BeginningModule } from './beginning.module.js';
