import { entryAt } from '../../kernel/index.js';
import { type CountLosses, ROUNDING } from '../bound/index.js';
import type { Found } from '../decision/index.js';
import { fillingUpMayPay, type MarketIndex, type ReducedMarket, withOffers } from '../reduce/index.js';

/** Costs are whole minor units: a plan that is better than another costs at least one less. */
const ONE_MINOR = 1;

/** Would a plan that takes something with such a loss cost as much as the best one (reduced cost fixing: Wolsey, *Integer Programming*, 1998)? */
export const isRuledOut = (boundMinor: number, loss: number, bestMinor: number): boolean =>
  boundMinor + loss > bestMinor - ONE_MINOR + ROUNDING;

/** Units of each shelf that a plan uses. */
export function unitsUsedBy(index: MarketIndex, { priced }: Found): ReadonlyMap<number, number> {
  const shelves = new Map(
    [...index.shelfSeller.keys()].map((shelf) => [
      keyOf(index.market.sellers[entryAt(index.shelfSeller, shelf)]?.id ?? '', index.variants[entryAt(index.shelfVariant, shelf)] ?? ''),
      shelf,
    ]),
  );
  const used = new Map<number, number>();
  for (const { seller, variant, quantity } of priced.fills) {
    const shelf = seller === null ? undefined : shelves.get(keyOf(seller, variant));
    if (shelf !== undefined) used.set(shelf, (used.get(shelf) ?? 0) + quantity);
  }
  return used;
}

const keyOf = (seller: string, variant: string): string => JSON.stringify([seller, variant]);

/**
 * The market without what no better plan buys: sellers, offers and numbers of units by which the bound would rise to the cost of the best
 * plan. That plan's own offers stay as they are, so that it is a plan of this market too.
 */
export function marketStillOpen(index: MarketIndex, found: Found, losses: CountLosses): ReducedMarket {
  const { market } = index;
  const planned = new Set(found.priced.parcels.flatMap((parcel) => parcel.lines.map((line) => line.offer)));
  const isOut = (loss: number): boolean => isRuledOut(losses.boundMinor, loss, found.priced.costMinor);
  const mostOf = new Int32Array(index.shelfSeller.length);
  losses.of.shelf.forEach((shelf, count) => {
    if (!isOut(entryAt(losses.counts, count))) mostOf[shelf] = Math.max(entryAt(mostOf, shelf), entryAt(losses.of.units, count));
  });
  const usefulOf = (o: number): number => {
    const useful = entryAt(index.offerUseful, o);
    const [first, ...others] = index.offerYields[o] ?? [];
    if (first && others.length === 0 && losses.of.isCounted[first.shelf] === 1) return Math.min(useful, entryAt(mostOf, first.shelf));
    return isOut(entryAt(losses.offers, o)) ? 0 : useful;
  };
  const offers = market.offers.flatMap((usable, o) => {
    if (planned.has(usable.offer.id)) return [usable];
    if (isOut(entryAt(losses.sellers, entryAt(index.offerSeller, o)))) return [];
    const useful = usefulOf(o);
    if (useful === usable.useful) return [usable];
    return useful > 0 || fillingUpMayPay(usable.seller) ? [{ ...usable, useful }] : [];
  });
  return withOffers(market, offers);
}
