import { Catalogue, type CatalogueData } from '@outfit/core';

let known: { data: CatalogueData; catalogue: Catalogue } | null = null;

/** The catalogue with its look-ups for the data in the cache; built once per data. */
export function rememberCatalogue(data: CatalogueData): Catalogue {
  if (known?.data !== data) known = { data, catalogue: new Catalogue(data) };
  return known.catalogue;
}

/** The catalogue that was last read, for code outside components. */
export const currentCatalogue = (): Catalogue | null => known?.catalogue ?? null;
