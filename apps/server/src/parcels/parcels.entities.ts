import type { Condition } from '@outfit/core';
import type { ClaimOutcome, ClaimReason, ParcelLine, ParcelState } from '@outfit/core/parcels';
import { entryOf, listOf, orNull, readerOf, text, whole } from '@outfit/formats/kept';
import { Column, Entity, JsonColumn, PrimaryColumn, PrimaryGeneratedColumn } from '../platform/sqlite/index.js';

/** What the simulated seller does with an order, settled when it is placed; kept from the person until it happens. */
export interface Happens {
  readonly sentOn: string;
  /** Null for one that is lost on the way. */
  readonly arrivesOn: string | null;
  /** Lines of which fewer come, and lines of which another part comes, by their place in the order. */
  readonly short: readonly { readonly line: number; readonly quantity: number }[];
  readonly wrong: readonly { readonly line: number; readonly variant: string }[];
}
const readHappens = readerOf(
  entryOf<Happens>({
    sentOn: text,
    arrivesOn: orNull(text),
    short: listOf(entryOf({ line: whole, quantity: whole })),
    wrong: listOf(entryOf({ line: whole, variant: text })),
  }),
);

/** An order and what becomes of it. Money in minor units, days ISO. */
@Entity('parcel')
export class ParcelEntity {
  @PrimaryColumn('text') id: string;
  @Column('integer') ordinal: number;
  @Column('text', { nullable: true }) seller: string | null;
  @Column('text') sellerName: string;
  @Column('text') reference: string;
  @Column('text', { nullable: true }) errand: string | null;
  @Column('text') state: ParcelState;
  @Column('text') orderedOn: string;
  @Column('text', { nullable: true }) sentOn: string | null;
  @Column('text', { nullable: true }) expectedOn: string | null;
  @Column('text', { nullable: true }) arrivedOn: string | null;
  @Column('text') tracking: string;
  @Column('text') note: string;
  @Column('text') currency: string;
  @Column('integer') postageMinor: number;
  @Column('integer') feesMinor: number;
  @Column('integer') dutyMinor: number;
  @Column('integer', { nullable: true }) paidMinor: number | null;
  @Column('integer') refundedMinor: number;
  @Column('integer') plannedMinor: number;
  /** What the seller asks in, what one unit of it was worth on the day of the order, and what was paid in it; null while that is as agreed. */
  @Column('text') sellerCurrency: string;
  @Column('real') rate: number;
  @Column('integer', { nullable: true }) paidInMinor: number | null;
  /** The place of the ledger its pieces are at while they are expected. */
  @Column('text') place: string;
  @JsonColumn(readHappens, { nullable: true }) happens: Happens | null;
  @Column('text', { nullable: true }) removedAt: string | null;
  @Column('integer') version: number;
}

@Entity('parcel_line')
export class ParcelLineEntity implements ParcelLine {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') parcel: string;
  @Column('integer') lot: number;
  @Column('text') variant: string;
  @Column('text') condition: Condition;
  @Column('integer') quantity: number;
  @Column('integer') priceMinor: number;
  /** How many came, how many of these were damaged, and how many will not come any more. */
  @Column('integer') came: number;
  @Column('integer') damaged: number;
  @Column('integer') gone: number;
}

/** What was asked of a seller about some pieces of a line, and what came of it; not settled while `outcome` is null. */
@Entity('parcel_claim')
export class ClaimEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') parcel: string;
  @Column('integer') line: number;
  @Column('integer') quantity: number;
  @Column('text') reason: ClaimReason;
  @Column('text') asked: ClaimOutcome;
  @Column('integer') askedMinor: number;
  @Column('text') openedAt: string;
  @Column('text', { nullable: true }) outcome: ClaimOutcome | null;
  @Column('integer') gotMinor: number;
  @Column('text', { nullable: true }) settledAt: string | null;
  @Column('text', { nullable: true }) removedAt: string | null;
}

export const PARCEL_ENTITIES = [ParcelEntity, ParcelLineEntity, ClaimEntity];
