import type { Condition, Seller, Watch, YieldKind } from '@outfit/core';
import type { SellerKind } from '@outfit/market';
import { Column, Entity, PrimaryColumn, PrimaryGeneratedColumn } from 'typeorm';

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
  @Column('simple-json') postage: Seller['postage'];
  @Column('integer', { nullable: true }) freePostageFromMinor: number | null;
  @Column('simple-json', { nullable: true }) duty: Seller['duty'];
  /** Share of its parcels that arrive complete and right, 0 to 1. */
  @Column('real') reliability: number;
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
  @Column('simple-json') watch: Watch;
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
];
