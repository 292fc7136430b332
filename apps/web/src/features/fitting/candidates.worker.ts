import { candidates, Catalogue, P40, type Brief, type Candidate, type CatalogueData, type Look, type Position } from '@outfit/core';
import { expose } from 'comlink';

/** What the ranking needs of wardrobe and market, as plain data. */
export interface SupplyData {
  readonly owned: ReadonlyMap<string, number>;
  readonly landedMinor: ReadonlyMap<string, number>;
}

let catalogue: Catalogue | null = null;

const ranking = {
  open(data: CatalogueData): void {
    catalogue = new Catalogue(data);
  },
  rank(look: Look, brief: Brief, position: Position, supply: SupplyData): readonly Candidate[] {
    if (!catalogue) throw new Error('open() comes before rank()');
    return candidates(look, brief, position, catalogue, P40, {
      owned: (id) => supply.owned.get(id) ?? 0,
      landedMinor: (id) => supply.landedMinor.get(id) ?? null,
    });
  },
};

export type Ranking = typeof ranking;
expose(ranking);
