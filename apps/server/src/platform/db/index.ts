export { Database, type Now } from './database.js';
export { FolderLock } from './lock.js';
export { openDatabase, type Schema } from './opening.js';
export { StartRefused } from './startRefused.js';
export { MIGRATIONS } from './migrations/index.js';
