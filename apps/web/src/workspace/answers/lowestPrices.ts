import { type Catalogue, CONDITIONS, type LandedPrice, USUAL_CONDITION } from '@outfit/core';
import type { PricesDto } from '@/api';

/** The lowest landed prices as they came, in columns by the rows of a catalogue; a price is made when it is asked for. */
export class LowestPrices {
  /** Where a row's price stands in the columns, from 1; 0 when nobody sells it. */
  private readonly places: Uint32Array;

  /** @param catalogue the one whose rows the prices speak of */
  constructor(
    private readonly columns: PricesDto['lowest'],
    private readonly catalogue: Catalogue,
  ) {
    this.places = new Uint32Array(catalogue.data.variants.length);
    for (let place = 0; place < columns.rows.length; place += 1) this.places[columns.rows[place] ?? -1] = place + 1;
  }

  /** In minor units; null when nobody sells it. */
  landedMinor(variant: string): number | null {
    return this.columns.landedMinor[this.placeOf(variant)] ?? null;
  }

  get(variant: string): LandedPrice | null {
    const { landedMinor, priceMinor, sellers, seenOn, conditions, names } = this.columns;
    const place = this.placeOf(variant);
    const landed = landedMinor[place];
    if (landed === undefined) return null;
    return {
      variant,
      landedMinor: landed,
      priceMinor: priceMinor[place] ?? 0,
      seller: names[sellers[place] ?? -1] ?? '',
      seenOn: names[seenOn[place] ?? -1] ?? '',
      condition: CONDITIONS.find((condition) => condition === names[conditions[place] ?? -1]) ?? USUAL_CONDITION,
    };
  }

  /** Every price in minor units by the rows of a catalogue, -1 where nobody sells it: for a worker that ranks by them. */
  byRow(catalogue: Catalogue): Int32Array {
    const column = new Int32Array(catalogue.data.variants.length).fill(-1);
    const { rows, landedMinor } = this.columns;
    const isSame = catalogue === this.catalogue;
    for (let i = 0; i < rows.length; i += 1) {
      const row = rows[i] ?? -1;
      const now = isSame ? row : (catalogue.rowOf(this.catalogue.data.variants[row]?.id ?? '') ?? -1);
      if (now >= 0) column[now] = landedMinor[i] ?? -1;
    }
    return column;
  }

  private placeOf(variant: string): number {
    return (this.places[this.catalogue.rowOf(variant) ?? -1] ?? 0) - 1;
  }
}
