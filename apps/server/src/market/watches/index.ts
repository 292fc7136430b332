export { watchOf } from './watchOf.js';
export { isItem, nameOfItem, WatchesService } from './watches.service.js';
export { WatchesStore } from './watches.store.js';
