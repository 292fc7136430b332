import { convert, isOldPrice, landedPrice, type MarketOffer, perMinorOf, type Rate, rateFor, type Seller } from '@outfit/core';
import type { DiscountCodeEntity, LandedShareEntity, OfferEntity, SellerEntity } from '../market.entities.js';

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

/** What prices are reckoned with besides the offers themselves. */
export interface Terms {
  /** The workspace's. */
  readonly currency: string;
  readonly sellers: readonly SellerEntity[];
  readonly rates: readonly Rate[];
  readonly codes: readonly DiscountCodeEntity[];
  readonly shares: readonly LandedShareEntity[];
}

/** The terms of a day: what an offer's price comes to in the workspace's currency. */
export class Pricing {
  /** Sellers' terms in the workspace's currency; one whose currency has no rate cannot be compared with anybody, and is left out. */
  readonly sellers: readonly Seller[];
  private readonly of: ReadonlyMap<
    string,
    { readonly currency: string; readonly perMinor: number; readonly code: DiscountCodeEntity | null; readonly postageMinor: number }
  >;
  /** What an offer carried in the last errand that bought it, as long as that is not old; else a fifth of the least postage. */
  private readonly carried: ReadonlyMap<string, number>;

  constructor({ currency, sellers, rates, codes, shares }: Terms, day: string) {
    const codeOf = new Map(codes.filter((code) => code.fromDay <= day && day <= code.untilDay).map((code) => [code.seller, code]));
    const known = sellers.flatMap((seller) => {
      const rate = rateFor(rates, seller.currency, currency, day);
      if (rate === null) return [];
      const perMinor = perMinorOf(rate.perUnit, seller.currency, currency);
      return [{ seller, perMinor, terms: termsIn(seller, perMinor) }];
    });
    this.sellers = known.map(({ terms }) => terms);
    this.of = new Map(
      known.map(({ seller, perMinor, terms }) => [
        seller.id,
        {
          currency: seller.currency,
          perMinor,
          code: codeOf.get(seller.id) ?? null,
          postageMinor: Math.min(...terms.postage.map((tier) => tier.costMinor)),
        },
      ]),
    );
    this.carried = new Map(shares.filter((row) => !isOldPrice(row.day, day)).map((row) => [row.offer, row.shareMinor]));
  }

  /** What a seller's asking comes to; null when its currency has no rate. */
  priceOf(seller: string, askedMinor: number): number | null {
    const terms = this.of.get(seller);
    return terms ? convert(askedMinor * (1 - (terms.code?.percent ?? 0) / 100), terms.perMinor) : null;
  }

  /** Those of some offers that have a price. */
  all(offers: readonly OfferEntity[]): readonly PricedOffer[] {
    return offers.flatMap((offer) => this.price(offer) ?? []);
  }

  /** An offer with its price; null when its seller's currency has no rate. */
  price(offer: OfferEntity): PricedOffer | null {
    const terms = this.of.get(offer.seller);
    const priceMinor = this.priceOf(offer.seller, offer.priceMinor);
    if (!terms || priceMinor === null) return null;
    const share = this.carried.get(offer.id);
    // Field by field: a market is hundreds of thousands of these.
    return {
      id: offer.id,
      seller: offer.seller,
      kind: offer.kind,
      item: offer.item,
      priceMinor,
      askedMinor: offer.priceMinor,
      currency: terms.currency,
      code: terms.code?.code ?? null,
      landedMinor: share === undefined ? landedPrice(priceMinor, terms.postageMinor) : priceMinor + share,
      stock: offer.stock,
      multiple: offer.multiple,
      condition: offer.condition,
      seenOn: offer.seenOn,
      origin: offer.origin,
    };
  }
}

/** Some offers as they stand on a day, everything in the workspace's currency. */
export class MarketView {
  readonly sellers: readonly Seller[];
  readonly offers: readonly PricedOffer[];

  constructor(pricing: Pricing, offers: readonly OfferEntity[]) {
    this.sellers = pricing.sellers;
    this.offers = pricing.all(offers);
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

/** A seller's terms in the workspace's currency, in which a minor unit of its own is worth `perMinor`. */
export function termsIn(seller: SellerEntity, perMinor: number): Seller {
  const { id, country, days, trusted, thirdParty, minimumMinor, handlingMinor, postage, freePostageFromMinor, duty } = seller;
  const money = (minor: number): number => convert(minor, perMinor);
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
