export { readArchive, rowShapeFault, writeArchive } from './archive.js';
export { CATALOGUE_LIMITS, type CatalogueTable, readCatalogueTable, writeCatalogueTable } from './columns.js';
export { type ForeignLook, lookAtForeign, readForeignTable } from './foreign.js';
export { CATALOGUE_SCHEMA } from './schema.js';
export { CATALOGUE_TABLES } from './tables.js';
