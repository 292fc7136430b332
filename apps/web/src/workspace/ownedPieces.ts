import type { Catalogue } from '@outfit/core';
import type { StockDto } from '@/api';

/** How many of each variant are owned, in a column by the rows of a catalogue. */
export class OwnedPieces {
  private readonly column: Uint32Array;

  /** @param catalogue the one whose rows the stock speaks of */
  constructor(
    private readonly stock: Pick<StockDto, 'rows' | 'quantities'>,
    private readonly catalogue: Catalogue,
  ) {
    this.column = new Uint32Array(catalogue.data.variants.length);
    for (let i = 0; i < stock.rows.length; i += 1) this.column[stock.rows[i] ?? -1] = stock.quantities[i] ?? 0;
  }

  get(variant: string): number {
    return this.column[this.catalogue.rowOf(variant) ?? -1] ?? 0;
  }

  /** The ids of all that is owned. */
  variants(): readonly string[] {
    return this.stock.rows.flatMap((row) => this.catalogue.data.variants[row]?.id ?? []);
  }

  /** By the rows of a catalogue: for a worker, and for whoever goes through thousands of rows. */
  byRow(catalogue: Catalogue): Uint32Array {
    return catalogue === this.catalogue ? this.column : Uint32Array.from(catalogue.data.variants, ({ id }) => this.get(id));
  }
}
