export { IDEA_ENTITIES } from './ideas.entities.js';
export { IdeasModule } from './ideas.module.js';
export { IdeasStore } from './ideas.store.js';
