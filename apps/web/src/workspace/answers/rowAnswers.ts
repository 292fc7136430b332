import type { Catalogue } from '@outfit/core';
import type { PricesDto, StockDto } from '@/api';
import { LowestPrices } from './lowestPrices';
import { OwnedPieces } from './ownedPieces';

let lastOwned: { readonly stock: StockDto; readonly owned: OwnedPieces } | null = null;
let lastPrices: { readonly prices: PricesDto; readonly lowest: LowestPrices } | null = null;

/**
 * How many of each variant are owned, by its id. An answer that speaks of the rows of another state of the catalogue is left
 * until one that fits has been read: what was known before serves meanwhile, and null when nothing was.
 */
export function rememberOwned(stock: StockDto, version: string, catalogue: Catalogue): OwnedPieces | null {
  if (stock.catalogue === version && lastOwned?.stock !== stock) lastOwned = { stock, owned: OwnedPieces.of(stock, catalogue) };
  return lastOwned?.owned ?? null;
}

/** The lowest prices, in the same way. */
export function rememberPrices(prices: PricesDto, version: string, catalogue: Catalogue): LowestPrices | null {
  if (prices.catalogue === version && lastPrices?.prices !== prices)
    lastPrices = { prices, lowest: new LowestPrices(prices.lowest, catalogue) };
  return lastPrices?.lowest ?? null;
}
