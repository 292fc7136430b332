import {
  ALONE,
  type Brief,
  type CandidateRanking,
  Catalogue,
  type FaceElsewhere,
  type Look,
  prepareRanking,
  type PackedCatalogue,
  rankCandidates,
  type Spot,
  type Supply,
  unpackCatalogue,
} from '@outfit/core';
import { expose, transfer } from 'comlink';

type Versioned = PackedCatalogue & { readonly version: string };

/** What is owned and what it costs, by the rows of the catalogue: columns are carried over at once, however many rows there are. */
export interface RowSupply {
  readonly currency: string;
  readonly owned: Uint32Array;
  readonly onDonors: Uint32Array;
  /** In minor units, -1 where nobody sells it. */
  readonly landedMinor: Int32Array;
}

let catalogue: Catalogue | null = null;
let supply: Supply | null = null;

let version: string | null = null;
/** The catalogue as the worker reads it by itself while the page reads its own; null when that failed. */
const reading = fetch(`${self.name}/api/catalogue/packed`)
  .then((answer) => answer.json() as Promise<Versioned>)
  .then(open, () => null);

function open(packed: Versioned): void {
  catalogue = new Catalogue(unpackCatalogue(packed));
  version = packed.version;
  prepareRanking(catalogue);
}

const ranking = {
  open,
  stock({ currency, owned, onDonors, landedMinor }: RowSupply): void {
    const rowOf = (id: string): number => catalogue?.rowOf(id) ?? -1;
    const priced = (price = -1): number | null => (price < 0 ? null : price);
    const landed = (id: string): number | null => priced(landedMinor[rowOf(id)]);
    supply = {
      currency,
      owned: (id) => owned[rowOf(id)] ?? 0,
      landedMinor: landed,
      donor: (id) => {
        const quantity = onDonors[rowOf(id)] ?? 0;
        return quantity > 0 ? { donor: 'a whole figure', holeMinor: landed(id), quantity } : null;
      },
    };
  },
  /** Null when the catalogue here is not the wanted one. */
  async rank(wanted: string, look: Look, brief: Brief, spot: Spot, faces: readonly FaceElsewhere[]): Promise<CandidateRanking | null> {
    await reading;
    if (!catalogue || version !== wanted) return null;
    if (!supply) throw new Error('stock() comes before rank()');
    const ranked = rankCandidates(look, brief, spot, catalogue, catalogue.systemOf(brief), supply, { ...ALONE, faces });
    const columns = Object.values(ranked).filter((column): column is Uint32Array<ArrayBuffer> => ArrayBuffer.isView(column));
    return transfer(
      ranked,
      columns.map((column) => column.buffer),
    );
  },
};

export type Ranking = typeof ranking;
expose(ranking);
