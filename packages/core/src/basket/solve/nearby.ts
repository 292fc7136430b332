import { entryAt } from '../../kernel/index.js';
import type { CountLosses } from '../bound/index.js';
import type { Found } from '../decision/index.js';
import { type MarketIndex, type ReducedMarket, withOffers } from '../reduce/index.js';

/** A seller who sent a parcel in fewer of the bound's last rounds than this is in no plan worth looking for. */
const SELDOM = 0.001;
/** Offers that are looked at for each need, those the bound loses least by. */
const OFFERS_PER_NEED = 7;

/**
 * The market near the bound: sellers it opens now and then and those of the best plan, and of their offers those it loses least by. Plans that
 * are better than the best are most likely made of these; it proves nothing of the whole.
 */
export function marketNear(index: MarketIndex, { priced }: Found, losses: CountLosses, opened: Float64Array): ReducedMarket {
  const { market } = index;
  const planned = new Set(priced.parcels.flatMap((parcel) => parcel.lines.map((line) => line.offer)));
  const used = new Set(priced.parcels.map((parcel) => parcel.seller));
  const lossOf = offerLosses(index, losses);
  const candidates = [...market.offers.keys()].filter((o) => {
    const s = entryAt(index.offerSeller, o);
    return entryAt(opened, s) > SELDOM || used.has(market.sellers[s]?.id ?? '');
  });
  candidates.sort((a, b) => entryAt(lossOf, a) - entryAt(lossOf, b) || a - b);
  const near = new Set(candidates.slice(0, OFFERS_PER_NEED * market.needs.length));
  return withOffers(
    market,
    market.offers.filter((usable, o) => near.has(o) || planned.has(usable.offer.id)),
  );
}

/** What the bound would rise by were something of an offer of use. */
function offerLosses(index: MarketIndex, { counts, offers, of }: CountLosses): Float64Array {
  const shelves = new Float64Array(index.shelfSeller.length).fill(Infinity);
  of.shelf.forEach((shelf, count) => {
    shelves[shelf] = Math.min(shelves[shelf] ?? Infinity, counts[count] ?? Infinity);
  });
  return Float64Array.from(offers, (own, o) =>
    Math.min(
      own,
      ...(index.offerYields[o] ?? []).map(({ shelf }) => (of.isCounted[shelf] === 1 ? (shelves[shelf] ?? Infinity) : Infinity)),
    ),
  );
}
