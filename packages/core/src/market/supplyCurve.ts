/** An offer as the supply curve needs it. Money in minor units. */
export interface SuppliedOffer {
  readonly seller: string;
  readonly landedMinor: number;
  readonly stock: number;
}

/** One step of the supply curve: so many units can be had at up to this landed price each. */
export interface SupplyStep {
  readonly seller: string;
  readonly landedMinor: number;
  readonly units: number;
  /** Units up to and including this step. */
  readonly upTo: number;
}

/**
 * What the next unit costs as one buys on: offers with stock by rising landed price in minor units, with the running number of units.
 * Equal prices go by seller.
 *
 * For example: offers of 2 at 100 and 3 at 150 gives upTo 2 at 100, upTo 5 at 150.
 */
export function supplyCurve(offers: readonly SuppliedOffer[]): readonly SupplyStep[] {
  let upTo = 0;
  return offers
    .filter((offer) => offer.stock > 0)
    .sort((a, b) => a.landedMinor - b.landedMinor || a.seller.localeCompare(b.seller))
    .map(({ seller, landedMinor, stock }) => ({ seller, landedMinor, units: stock, upTo: (upTo += stock) }));
}

/** How hard an item is to come by. */
export interface Rarity {
  readonly sellers: number;
  readonly stock: number;
  readonly sources: number;
  /** Only one product ever held it. */
  readonly exclusive: boolean;
}

/** How rare a part is: sellers and units that have it, and how many sources yield it. *Exclusive* is one source, no more. */
export const rarityOf = (offers: readonly SuppliedOffer[], sources: number): Rarity => {
  const open = offers.filter((offer) => offer.stock > 0);
  return {
    sellers: new Set(open.map((offer) => offer.seller)).size,
    stock: open.reduce((all, offer) => all + offer.stock, 0),
    sources,
    exclusive: sources === 1,
  };
};
