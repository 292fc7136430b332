export { CatalogueModule } from './catalogue.module.js';
export { CatalogueService } from './catalogue.service.js';
export { CATALOGUE_ENTITIES, type MadeNewsEntity } from './catalogue.entities.js';
export { CatalogueEditor } from './catalogueEditor.service.js';
export { catalogueBody } from './files/index.js';
export { CatalogueHooks } from './hooks.js';
export { drawingBody } from './outlines/index.js';
export { textsOf } from './textsOf.js';
