import { expectedDay } from '@outfit/core/parcels';
import { Injectable } from '@nestjs/common';
import { type BasketPlan, type BasketProblem, landedShares, perMinorOf, rateFor, type YieldKind } from '@outfit/core';
import { CatalogueService } from '../catalogue/index.js';
import { Clock } from '../platform/clock/index.js';
import { Database } from '../platform/db/index.js';
import { notFound, Problem } from '../platform/http/index.js';
import { LiveService } from '../platform/live/index.js';
import { SettingsService } from '../settings/index.js';
import type { OfferDto, SellerDto, SellerTermsDto } from './market.dto.js';
import type { OfferEntity, SellerEntity } from './market.entities.js';
import { type Item, MarketStore, type OfferFilter } from './market.store.js';
import { type LeastAsked, MarketView, PriceStore, type PricedOffer, Pricing, termsIn } from './stores/index.js';

const MOST_OFFERS = 2000;

/** What a seller has left of a part and asks for it, in the workspace's currency. */
type Lot = Pick<PricedOffer, 'seller' | 'priceMinor' | 'stock' | 'multiple'>;

/** The market as it stands: who sells, what they ask, in the workspace's currency. */
@Injectable()
export class MarketService {
  constructor(
    private readonly database: Database,
    private readonly store: MarketStore,
    private readonly catalogue: CatalogueService,
    private readonly clock: Clock,
    private readonly live: LiveService,
    private readonly settings: SettingsService,
  ) {
    settings.registerAmounts({ name: 'exchange rates', areKept: () => this.store.terms().rates.length > 0 });
  }

  /** The workspace's currency, ISO 4217. */
  currency(): string {
    return this.settings.currency();
  }

  /** The day prices are judged by: the simulated market's, when that is ahead of the calendar. */
  today(): string {
    const market = this.store.clock();
    const today = this.clock.today();
    return market && market.day > today ? market.day : today;
  }

  sellers(): SellerDto[] {
    const { currency, rates, codes } = this.store.terms();
    const today = this.today();
    const counts = this.store.offerCounts();
    return this.store
      .sellers()
      .map((row) => {
        const rate = rateFor(rates, row.currency, currency, today);
        const code = codes.find((candidate) => candidate.seller === row.id && candidate.fromDay <= today && today <= candidate.untilDay);
        return {
          ...termsIn(row, rate ? perMinorOf(rate.perUnit, row.currency, currency) : 1),
          name: row.name,
          kind: row.kind,
          currency: row.currency,
          asked: askedBy(row),
          reliability: row.reliability,
          version: row.version,
          code: code ? { code: code.code, percent: code.percent, untilDay: code.untilDay } : null,
          rate: row.currency === currency || !rate ? null : { perUnit: rate.perUnit, day: rate.day },
          isWithoutRate: rate === null,
          offerCount: counts.get(row.id) ?? 0,
        };
      })
      .sort((a, b) => a.name.localeCompare(b.name));
  }

  /** What a seller asks in, and what one unit of it is worth today; the workspace's currency for one nobody knows. */
  currencyOf(seller: string | null, today: string): { readonly currency: string; readonly perUnit: number } {
    const { currency, rates, sellers } = this.store.terms();
    const row = sellers.find((own) => own.id === seller);
    const rate = row ? rateFor(rates, row.currency, currency, today) : null;
    return row && rate ? { currency: row.currency, perUnit: rate.perUnit } : { currency, perUnit: 1 };
  }

  /** When a parcel ordered today is to be expected from a seller; null for one nobody knows. */
  expectedFrom(seller: string, today: string): string | null {
    const row = this.store.sellers().find((own) => own.id === seller);
    return row ? expectedDay(today, row.days) : null;
  }

  /** The days that trusted sellers take, or those of some of them: the longest first. */
  daysOf(sellers: readonly string[] | null): readonly number[] {
    const rows = this.store.sellers().filter((row) => (sellers === null ? row.trusted : sellers.includes(row.id)));
    return rows.map((row) => row.days).sort((a, b) => b - a);
  }

  /** What is ordered is no longer for sale. Within a unit of work. */
  takeStock(offer: string, quantity: number): void {
    this.store.takeStock(offer, quantity);
    this.live.tellAfterwards('market');
  }

  /** How a simulated seller's parcels go, with the seed of its market; null for a real one. */
  waysOf(seller: string): { readonly id: string; readonly days: number; readonly reliability: number; readonly seed: number } | null {
    const clock = this.store.clock();
    const row = this.store.sellers().find((own) => own.id === seller);
    return clock && row ? { id: seller, days: row.days, reliability: row.reliability, seed: clock.seed } : null;
  }

