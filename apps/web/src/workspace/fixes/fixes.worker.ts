import {
  ALONE,
  type Brief,
  Catalogue,
  type FaceElsewhere,
  type Look,
  type PackedCatalogue,
  prepareRanking,
  type Supply,
  unpackCatalogue,
} from '@outfit/core';
import { bestFix, type Fix } from '@outfit/core/lineup';
import { expose } from 'comlink';

/** A figure as the worker is asked about it: what it can count on differs from the stock by these parts alone. */
export interface FixQuestion {
  readonly look: Look;
  readonly brief: Brief;
  readonly faces: readonly FaceElsewhere[];
  readonly owned: readonly (readonly [variant: string, owned: number, onDonors: number])[];
}

interface Stock {
  readonly currency: string;
  readonly owned: Uint32Array;
  readonly onDonors: Uint32Array;
  /** In minor units, -1 where nobody sells it. */
  readonly landedMinor: Int32Array;
}

let catalogue: Catalogue | null = null;
let stock: Stock | null = null;

const fixer = {
  open(packed: PackedCatalogue, given: Stock): void {
    catalogue = new Catalogue(unpackCatalogue(packed));
    prepareRanking(catalogue);
    stock = given;
  },
  restock(given: Stock): void {
    stock = given;
  },
  best({ look, brief, faces, owned }: FixQuestion): Fix {
    if (!catalogue || !stock) throw new Error('open() comes before best()');
    const known: Catalogue = catalogue;
    const own = new Map(owned.map(([variant, pieces, onDonors]) => [variant, { pieces, onDonors }]));
    const { currency, owned: rows, onDonors, landedMinor } = stock;
    const rowOf = (id: string): number => known.rowOf(id) ?? -1;
    const landed = (id: string): number | null => {
      const price = landedMinor[rowOf(id)] ?? -1;
      return price < 0 ? null : price;
    };
    const supply: Supply = {
      currency,
      owned: (id) => own.get(id)?.pieces ?? rows[rowOf(id)] ?? 0,
      landedMinor: landed,
      donor: (id) => {
        const quantity = own.get(id)?.onDonors ?? onDonors[rowOf(id)] ?? 0;
        return quantity > 0 ? { donor: 'a whole figure', holeMinor: landed(id), quantity } : null;
      },
    };
    return bestFix({ look, brief, system: known.systemOf(brief), supply, company: { ...ALONE, faces } }, known);
  },
};

export type Fixer = typeof fixer;
expose(fixer);
