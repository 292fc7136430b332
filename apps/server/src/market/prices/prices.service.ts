import { Injectable } from '@nestjs/common';
import {
  type Catalogue,
  dayNumber,
  explode,
  holdersOf,
  isOldPrice,
  lowMark,
  type PiecePrices,
  piecesOf,
  rarityOf,
  summariseByCondition,
  supplyCurve,
  trendOf,
  USUAL_CONDITION,
  waitOrBuy,
  type WatchedItem,
  worthOfPieces,
} from '@outfit/core';
import { CatalogueService } from '../../catalogue/index.js';
import { Database } from '../../platform/db/index.js';
import { notFound } from '../../platform/http/index.js';
import type { ItemPricesDto, ItemPricesQuery, WorthDto } from '../market.dto.js';
import { MarketService } from '../market.service.js';
import { lowestOf, type PricedOffer, PriceStore } from '../stores/index.js';
import { isItem, nameOfItem } from '../watches/index.js';

/** Everything there is to say of one item's price: now, before, where it goes, what it is worth, whether to wait. */
@Injectable()
export class PricesService {
  constructor(
    private readonly database: Database,
    private readonly catalogue: CatalogueService,
    private readonly market: MarketService,
  ) {}

  item(item: WatchedItem, { condition = USUAL_CONDITION, withinDays }: ItemPricesQuery): ItemPricesDto {
    const catalogue = this.catalogue.now();
    if (!isItem(catalogue, item)) throw notFound(item.kind, item.id);
    const pieces = piecesIn(item, catalogue);
    const asked = [item, ...[...(pieces?.keys() ?? [])].map((id) => ({ kind: 'variant' as const, id }))];
    const { offers: everything, sellers } = this.market.viewOf(asked);
    const today = this.market.today();
    const own = everything.filter((offer) => offer.kind === item.kind && offer.item === item.id);
    const open = own.filter((offer) => offer.stock > 0).sort((a, b) => a.landedMinor - b.landedMinor || a.id.localeCompare(b.id));
    const days = new Map(sellers.map((seller) => [seller.id, seller.days]));
    const history = new PriceStore(this.database).of(item.kind, item.id, today);
    const number = dayNumber(today);
    const points = history.filter((row) => row.condition === condition).map((row) => ({ day: dayNumber(row.day), minor: row.medianMinor }));
    const trend = trendOf(points, number);
    const [now] = summariseByCondition(own.filter((offer) => offer.condition === condition));
    const quickest = Math.min(...open.map((offer) => days.get(offer.seller) ?? Infinity));
    return {
      ...item,
      name: nameOfItem(catalogue, item),
      currency: this.market.currency(),
      today,
      condition,
      now: summariseByCondition(own).map(({ condition: of, summary }) => ({ condition: of, ...summary })),
      offers: open.map((offer) => ({ ...offer, isOld: isOldPrice(offer.seenOn, today) })),
      history: history.filter((row) => row.condition === condition),
      trend,
      lowMinor: lowMark(points, number),
      advice: now
        ? waitOrBuy({
            nowMinor: now.summary.medianMinor,
            points,
            today: number,
            trend,
            sellers: now.summary.sellers,
            deadline: withinDays === undefined || !Number.isFinite(quickest) ? null : { days: withinDays, deliveryDays: quickest },
          })
        : null,
      supply: supplyCurve(open),
      rarity: rarityOf(open, this.sourcesOf(item, catalogue)),
      worth: pieces && this.worth(item, pieces, everything),
    };
  }

  /** How many products ever held it. */
  private sourcesOf({ kind, id }: WatchedItem, catalogue: Catalogue): number {
    if (kind === 'variant') return holdersOf(id, catalogue).filter((holder) => holder.kind === 'source').length;
    if (kind === 'source') return 1;
    return catalogue.data.sources.filter((source) => source.yields.some((row) => row.kind === kind && row.item === id)).length;
  }

  /** What something that holds several pieces is worth, four ways. */
  private worth({ kind, id }: WatchedItem, pieces: ReadonlyMap<string, number>, offers: readonly PricedOffer[]): WorthDto {
    const of = new Map<string, PricedOffer[]>();
    for (const offer of offers)
      if (offer.kind === 'variant' && offer.stock > 0 && pieces.has(offer.item)) of.set(offer.item, [...(of.get(offer.item) ?? []), offer]);
    const pricesOf = (variant: string): PiecePrices => {
      const own = of.get(variant) ?? [];
      const summary = summariseByCondition(own).find((row) => row.condition === USUAL_CONDITION) ?? summariseByCondition(own)[0];
      return {
        landedMinor: lowestOf(own)?.landedMinor ?? null,
        lowerQuartileMinor: summary?.summary.lowerQuartileMinor ?? null,
      };
    };
    const whole = offers.filter((offer) => offer.kind === kind && offer.item === id && offer.stock > 0).map((offer) => offer.landedMinor);
    return { ...worthOfPieces(pieces, pricesOf), wholeMinor: whole.length === 0 ? null : Math.min(...whole) };
  }
}

/** The pieces an item is taken to pieces into, counted; null for a single part. */
export function piecesIn({ kind, id }: WatchedItem, { data }: Catalogue): ReadonlyMap<string, number> | null {
  if (kind === 'variant') return null;
  const figure = data.officialFigures.find((row) => row.id === id);
  if (kind === 'figure') return figure ? piecesOf(figure) : new Map();
  const bundle = data.bundles.find((row) => row.id === id);
  if (kind === 'bundle') return new Map(bundle?.parts.map((part) => [part.variant, part.quantity]) ?? []);
  const source = data.sources.find((row) => row.id === id);
  return new Map(source ? explode(source, data).map((piece) => [piece.variant, piece.quantity]) : []);
}
