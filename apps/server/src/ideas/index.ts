export { IdeasModule } from './ideas.module.js';
export { IdeasStore } from './ideas.store.js';
