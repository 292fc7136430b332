import { sum, type Explained } from './explain.js';
import type { Supply } from './checks/check.js';
import type { Look } from './look.js';

/** A seller's single offer, as far as a price needs it. Money in minor units of one currency. */
export interface PricedOffer {
  readonly seller: string;
  readonly variant: string;
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
}

/** Pieces an ordinary parcel holds: postage is shared among so many until an errand is planned. */
const PIECES_PER_PARCEL = 5;

/** Price with its share of postage, in minor units: price + the seller's lowest postage ÷ 5 (calculations, *Prices*). */
export const landed = (priceMinor: number, lowestPostageMinor: number): number =>
  Math.round(priceMinor + lowestPostageMinor / PIECES_PER_PARCEL);

/** The lowest landed price of each variant that is in stock. Equal prices go to the seller first in the alphabet. */
export function lowestLanded(offers: readonly PricedOffer[]): ReadonlyMap<string, LandedPrice> {
  const lowest = new Map<string, LandedPrice>();
  for (const offer of offers) {
    if (offer.stock < 1) continue;
    const price: LandedPrice = {
      variant: offer.variant,
      landedMinor: offer.landedMinor,
      priceMinor: offer.priceMinor,
      seller: offer.seller,
      seenOn: offer.seenOn,
    };
    const known = lowest.get(offer.variant);
    const cheaper =
      !known || price.landedMinor < known.landedMinor || (price.landedMinor === known.landedMinor && price.seller < known.seller);
    if (cheaper) lowest.set(offer.variant, price);
  }
  return lowest;
}

/** Days after which a price is too old to trust. */
export const OLD_PRICE_DAYS = 60;

/** Is a price seen on `seenOn` more than 60 days old on `today`? Both ISO days. */
export const isOldPrice = (seenOn: string, today: string): boolean => Date.parse(today) - Date.parse(seenOn) > OLD_PRICE_DAYS * 86_400_000;

export interface LookCost {
  /** What has to be bought, landed, in minor units. */
  readonly toPay: Explained;
  readonly toBuy: number;
  readonly owned: number;
  /** Variants neither owned nor sold by anybody. */
  readonly unsold: readonly string[];
}

/** What one copy of a look costs: owned pieces first and free, the rest at their lowest landed price. */
export function lookCost(look: Look, supply: Supply, name: (variantId: string) => string): LookCost {
  const used = new Map<string, number>();
  const terms: { label: string; value: number }[] = [];
  const unsold: string[] = [];
  let owned = 0;
  for (const { variant } of look.parts) {
    const taken = used.get(variant) ?? 0;
    used.set(variant, taken + 1);
    if (taken < supply.owned(variant)) {
      owned += 1;
      continue;
    }
    const price = supply.landedMinor(variant);
    if (price === null) unsold.push(variant);
    else terms.push({ label: name(variant), value: price });
  }
  return { toPay: sum('minor', terms), toBuy: terms.length + unsold.length, owned, unsold };
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
