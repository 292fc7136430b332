import { entryAt } from '../../kernel/index.js';
import { type ReducedMarket, shortCost } from './market.js';

/** Weights are counted in whole millionths of a gram, so that adding and taking away leaves no rounding behind. */
export const MICROGRAMS = 1e6;

/** What one unit of an offer puts on a shelf. */
interface ShelfYield {
  readonly shelf: number;
  readonly variant: number;
  readonly units: number;
}

/**
 * A reduced market by number instead of by name, for the loops of search and bound. A *shelf* is one variant at one
 * seller: all units of it are alike, whichever offer they came from.
 */
export interface MarketIndex {
  readonly market: ReducedMarket;
  readonly variants: readonly string[];
  readonly offerSeller: Int32Array;
  readonly offerPrice: Float64Array;
  readonly offerLot: Int32Array;
  readonly offerMost: Int32Array;
  readonly offerUseful: Int32Array;
  readonly offerWeight: Float64Array;
  readonly offerYields: readonly (readonly ShelfYield[])[];
  /** Nothing is sold in bundles: what a unit costs does not hang on what others are worth. */
  readonly isPlain: boolean;
  readonly shelfSeller: Int32Array;
  readonly shelfVariant: Int32Array;
  /** Offers that fill a shelf, cheapest unit first. */
  readonly shelfOffers: readonly (readonly number[])[];
  readonly sellerShelves: readonly (readonly number[])[];
  readonly sellerOffers: readonly (readonly number[])[];
  readonly variantShelves: readonly (readonly number[])[];
  /** Needs a variant fills. */
  readonly variantNeeds: readonly (readonly number[])[];
  readonly needOptions: readonly (readonly { readonly variant: number; readonly penalty: number }[])[];
  readonly needQuantity: Int32Array;
  /** Per unit left unfilled; Infinity when it must be filled. */
  readonly needShort: Float64Array;
  readonly ownedQuantity: Int32Array;
  readonly ownedCost: Float64Array;
  /** What a unit left over is credited with, not rounded. */
  readonly resaleCredit: Float64Array;
  readonly resaleUpTo: Int32Array;
}

