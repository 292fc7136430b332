import { type Condition, meetsCondition, USUAL_CONDITION } from '../catalogue/index.js';
import type { Look } from '../figure/index.js';
import { countOf, daysBetween, type Explained, sum } from '../kernel/index.js';
import { donorFor, type Supply } from '../wardrobe/index.js';

/** A seller's single offer, as far as a price needs it. Money in minor units of one currency. */
export interface PricedOffer {
  readonly seller: string;
  readonly variant: string;
  readonly condition: Condition;
  readonly priceMinor: number;
  /** With its share of postage and fees. */
  readonly landedMinor: number;
  readonly stock: number;
  /** The day the price was seen, ISO 8601. */
  readonly seenOn: string;
}

export interface LandedPrice {
  readonly variant: string;
  readonly landedMinor: number;
  readonly priceMinor: number;
  readonly seller: string;
  readonly seenOn: string;
  /** Worse than what errands begin with where nobody has a better one. */
  readonly condition: Condition;
}

/** Pieces an ordinary parcel holds: postage is shared among so many until an errand is planned. */
const PIECES_PER_PARCEL = 5;

/**
 * Price with its share of postage, in minor units: price + the seller's lowest postage ÷ 5, the parts a parcel usually has. An estimate
 * for ranking; what a plan says is shared to the cent of what is paid.
 *
 * @example landedPrice(120, 300) // 180
 */
export const landedPrice = (priceMinor: number, lowestPostageMinor: number): number =>
  Math.round(priceMinor + lowestPostageMinor / PIECES_PER_PARCEL);

/**
 * Does one price stand before another of the same variant? What an errand would buy unasked (used or better) goes before what is worn,
 * then the lower one, then the seller first in the alphabet, then the better condition.
 */
export function isLowerPrice(one: LandedPrice, than: LandedPrice): boolean {
  const [usual, other] = [meetsCondition(one.condition, USUAL_CONDITION), meetsCondition(than.condition, USUAL_CONDITION)];
  if (usual !== other) return usual;
  if (one.landedMinor !== than.landedMinor) return one.landedMinor < than.landedMinor;
  if (one.seller !== than.seller) return one.seller < than.seller;
  return one.condition !== than.condition && meetsCondition(one.condition, than.condition);
}

/**
 * The lowest landed price of each variant that is in stock, used or better; a worn one's only where nobody has a better one.
 *
 * For example: 180 worn and 250 used: 250 used.
 */
export function lowestLandedOf(offers: Iterable<PricedOffer>): ReadonlyMap<string, LandedPrice> {
  const lowest = new Map<string, LandedPrice>();
  for (const offer of offers) {
    if (offer.stock < 1) continue;
    const price: LandedPrice = {
      variant: offer.variant,
      landedMinor: offer.landedMinor,
      priceMinor: offer.priceMinor,
      seller: offer.seller,
      seenOn: offer.seenOn,
      condition: offer.condition,
    };
    const known = lowest.get(offer.variant);
    if (!known || isLowerPrice(price, known)) lowest.set(offer.variant, price);
  }
  return lowest;
}

/** Days after which a price is too old to trust. */
const OLD_PRICE_DAYS = 60;

/**
 * Is a price seen on `seenOn` more than 60 days old on `today`? Both ISO days.
 *
 * @example isOldPrice('2026-01-01', '2026-03-02') // false
 */
export const isOldPrice = (seenOn: string, today: string): boolean => daysBetween(seenOn, today) > OLD_PRICE_DAYS;

export interface LookCost {
  /** What has to be bought, landed, in minor units. */
  readonly toPay: Explained;
  readonly toBuy: number;
  readonly owned: number;
  /** Pieces that come off donors. */
  readonly offDonors: number;
  /** Variants neither owned nor sold by anybody. */
  readonly unsold: readonly string[];
}

/**
 * What copies of a look cost: owned pieces first and free, then what comes off donors, the rest at their lowest landed price, term by term
 * in minor units. A look that wears a part twice uses two of what is owned; what is owned is used once, and not for every copy anew. An
 * estimate without the postage an errand works out.
 *
 * For example: a hat at 100, one of it owned: 2 copies cost 100, 3 copies 200.
 */
export function lookCost(look: Look, supply: Supply, name: (variantId: string) => string, copies = 1): LookCost {
  const terms: { label: string; value: number }[] = [];
  const unsold: string[] = [];
  let [owned, offDonors, toBuy] = [0, 0, 0];
  for (const [variant, each] of countOf(look.parts.map((part) => part.variant))) {
    const wanted = each * copies;
    const own = Math.min(wanted, supply.owned(variant));
    const donated = Math.min(wanted - own, donorFor(supply, variant)?.quantity ?? 0);
    const short = wanted - own - donated;
    owned += own;
    offDonors += donated;
    toBuy += short;
    if (short === 0) continue;
    const price = supply.landedMinor(variant);
    if (price === null) unsold.push(variant);
    else terms.push({ label: short === 1 ? name(variant) : `${name(variant)} ×${short}`, value: price * short });
  }
  return { toPay: sum('minor', terms), toBuy, owned, offDonors, unsold };
}

/** What counted pieces cost one by one at their lowest landed prices, in minor units, and how many of them nobody sells. */
export function costOfPieces(
  pieces: readonly { readonly variant: string; readonly quantity: number }[],
  landedMinor: (variant: string) => number | null,
): { readonly totalMinor: number; readonly unsold: number } {
  let totalMinor = 0;
  let unsold = 0;
  for (const { variant, quantity } of pieces) {
    const price = landedMinor(variant);
    if (price === null) unsold += quantity;
    else totalMinor += price * quantity;
  }
  return { totalMinor, unsold };
}
