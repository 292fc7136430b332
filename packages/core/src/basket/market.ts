import { allowedOffers, type BasketProblem, type Item, type Need, type Offer, type Seller } from './problem.js';

/** An offer with what solving needs of it. `most` is the largest quantity that is whole lots within stock. */
export interface UsableOffer {
  readonly offer: Offer;
  readonly seller: Seller;
  readonly item: Item;
  readonly most: number;
  /** Units of wanted variants that one unit yields. */
  readonly yields: ReadonlyMap<string, number>;
}

/** The problem reduced to what can matter: offers the rules allow that yield something wanted. */
export interface ReducedMarket {
  readonly problem: BasketProblem;
  readonly offers: readonly UsableOffer[];
  readonly sellers: readonly Seller[];
  readonly owned: ReadonlyMap<string, { readonly quantity: number; readonly costMinor: number }>;
  /** Offers by the wanted variants they yield, and needs by the variants that fill them. */
  readonly offersOf: ReadonlyMap<string, readonly UsableOffer[]>;
  readonly needsOf: ReadonlyMap<string, readonly Need[]>;
}

function grouped<T>(rows: readonly T[], keys: (row: T) => Iterable<string>): ReadonlyMap<string, readonly T[]> {
  const groups = new Map<string, T[]>();
  for (const row of rows)
    for (const key of new Set(keys(row))) {
      const group = groups.get(key);
      if (group) group.push(row);
      else groups.set(key, [row]);
    }
  return groups;
}

/** May something nobody wants make a parcel cheaper: by reaching a minimum, free postage, or a heavier tier that costs less? */
const fillingUpMayPay = ({ minimumMinor, freePostageFromMinor, postage }: Seller): boolean =>
  minimumMinor > 0 ||
  freePostageFromMinor !== null ||
  postage.some((tier, i) => postage.slice(0, i).some((lighter) => lighter.costMinor > tier.costMinor));

/** Reduces a valid problem. Rows of `owned` for one variant must not repeat; `problemFaults` sees to it. */
export function reduceMarket(problem: BasketProblem): ReducedMarket {
  const wanted = new Set(problem.needs.flatMap((need) => need.options.map((option) => option.variant)));
  const items = new Map(problem.items.map((item) => [item.id, item]));
  const sellers = new Map(problem.sellers.map((seller) => [seller.id, seller]));
  const offers: UsableOffer[] = [];
  for (const offer of allowedOffers(problem)) {
    const item = items.get(offer.item);
    const seller = sellers.get(offer.seller);
    if (!item || !seller) continue;
    const yields = new Map<string, number>();
    for (const { variant, quantity } of item.yields) if (wanted.has(variant)) yields.set(variant, (yields.get(variant) ?? 0) + quantity);
    if (yields.size > 0 || fillingUpMayPay(seller))
      offers.push({ offer, seller, item, most: Math.floor(offer.stock / offer.multiple) * offer.multiple, yields });
  }
  const useful = new Set(offers.filter((usable) => usable.yields.size > 0).map((usable) => usable.seller.id));
  const kept = offers.filter((usable) => useful.has(usable.seller.id));
  return {
    problem,
    offers: kept,
    offersOf: grouped(kept, (usable) => usable.yields.keys()),
    needsOf: grouped(problem.needs, (need) => need.options.map((option) => option.variant)),
    sellers: problem.sellers.filter((seller) => useful.has(seller.id)),
    owned: new Map(problem.owned.map((row) => [row.variant, { quantity: row.quantity, costMinor: row.costMinor }])),
  };
}

/** What leaving one unit of a need unfilled costs; Infinity when it must be filled. */
export const shortCost = (need: Need): number => need.shortCostMinor ?? Infinity;
