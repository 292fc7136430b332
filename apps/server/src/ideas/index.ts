export { IdeasModule } from './ideas.module.js';
export { IdeasOpening } from './opening.service.js';
