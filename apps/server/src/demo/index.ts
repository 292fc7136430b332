export { loadDemo } from './loadDemo.js';
export { photographDemo } from './photographDemo.js';
export { BeginningModule } from './beginning.module.js';
