/** What workers of other areas may know of the catalogue's tables. It loads no framework. */
export { CatalogueStore } from './catalogue.store.js';
export { PartNames } from './partNames.js';
