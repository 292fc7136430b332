import type { Condition, Seller } from '@outfit/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('seller')
export class SellerEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('text') country: string;
  @Column('integer') days: number;
  @Column('boolean') trusted: boolean;
  @Column('boolean') thirdParty: boolean;
  @Column('integer') minimumMinor: number;
  @Column('integer') handlingMinor: number;
  @Column('simple-json') postage: Seller['postage'];
  @Column('integer', { nullable: true }) freePostageFromMinor: number | null;
}

/** One listing: a loose variant, or an official figure whole. `origin` tells where the offer came from. */
@Entity('offer')
export class OfferEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') seller: string;
  @Column('text', { nullable: true }) variant: string | null;
  @Column('text', { nullable: true }) officialFigure: string | null;
  @Column('integer') priceMinor: number;
  @Column('integer') stock: number;
  @Column('integer') multiple: number;
  @Column('text') condition: Condition;
  @Column('text') seenOn: string;
  @Column('text') origin: 'simulated' | 'imported';
}
