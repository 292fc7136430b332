import { money } from '../kernel/index.js';

/** A donor that could give a part, and what it would lack afterwards costs (minor units; null when nobody sells it). */
interface DonorPart {
  readonly donor: string;
  readonly holeMinor: number | null;
  /** Pieces that may come off donors. */
  readonly quantity?: number;
}

/**
 * What a figure can count on: pieces that are owned and promised to nobody before it, the landed price of what can be bought (minor units),
 * and donors that hold a part.
 */
export interface Supply {
  /** What prices are in, ISO 4217; none where they are only compared. */
  readonly currency?: string;
  owned(variantId: string): number;
  /** All that is owned, whoever it is promised to; the same as `owned` where nothing is promised. */
  stock?(variantId: string): number;
  landedMinor(variantId: string): number | null;
  donor?(variantId: string): DonorPart | null;
}

/**
 * The donor a part comes off when none lies loose: one whose hole costs no more than buying another, as a donor is only taken apart for
 * what it saves. Null when there is none.
 */
export function donorFor({ landedMinor, donor }: Supply, variantId: string): DonorPart | null {
  const found = donor?.(variantId) ?? null;
  const price = landedMinor(variantId);
  return found && (price === null || (found.holeMinor !== null && found.holeMinor <= price)) ? found : null;
}

/** ISO 4217 for no currency. */
const NO_CURRENCY = 'XXX';

/**
 * A price of a supply as people write it.
 *
 * @example supplyMoney({ currency: 'EUR' }, 420) // '€4.20'
 */
export const supplyMoney = ({ currency = NO_CURRENCY }: Pick<Supply, 'currency'>, minor: number): string => money(minor, currency);

/** Nothing owned and nothing sold: for judging what does not depend on either. */
export const NO_SUPPLY: Supply = { owned: () => 0, landedMinor: () => null };

/** Owned pieces of one variant, as far as counting them goes. */
export interface OwnedRun {
  readonly variant: string;
  readonly quantity: number;
}

/**
 * How many of each variant are owned: the one rule that every list, check, price and errand counts by. Loose pieces count,
 * whatever their condition and place; what sits on a donor does not.
 *
 * @example stockOf([{ variant: 'a', quantity: 2 }, { variant: 'a', quantity: 1 }]) // new Map([['a', 3]])
 */
export function stockOf(runs: Iterable<OwnedRun>): ReadonlyMap<string, number> {
  const stock = new Map<string, number>();
  for (const { variant, quantity } of runs) stock.set(variant, (stock.get(variant) ?? 0) + quantity);
  return stock;
}

/**
 * Of what is wanted, how much is owned: never more than is wanted of it.
 *
 * @example ownedOf(new Map([['a', 2]]), new Map([['a', 3]])) // new Map([['a', 2]])
 */
export const ownedOf = (wanted: ReadonlyMap<string, number>, stock: ReadonlyMap<string, number>): ReadonlyMap<string, number> =>
  new Map([...wanted].map(([variant, quantity]) => [variant, Math.min(quantity, stock.get(variant) ?? 0)]));
