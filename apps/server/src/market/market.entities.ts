import type { Condition, LandedPrice, PriceSummary, Seller, Watch, YieldKind } from '@outfit/core';
import type { SellerKind } from '@outfit/market';
import { listOf, readDuty, readerOf, readPostage, readWatch, type Schema } from '@outfit/formats/kept';
import { Column, Entity, JsonColumn, PrimaryColumn, PrimaryGeneratedColumn } from '../platform/sqlite/index.js';

/** A row of another table, as it was put away; that table reads it when it comes back. */
type Kept = Readonly<Record<string, unknown>>;
const kept: Schema<Kept> = { type: 'object' };
const [readKept, readAllKept] = [readerOf(kept), readerOf(listOf(kept))];

/** A seller, its prices and terms in its own currency. */
@Entity('seller')
export class SellerEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('text') kind: SellerKind;
  @Column('text') country: string;
  @Column('text') currency: string;
  @Column('integer') days: number;
  @Column('boolean') trusted: boolean;
  @Column('boolean') thirdParty: boolean;
  @Column('integer') minimumMinor: number;
  @Column('integer') handlingMinor: number;
  @JsonColumn(readPostage) postage: Seller['postage'];
  @Column('integer', { nullable: true }) freePostageFromMinor: number | null;
  @JsonColumn(readDuty, { nullable: true }) duty: Seller['duty'];
  /** Share of its parcels that arrive complete and right, 0 to 1. */
  @Column('real') reliability: number;
  /** Grows with every change, so that whoever writes can say which one they saw. */
  @Column('integer') version: number;
}

/** One listing of a variant, a bundle, a figure or a source, in the seller's currency. `origin` tells where it came from. */
@Entity('offer')
export class OfferEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') seller: string;
  @Column('text') kind: YieldKind;
  @Column('text') item: string;
  @Column('integer') priceMinor: number;
  @Column('integer') stock: number;
  @Column('integer') multiple: number;
  @Column('text') condition: Condition;
  @Column('text') seenOn: string;
  @Column('text') origin: 'simulated' | 'imported';
}

@Entity('rate')
export class RateEntity {
  @PrimaryColumn('text') currency: string;
  @PrimaryColumn('text') day: string;
  @Column('real') perUnit: number;
  @Column('text') origin: 'simulated' | 'imported';
}

@Entity('discount_code')
export class DiscountCodeEntity {
  @PrimaryColumn('text') seller: string;
  @PrimaryColumn('text') code: string;
  @PrimaryColumn('text') fromDay: string;
  @Column('real') percent: number;
  @Column('text') untilDay: string;
}

/** What a unit of an offer carried of its parcel's charges in the last errand that bought it. */
@Entity('landed_share')
export class LandedShareEntity {
  @PrimaryColumn('text') offer: string;
  @Column('integer') shareMinor: number;
  @Column('text') day: string;
}

/** The day the simulated market has reached, and how it began; there is none without a simulated market. */
@Entity('market_clock')
export class MarketClockEntity {
  @PrimaryColumn('integer') id: 1;
  @Column('text') day: string;
  @Column('text') openedOn: string;
  @Column('integer') seed: number;
}

@Entity('market_news')
export class MarketNewsEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') day: string;
  @Column('text') text: string;
}

/** "Tell me when …", and what it saw last. */
@Entity('watch')
export class WatchEntity {
  @PrimaryGeneratedColumn() id: number;
  @JsonColumn(readWatch) watch: Watch;
  @Column('text', { nullable: true }) seen: string | null;
  @Column('text') createdAt: string;
  @Column('text', { nullable: true }) removedAt: string | null;
}

@Entity('watch_notice')
export class WatchNoticeEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('integer') watch: number;
  @Column('text') day: string;
  @Column('text') text: string;
  @Column('text', { nullable: true }) dismissedAt: string | null;
}

/** The lowest landed price of a variant that is sold, of the day in `lowest_price_day`. */
@Entity('lowest_price')
export class LowestPriceEntity implements LandedPrice {
  @PrimaryColumn('text') variant: string;
  @Column('integer') landedMinor: number;
  @Column('integer') priceMinor: number;
  @Column('text') seller: string;
  @Column('text') seenOn: string;
  @Column('text') condition: Condition;
}

@Entity('lowest_price_day')
export class LowestPriceDayEntity {
  @PrimaryColumn('integer') id: 1;
  /** Empty while the prices are of no day. */
  @Column('text') day: string;
}

/** How an item was priced in one condition on one day. */
@Entity('price_day')
export class PriceDayEntity implements PriceSummary {
  @PrimaryColumn('text') kind: YieldKind;
  @PrimaryColumn('text') item: string;
  @PrimaryColumn('text') condition: Condition;
  @PrimaryColumn('text') day: string;
  @Column('integer') offers: number;
  @Column('integer') sellers: number;
  @Column('integer') stock: number;
  @Column('integer') leastMinor: number;
  @Column('integer') lowerQuartileMinor: number;
  @Column('integer') medianMinor: number;
  @Column('integer') upperQuartileMinor: number;
  @Column('integer') meanMinor: number;
}

/** A seller in the bin, with what it offered. */
@Entity('binned_seller')
export class BinnedSellerEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @JsonColumn(readKept) seller: Kept;
  @JsonColumn(readAllKept) offers: readonly Kept[];
  @Column('text') removedAt: string;
}

export const MARKET_ENTITIES = [
  SellerEntity,
  OfferEntity,
  RateEntity,
  DiscountCodeEntity,
  LandedShareEntity,
  MarketClockEntity,
  MarketNewsEntity,
  WatchEntity,
  WatchNoticeEntity,
  LowestPriceEntity,
  LowestPriceDayEntity,
  PriceDayEntity,
  BinnedSellerEntity,
];