export function indexMarket(market: ReducedMarket): MarketIndex {
  const variantNumber = new Map<string, number>();
  const numbered = (variant: string): number => {
    const known = variantNumber.get(variant);
    if (known !== undefined) return known;
    variantNumber.set(variant, variantNumber.size);
    return variantNumber.size - 1;
  };
  for (const need of market.needs) for (const { variant } of need.options) numbered(variant);
  for (const variant of market.resale.keys()) numbered(variant);
  const variantCount = variantNumber.size;

  const sellerNumber = new Map(market.sellers.map((seller, s) => [seller.id, s]));
  const shelfNumber = new Map<number, number>();
  const shelfSeller: number[] = [];
  const shelfVariant: number[] = [];
  const shelfOffers: number[][] = [];
  const offerYields: ShelfYield[][] = [];
  const sellerOffers = market.sellers.map((): number[] => []);
  const sellerShelves = market.sellers.map((): number[] => []);
  const variantShelves = Array.from({ length: variantCount }, (): number[] => []);
  market.offers.forEach((usable, o) => {
    const s = sellerNumber.get(usable.seller.id) ?? 0;
    sellerOffers[s]?.push(o);
    offerYields.push(
      [...usable.yields].map(([name, units]) => {
        const variant = numbered(name);
        const key = s * variantCount + variant;
        let shelf = shelfNumber.get(key);
        if (shelf === undefined) {
          shelf = shelfSeller.length;
          shelfNumber.set(key, shelf);
          shelfSeller.push(s);
          shelfVariant.push(variant);
          shelfOffers.push([]);
          sellerShelves[s]?.push(shelf);
          variantShelves[variant]?.push(shelf);
        }
        if (usable.useful > 0) shelfOffers[shelf]?.push(o);
        return { shelf, variant, units };
      }),
    );
  });
  const unitPrice = (o: number, shelf: number): number =>
    (market.offers[o]?.offer.priceMinor ?? 0) / (offerYields[o]?.find((row) => row.shelf === shelf)?.units ?? 1);
  shelfOffers.forEach((offers, shelf) => offers.sort((a, b) => unitPrice(a, shelf) - unitPrice(b, shelf) || a - b));

  const leastPrice = (shelf: number): number => unitPrice(shelfOffers[shelf]?.[0] ?? -1, shelf);
  for (const shelves of variantShelves) shelves.sort((a, b) => leastPrice(a) - leastPrice(b) || a - b);

  const variants = [...variantNumber.keys()];
  const ofOffers = (value: (usable: ReducedMarket['offers'][number]) => number): number[] => market.offers.map(value);
  const variantNeeds = variants.map((): number[] => []);
  const needOptions = market.needs.map((need, n) =>
    need.options.map(({ variant, penaltyMinor }) => {
      variantNeeds[numbered(variant)]?.push(n);
      return { variant: numbered(variant), penalty: penaltyMinor };
    }),
  );
  return {
    market,
    variants,
    offerSeller: Int32Array.from(ofOffers((usable) => sellerNumber.get(usable.seller.id) ?? 0)),
    offerPrice: Float64Array.from(ofOffers((usable) => usable.offer.priceMinor)),
    offerLot: Int32Array.from(ofOffers((usable) => usable.offer.multiple)),
    offerMost: Int32Array.from(ofOffers((usable) => usable.most)),
    offerUseful: Int32Array.from(ofOffers((usable) => usable.useful)),
    offerWeight: Float64Array.from(ofOffers((usable) => Math.round(usable.item.weightG * MICROGRAMS))),
    offerYields,
    isPlain: offerYields.every((yields) => yields.length < 2),
    shelfSeller: Int32Array.from(shelfSeller),
    shelfVariant: Int32Array.from(shelfVariant),
    shelfOffers,
    sellerShelves,
    sellerOffers,
    variantShelves,
    variantNeeds,
    needOptions,
    needQuantity: Int32Array.from(market.needs, (need) => need.quantity),
    needShort: Float64Array.from(market.needs, shortCost),
    ownedQuantity: Int32Array.from(variants, (variant) => market.owned.get(variant)?.quantity ?? 0),
    ownedCost: Float64Array.from(variants, (variant) => market.owned.get(variant)?.costMinor ?? 0),
    resaleCredit: Float64Array.from(
      variants,
      (variant) => (market.resale.get(variant)?.valueMinor ?? 0) * market.problem.rules.resaleShare,
    ),
    resaleUpTo: Int32Array.from(variants, (variant) => market.resale.get(variant)?.upTo ?? 0),
  };
}

/** The least price of a unit on each shelf; a bundle's other pieces count for what they are worth. */
export function shelfPrices(index: MarketIndex, worth: Float64Array): Float64Array {
  return Float64Array.from(index.shelfOffers, (offers, shelf) => {
    const prices = offers.map((offer) => {
      let price = entryAt(index.offerPrice, offer);
      let units = 1;
      for (const row of index.offerYields[offer] ?? [])
        if (row.shelf === shelf) units = row.units;
        else price -= row.units * entryAt(worth, row.variant);
      return Math.max(0, price / units);
    });
    return Math.min(Infinity, ...prices);
  });
}

/** What a variant is worth to begin with: its least price, and the share of postage a unit commonly carries. */
export function startingWorth(index: MarketIndex): Float64Array {
  const price = shelfPrices(index, new Float64Array(index.variants.length));
  return Float64Array.from(index.variants, (_, v) => {
    const prices = (index.variantShelves[v] ?? []).map((shelf) => price[shelf] ?? Infinity).sort((a, b) => a - b);
    const [cheapest = 0, next = cheapest] = prices;
    return Number.isFinite(cheapest) ? cheapest + Math.max(5, Math.min(next, cheapest * 1.3) - cheapest) : 0;
  });
}
