import { Catalogue, unpackCatalogue } from '@outfit/core';
import type { PackedCatalogueDto } from './generated';

let known: { packed: PackedCatalogueDto; catalogue: Catalogue } | null = null;
const packs = new WeakMap<Catalogue, PackedCatalogueDto>();

/** The catalogue with its look-ups for the answer in the cache; built once per answer. */
export function rememberCatalogue(packed: PackedCatalogueDto): Catalogue {
  if (known?.packed !== packed) {
    known = { packed, catalogue: new Catalogue(unpackCatalogue(packed)) };
    packs.set(known.catalogue, packed);
  }
  return known.catalogue;
}

/** The answer a catalogue was made of, to be sent to a worker. */
export function packedOf(catalogue: Catalogue): PackedCatalogueDto {
  const packed = packs.get(catalogue);
  if (!packed) throw new RangeError('this catalogue was not read from the server');
  return packed;
}

/** The catalogue that was last read, for code outside components. */
export const currentCatalogue = (): Catalogue | null => known?.catalogue ?? null;
