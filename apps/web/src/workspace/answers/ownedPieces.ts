import type { Catalogue } from '@outfit/core';
import type { StockDto } from '@/api';

/** How many pieces of a part somebody can count on: lying loose, sealed or on their way; and on whole figures. */
interface Count {
  readonly owned: number;
  readonly onDonors: number;
}

/** How many of each variant are owned, in columns by the rows of a catalogue. */
export class OwnedPieces {
  private constructor(
    private readonly stock: StockDto,
    private readonly catalogue: Catalogue,
    private readonly column: Uint32Array,
    private readonly donorColumn: Uint32Array,
    private readonly donors: ReadonlyMap<number, string>,
  ) {}

  /** @param catalogue the one whose rows the stock speaks of */
  static of(stock: StockDto, catalogue: Catalogue): OwnedPieces {
    const column = new Uint32Array(catalogue.data.variants.length);
    for (let i = 0; i < stock.rows.length; i += 1) column[stock.rows[i] ?? -1] = stock.quantities[i] ?? 0;
    const donorColumn = new Uint32Array(column.length);
    for (let i = 0; i < stock.donorRows.length; i += 1) donorColumn[stock.donorRows[i] ?? -1] = stock.donorQuantities[i] ?? 0;
    const donors = new Map(stock.donorRows.map((row, i) => [row, stock.donorNames[i] ?? '']));
    return new OwnedPieces(stock, catalogue, column, donorColumn, donors);
  }

  /** The same with other counts of some parts. */
  with(counts: ReadonlyMap<string, Count>): OwnedPieces {
    if (counts.size === 0) return this;
    const [column, donorColumn] = [this.column.slice(), this.donorColumn.slice()];
    for (const [variant, { owned, onDonors }] of counts) {
      const row = this.catalogue.rowOf(variant);
      if (row === undefined) continue;
      column[row] = owned;
      donorColumn[row] = onDonors;
    }
    return new OwnedPieces(this.stock, this.catalogue, column, donorColumn, this.donors);
  }

  get(variant: string): number {
    return this.column[this.catalogue.rowOf(variant) ?? -1] ?? 0;
  }

  onDonors(variant: string): number {
    return this.donorColumn[this.catalogue.rowOf(variant) ?? -1] ?? 0;
  }

  /** A whole figure that has a part, by name and place. */
  donorOf(variant: string): string {
    return this.donors.get(this.catalogue.rowOf(variant) ?? -1) ?? 'a whole figure';
  }

  /** The ids of all that is owned. */
  variants(): readonly string[] {
    return this.stock.rows.flatMap((row) => this.catalogue.data.variants[row]?.id ?? []);
  }

  /** The parts of which somebody can count on other numbers here than there. Both are of one catalogue. */
  differingFrom(other: OwnedPieces): readonly (readonly [variant: string, owned: number, onDonors: number])[] {
    const rows: [string, number, number][] = [];
    for (let row = 0; row < this.column.length; row += 1) {
      const [owned, onDonors] = [this.column[row] ?? 0, this.donorColumn[row] ?? 0];
      if (owned === other.column[row] && onDonors === other.donorColumn[row]) continue;
      const id = this.catalogue.data.variants[row]?.id;
      if (id !== undefined) rows.push([id, owned, onDonors]);
    }
    return rows;
  }

  /** By the rows of a catalogue: for a worker, and for whoever goes through thousands of rows. */
  byRow(catalogue: Catalogue): Uint32Array {
    return catalogue === this.catalogue ? this.column : Uint32Array.from(catalogue.data.variants, ({ id }) => this.get(id));
  }

  donorsByRow(catalogue: Catalogue): Uint32Array {
    return catalogue === this.catalogue ? this.donorColumn : Uint32Array.from(catalogue.data.variants, ({ id }) => this.onDonors(id));
  }
}
