import type { OfficialFigure } from '../catalogue/index.js';

/** A donor that could give a part, and what it would lack afterwards costs (minor units; null when nobody sells it). */
interface DonorPart {
  readonly donor: string;
  readonly holeMinor: number | null;
}

/** What is at hand: pieces owned, the landed price of what can be bought (minor units), and donors that hold a part. */
export interface Supply {
  owned(variantId: string): number;
  landedMinor(variantId: string): number | null;
  donor?(variantId: string): DonorPart | null;
}

/** Nothing owned and nothing sold: for judging what does not depend on either. */
export const NO_SUPPLY: Supply = { owned: () => 0, landedMinor: () => null };

/** Owned pieces of one variant, as far as counting them goes. */
export interface OwnedRun {
  readonly variant: string;
  readonly quantity: number;
}

/** An owned whole figure; one that is kept whole gives nothing. */
export interface OwnedDonor {
  readonly officialFigure: string;
  readonly place: string;
  readonly keepWhole: boolean;
}

/**
 * How many of each variant are owned: the one rule that every list, check, price and errand counts by. Loose pieces count,
 * whatever their condition and place; what sits on a donor does not.
 *
 * @example stockOf([{ variant: 'a', quantity: 2 }, { variant: 'a', quantity: 1 }]) // Map { a → 3 }
 */
export function stockOf(runs: Iterable<OwnedRun>): ReadonlyMap<string, number> {
  const stock = new Map<string, number>();
  for (const { variant, quantity } of runs) stock.set(variant, (stock.get(variant) ?? 0) + quantity);
  return stock;
}

/**
 * Of what is wanted, how much is owned: never more than is wanted of it.
 *
 * @example ownedOf(new Map([['a', 2]]), new Map([['a', 3]])) // Map { a → 2 }
 */
export const ownedOf = (wanted: ReadonlyMap<string, number>, stock: ReadonlyMap<string, number>): ReadonlyMap<string, number> =>
  new Map([...wanted].map(([variant, quantity]) => [variant, Math.min(quantity, stock.get(variant) ?? 0)]));

/**
 * The parts that sit on donors which may be taken apart, each with how many there are and the first donor that has it, by name and
 * place. Donors that are kept whole and figures nobody knows give nothing.
 */
export function onDonors(
  donors: readonly OwnedDonor[],
  figures: readonly OfficialFigure[],
): ReadonlyMap<string, { readonly quantity: number; readonly donor: string }> {
  const byId = new Map(figures.map((figure) => [figure.id, figure]));
  const found = new Map<string, { quantity: number; donor: string }>();
  for (const { officialFigure, place, keepWhole } of donors) {
    const figure = byId.get(officialFigure);
    if (!figure || keepWhole) continue;
    for (const { variant } of figure.parts) {
      const known = found.get(variant);
      if (known) known.quantity += 1;
      else found.set(variant, { quantity: 1, donor: `${figure.name} (${place})` });
    }
  }
  return found;
}

/**
 * The supply of a workspace. What can be bought is bought: a donor is taken apart only for what nobody sells.
 *
 * @param stock how many of each variant are owned
 * @param landedMinor the lowest landed price of each variant that is sold, in minor units
 * @param donated the parts that sit on donors
 */
export const supplyOf = (
  stock: { get(variantId: string): number | undefined },
  landedMinor: (variantId: string) => number | null,
  donated: ReturnType<typeof onDonors>,
): Supply => ({
  owned: (id) => stock.get(id) ?? 0,
  landedMinor,
  donor: (id) => {
    const donor = landedMinor(id) === null ? donated.get(id)?.donor : undefined;
    return donor === undefined ? null : { donor, holeMinor: null };
  },
});
