import type { LandedPrice } from '@outfit/core';
import type { PricesDto } from '@/api';

/** The lowest landed prices as they came, in columns; a row is made when it is asked for. */
export class LowestPrices {
  private readonly places: ReadonlyMap<string, number>;

  constructor(private readonly columns: PricesDto['lowest']) {
    this.places = new Map(columns.variants.map((variant, place) => [variant, place]));
  }

  /** In minor units; null when nobody sells it. */
  landedMinor(variant: string): number | null {
    const place = this.places.get(variant);
    return place === undefined ? null : (this.columns.landedMinor[place] ?? null);
  }

  get(variant: string): LandedPrice | null {
    const place = this.places.get(variant);
    if (place === undefined) return null;
    const { landedMinor, priceMinor, sellers, seenOn, names } = this.columns;
    return {
      variant,
      landedMinor: landedMinor[place] ?? 0,
      priceMinor: priceMinor[place] ?? 0,
      seller: names[sellers[place] ?? -1] ?? '',
      seenOn: names[seenOn[place] ?? -1] ?? '',
    };
  }

  /** Every price in minor units, by variant: for a worker that ranks by them. */
  all(): ReadonlyMap<string, number> {
    return new Map(this.columns.variants.map((variant, place) => [variant, this.columns.landedMinor[place] ?? 0]));
  }
}
