import type { Catalogue, LandedPrice } from '@outfit/core';
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
    for (const [place, row] of columns.rows.entries()) this.places[row] = place + 1;
  }

  /** In minor units; null when nobody sells it. */
  landedMinor(variant: string): number | null {
    return this.columns.landedMinor[this.placeOf(variant)] ?? null;
  }

  get(variant: string): LandedPrice | null {
    const { landedMinor, priceMinor, sellers, seenOn, names } = this.columns;
    const place = this.placeOf(variant);
    const landed = landedMinor[place];
    if (landed === undefined) return null;
    return {
      variant,
      landedMinor: landed,
      priceMinor: priceMinor[place] ?? 0,
      seller: names[sellers[place] ?? -1] ?? '',
      seenOn: names[seenOn[place] ?? -1] ?? '',
    };
  }

  /** Every price in minor units by the rows of a catalogue, -1 where nobody sells it: for a worker that ranks by them. */
  byRow(catalogue: Catalogue): Int32Array {
    if (catalogue !== this.catalogue) return Int32Array.from(catalogue.data.variants, ({ id }) => this.landedMinor(id) ?? -1);
    return Int32Array.from(this.places, (place) => this.columns.landedMinor[place - 1] ?? -1);
  }

  private placeOf(variant: string): number {
    return (this.places[this.catalogue.rowOf(variant) ?? -1] ?? 0) - 1;
  }
}
