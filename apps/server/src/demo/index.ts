export { loadDemo } from './loadDemo.js';
export { BeginningModule } from './beginning.module.js';
