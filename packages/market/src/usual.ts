import { type CatalogueData, seededRandom, seedOf, type Variant } from '@outfit/core';

/** Usual prices in minor units by the first two letters of the mould number. */
const USUAL_MINOR: Readonly<Record<string, number>> = {
  HD: 110,
  HA: 65,
  HT: 70,
  HH: 140,
  HO: 95,
  TO: 180,
  AR: 22,
  HN: 8,
  LG: 95,
  SK: 110,
  CP: 120,
  SC: 90,
  BG: 85,
  WS: 60,
  HE: 45,
  FT: 12,
};

/** The usual price of a variant: by family, dearer when made for few years, when printed, and by how much people want it. */
function usualMinor(variant: Variant): number {
  const base = USUAL_MINOR[variant.mould.slice(0, 2)] ?? 60;
  const years = variant.made ? variant.made.until - variant.made.from + 1 : 1;
  const scarce = 1 + 2.4 / years ** 1.2;
  const printed = variant.print ? 1.25 : 1;
  const taste = 0.8 + 0.5 * seededRandom(seedOf('taste', variant.id))();
  return base * scarce * printed * taste;
}

/** What every variant usually costs, in euro cents. */
export const usualPrices = (catalogue: CatalogueData): ReadonlyMap<string, number> =>
  new Map(catalogue.variants.map((variant) => [variant.id, usualMinor(variant)]));
