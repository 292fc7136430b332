export { catalogueBody } from './body.js';
export { CatalogueFilesController } from './files.controller.js';
export { CatalogueFilesService } from './files.service.js';
