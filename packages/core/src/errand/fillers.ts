import type { BasketPlan, BasketProblem, Seller } from '../basket/index.js';

/** Why more is bought than is needed: what the surplus reaches. Money in minor units. */
export type FillerCause =
  | { readonly kind: 'least order'; readonly minor: number }
  | { readonly kind: 'free postage'; readonly minor: number }
  | { readonly kind: 'lot'; readonly of: number }
  /** A heavier parcel that costs less, or leftovers that are taken to fetch more than they cost. */
  | { readonly kind: 'cheaper so' };

/** Units of a line that fill nothing. */
export interface Filler {
  readonly offer: string;
  readonly quantity: number;
  readonly cause: FillerCause;
}

/**
 * What a plan buys that fills nothing, line by line, and what for. A whole figure or bundle of which anything is used is no filler: its other
 * pieces come with it.
 *
 * For example: a least order of 500, 460 needed and a hair for 40 besides: the hair is filler, for the least order.
 */
export function fillersOf(problem: BasketProblem, { parcels, fills }: Pick<BasketPlan, 'parcels' | 'fills'>): readonly Filler[] {
  const items = new Map(problem.items.map((item) => [item.id, item]));
  const offers = new Map(problem.offers.map((offer) => [offer.id, offer]));
  const sellers = new Map(problem.sellers.map((seller) => [seller.id, seller]));
  const left = new Map<string, number>();
  for (const { seller, variant, quantity } of fills)
    if (seller !== null) left.set(keyOf(seller, variant), (left.get(keyOf(seller, variant)) ?? 0) + quantity);
  return parcels.flatMap((parcel) => {
    const surplus: { readonly offer: string; readonly quantity: number; readonly priceMinor: number; readonly multiple: number }[] = [];
    // Fills take the dearest lines first: what is said to be filler is the cheapest that could be.
    const lines = parcel.lines.flatMap((line) => offers.get(line.offer) ?? []).sort((a, b) => b.priceMinor - a.priceMinor);
    for (const { id, item, priceMinor, multiple } of lines) {
      const bought = parcel.lines.find((line) => line.offer === id)?.quantity ?? 0;
      const yields = items.get(item)?.yields ?? [];
      const used = yields.map(({ variant, quantity }) => {
        const units = Math.min(left.get(keyOf(parcel.seller, variant)) ?? 0, bought * quantity);
        left.set(keyOf(parcel.seller, variant), (left.get(keyOf(parcel.seller, variant)) ?? 0) - units);
        return Math.ceil(units / quantity);
      });
      const quantity = bought - Math.max(0, ...used);
      const isWhole = yields.length > 1 && quantity < bought;
      if (quantity > 0 && !isWhole) surplus.push({ offer: id, quantity, priceMinor, multiple });
    }
    const without = parcel.goodsMinor - surplus.reduce((all, row) => all + row.priceMinor * row.quantity, 0);
    return surplus.map(({ offer, quantity, multiple }) => ({
      offer,
      quantity,
      cause: causeOf(sellers.get(parcel.seller), parcel.goodsMinor, without, quantity < multiple ? multiple : null),
    }));
  });
}

const keyOf = (seller: string, variant: string): string => JSON.stringify([seller, variant]);

function causeOf(seller: Seller | undefined, goodsMinor: number, without: number, lot: number | null): FillerCause {
  if (lot !== null) return { kind: 'lot', of: lot };
  const { minimumMinor = 0, freePostageFromMinor: free = null } = seller ?? {};
  if (without < minimumMinor) return { kind: 'least order', minor: minimumMinor };
  return free !== null && without < free && goodsMinor >= free ? { kind: 'free postage', minor: free } : { kind: 'cheaper so' };
}

/** What surplus is for, in a sentence. */
export function fillerWords(cause: FillerCause, money: (minor: number) => string): string {
  switch (cause.kind) {
    case 'least order':
      return `Nothing needs it: it only reaches the least order of ${money(cause.minor)}.`;
    case 'free postage':
      return `Nothing needs it: with it the goods reach ${money(cause.minor)}, and postage is free.`;
    case 'lot':
      return `Nothing needs it: it is sold in lots of ${cause.of}.`;
    case 'cheaper so':
      return 'Nothing needs it: with it the whole costs less.';
  }
}
