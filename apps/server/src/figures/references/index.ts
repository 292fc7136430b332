export { ReferencesController } from './references.controller.js';
export { ReferencesService } from './references.service.js';
export { ReferencesStore } from './references.store.js';
