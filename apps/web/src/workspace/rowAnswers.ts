import type { Catalogue } from '@outfit/core';
import type { PricesDto, StockDto } from '@/api';
import { LowestPrices } from './lowestPrices';

let lastOwned: { readonly stock: StockDto; readonly owned: ReadonlyMap<string, number> } | null = null;
let lastPrices: { readonly prices: PricesDto; readonly lowest: LowestPrices } | null = null;

/**
 * How many of each variant are owned, by its id. An answer that speaks of the rows of another state of the catalogue is left
 * until one that fits has been read: what was known before serves meanwhile, and null when nothing was.
 */
export function rememberOwned(stock: StockDto, version: string, catalogue: Catalogue): ReadonlyMap<string, number> | null {
  if (stock.catalogue === version && lastOwned?.stock !== stock) {
    const { variants } = catalogue.data;
    const owned = new Map<string, number>();
    for (const [i, row] of stock.rows.entries()) owned.set(variants[row]?.id ?? '', stock.quantities[i] ?? 0);
    lastOwned = { stock, owned };
  }
  return lastOwned?.owned ?? null;
}

/** The lowest prices, in the same way. */
export function rememberPrices(prices: PricesDto, version: string, catalogue: Catalogue): LowestPrices | null {
  if (prices.catalogue === version && lastPrices?.prices !== prices)
    lastPrices = { prices, lowest: new LowestPrices(prices.lowest, catalogue) };
  return lastPrices?.lowest ?? null;
}