  /** The names of sellers by their ids. */
  sellerNames(): ReadonlyMap<string, string> {
    return new Map(this.store.sellers().map((seller) => [seller.id, seller.name]));
  }

  hasOffer(id: string): boolean {
    return this.store.hasOffer(id);
  }

  /** Who makes an offer; null when there is none of that id. */
  sellerOf(offer: string): string | null {
    return this.store.offers({ id: offer })[0]?.seller ?? null;
  }

  /** Offers, cheapest first, of a seller or of an item; unknown ones are told. Of a seller alone the cheapest, not all it has. */
  offers({ kind, item, seller }: { kind?: YieldKind | undefined; item?: string | undefined; seller?: string | undefined }): OfferDto[] {
    if (seller !== undefined && !this.store.hasSeller(seller)) throw notFound('seller', seller);
    if (item === undefined && seller === undefined)
      throw new Problem(400, 'Say of which seller or of which item: the market is too large to list.');
    const { offers } =
      item === undefined
        ? this.viewOver(this.store.offersOfSeller(seller ?? '', 0, MOST_OFFERS), this.today())
        : this.view({
            item: this.catalogue.now().namesOf(item),
            ...(kind === undefined ? {} : { kind }),
            ...(seller === undefined ? {} : { seller }),
          });
    return offers
      .filter((offer) => kind === undefined || offer.kind === kind)
      .sort((a, b) => a.priceMinor - b.priceMinor || a.id.localeCompare(b.id))
      .slice(0, MOST_OFFERS);
  }

  /** The market, or the offers of it that are asked for, each under the number its part is known by now. */
  view(filter: OfferFilter = {}): MarketView {
    return this.viewOver(this.store.offers(filter), this.today());
  }

  /** The market as far as it is about some items: what the rest of it asks is not read. */
  viewOf(items: readonly Item[]): MarketView {
    const catalogue = this.catalogue.now();
    const asked = items.flatMap((item) =>
      item.kind === 'variant' ? catalogue.namesOf(catalogue.resolve(item.id)).map((id): Item => ({ kind: 'variant', id })) : [item],
    );
    return this.viewOver(this.store.offersOf(asked), this.today());
  }

  /** Tells what is left of some parts and what it costs, as often as it is asked: terms are read once. */
  lots(): (variants: readonly string[]) => ReadonlyMap<string, readonly Lot[]> {
    const catalogue = this.catalogue.now();
    const pricing = new Pricing(this.store.terms(), this.today());
    return (variants) => {
      const lots = new Map<string, Lot[]>(variants.map((id) => [catalogue.resolve(id), []]));
      for (const [item, seller, askedMinor, stock, multiple] of this.store.lotsOf(
        [...lots.keys()].flatMap((id) => catalogue.namesOf(id)),
      )) {
        const priceMinor = pricing.priceOf(seller, askedMinor);
        if (priceMinor !== null) lots.get(catalogue.resolve(item))?.push({ seller, priceMinor, stock, multiple });
      }
      return lots;
    };
  }

  /** The least that was asked of some parts on each recorded day of late, up to today. */
  leastOf(variants: readonly string[], from: string): readonly LeastAsked[] {
    return new PriceStore(this.database).leastOf('variant', variants, from, this.today());
  }

  /** Some offers as they look on a day, whether they are stored or not. */
  viewOver(offers: readonly OfferEntity[], day: string): MarketView {
    const catalogue = this.catalogue.now();
    const known = offers.map((offer) => {
      const item = offer.kind === 'variant' ? catalogue.resolve(offer.item) : offer.item;
      return item === offer.item ? offer : { ...offer, item };
    });
    return new MarketView(new Pricing(this.store.terms(), day), known);
  }

  /** Remembers what units carried of their parcels' charges in a plan: until then every offer carries a fifth of its postage. */
  async rememberLanded(problem: BasketProblem, plan: BasketPlan): Promise<void> {
    const day = this.today();
    await this.database.write(() => {
      this.store.rememberShares(
        [...landedShares(problem, plan)].map(([offer, shareMinor]) => ({ offer, shareMinor, day })),
        day,
      );
      this.live.tellAfterwards('market');
    });
  }

  /** The day the lowest prices are true of; null before they were ever worked out. */
  lowestDay(): string | null {
    return this.store.lowestDay();
  }
}

const askedBy = ({ minimumMinor, handlingMinor, postage, freePostageFromMinor }: SellerEntity): SellerTermsDto => ({
  minimumMinor,
  handlingMinor,
  postage,
  freePostageFromMinor,
});
