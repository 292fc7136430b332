import {
  ALONE,
  type Brief,
  type CandidateRanking,
  Catalogue,
  type CatalogueData,
  type FaceElsewhere,
  type Look,
  P40,
  rankCandidates,
  type Spot,
} from '@outfit/core';
import { expose, transfer } from 'comlink';

/** What ranking needs of the rest of the workspace, as plain data. */
export interface Surroundings {
  readonly owned: ReadonlyMap<string, number>;
  readonly landedMinor: ReadonlyMap<string, number>;
  readonly faces: readonly FaceElsewhere[];
}

let catalogue: Catalogue | null = null;
let around: Surroundings = { owned: new Map(), landedMinor: new Map(), faces: [] };

const ranking = {
  open(data: CatalogueData): void {
    catalogue = new Catalogue(data);
  },
  surround(surroundings: Surroundings): void {
    around = surroundings;
  },
  rank(look: Look, brief: Brief, spot: Spot): CandidateRanking {
    if (!catalogue) throw new Error('open() comes before rank()');
    const supply = { owned: (id: string) => around.owned.get(id) ?? 0, landedMinor: (id: string) => around.landedMinor.get(id) ?? null };
    const ranked = rankCandidates(look, brief, spot, catalogue, P40, supply, { ...ALONE, faces: around.faces });
    const columns = Object.values(ranked).filter((column): column is Uint32Array<ArrayBuffer> => ArrayBuffer.isView(column));
    return transfer(
      ranked,
      columns.map((column) => column.buffer),
    );
  },
};

export type Ranking = typeof ranking;
expose(ranking);
