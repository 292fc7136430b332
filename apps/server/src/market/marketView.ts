import { converted, isOldPrice, landed, rateFor, type MarketOffer, type Rate, type Seller } from '@outfit/core';
import type { DiscountCodeEntity, LandedShareEntity, OfferEntity, SellerEntity } from './market.entities.js';

/** The workspace's currency. Sellers may ask in others; their prices are converted at the newest rate known. */
export const CURRENCY = 'EUR';

/** An offer with its price in the workspace's currency, and how it came to that. Money in minor units. */
export interface PricedOffer extends Omit<OfferEntity, 'priceMinor'> {
  readonly priceMinor: number;
  /** What the seller asks, in its own currency, before any code. */
  readonly askedMinor: number;
  readonly currency: string;
  /** The discount code that the price takes off. */
  readonly code: string | null;
  readonly landedMinor: number;
}

/** The market as it stands on a day, everything in the workspace's currency: sellers' terms, offers, codes. */
export class MarketView {
  readonly sellers: readonly Seller[];
  readonly offers: readonly PricedOffer[];
  private readonly rateOf: ReadonlyMap<string, number>;

  constructor(
    rows: readonly SellerEntity[],
    offers: readonly OfferEntity[],
    {
      rates,
      codes,
      shares,
    }: { readonly rates: readonly Rate[]; readonly codes: readonly DiscountCodeEntity[]; readonly shares: readonly LandedShareEntity[] },
    day: string,
  ) {
    // A seller whose currency has no rate cannot be compared with anybody, and is left out until there is one.
    this.rateOf = new Map(
      rows.flatMap((seller) => {
        const rate = rateFor(rates, seller.currency, CURRENCY, day);
        return rate === null ? [] : [[seller.id, rate.perUnit] as const];
      }),
    );
    const bySeller = new Map(rows.map((seller) => [seller.id, seller]));
    const codeOf = new Map(codes.filter((code) => code.fromDay <= day && day <= code.untilDay).map((code) => [code.seller, code]));
    this.sellers = rows.flatMap((seller) => {
      const rate = this.rateOf.get(seller.id);
      return rate === undefined ? [] : [termsIn(seller, rate)];
    });
    // What an offer carried in the last errand that bought it, as long as that is not old; else a fifth of the least postage.
    const carried = new Map(shares.filter((row) => !isOldPrice(row.day, day)).map((row) => [row.offer, row.shareMinor]));
    const lowest = new Map(this.sellers.map((seller) => [seller.id, Math.min(...seller.postage.map((tier) => tier.costMinor))]));
    const priced: PricedOffer[] = [];
    for (const offer of offers) {
      const rate = this.rateOf.get(offer.seller);
      if (rate === undefined) continue;
      const code = codeOf.get(offer.seller);
      const priceMinor = converted(offer.priceMinor * (1 - (code?.percent ?? 0) / 100), rate);
      const share = carried.get(offer.id);
      // Field by field: a market is some 13,000 of these, and a month of days is thirty markets.
      priced.push({
        id: offer.id,
        seller: offer.seller,
        kind: offer.kind,
        item: offer.item,
        priceMinor,
        askedMinor: offer.priceMinor,
        currency: bySeller.get(offer.seller)?.currency ?? CURRENCY,
        code: code?.code ?? null,
        landedMinor: share === undefined ? landed(priceMinor, lowest.get(offer.seller) ?? 0) : priceMinor + share,
        stock: offer.stock,
        multiple: offer.multiple,
        condition: offer.condition,
        seenOn: offer.seenOn,
        origin: offer.origin,
      });
    }
    this.offers = priced;
  }

  /** Offers as baskets take them. */
  basketOffers(): MarketOffer[] {
    return this.offers.map(({ id, seller, kind, item, priceMinor, stock, multiple, condition }) => ({
      id,
      seller,
      item: { kind, id: item },
      priceMinor,
      stock,
      multiple,
      condition,
    }));
  }
}

/** A seller's terms in the workspace's currency. */
export function termsIn(seller: SellerEntity, rate: number): Seller {
  const { id, country, days, trusted, thirdParty, minimumMinor, handlingMinor, postage, freePostageFromMinor, duty } = seller;
  const money = (minor: number): number => converted(minor, rate);
  return {
    id,
    country,
    days,
    trusted,
    thirdParty,
    minimumMinor: money(minimumMinor),
    handlingMinor: money(handlingMinor),
    postage: postage.map((tier) => ({ upToG: tier.upToG, costMinor: money(tier.costMinor) })),
    freePostageFromMinor: freePostageFromMinor === null ? null : money(freePostageFromMinor),
    duty: duty && { aboveMinor: money(duty.aboveMinor), percent: duty.percent, feeMinor: money(duty.feeMinor) },
  };
}
