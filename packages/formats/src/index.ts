export * from './basket.js';
export * from './basketSchema.js';
export * from './catalogueArchive.js';
export { CATALOGUE_LIMITS, readCatalogueTable, writeCatalogueTable, type CatalogueTable } from './catalogueColumns.js';
export { CATALOGUE_TABLES } from './catalogueTables.js';
export * from './sellerTables.js';
export * from './table.js';
export * from './tables.js';
export * from './write.js';
