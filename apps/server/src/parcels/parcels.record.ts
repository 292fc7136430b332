import type { Condition } from '@outfit/core';
import type { ClaimOutcome, ClaimReason, ParcelLine, ParcelState } from '@outfit/core/parcels';
import type { Prepare } from '../platform/sqlite/index.js';

/** What the simulated seller does with an order, settled when it is placed; kept from the person until it happens. */
export interface Happens {
  readonly sentOn: string;
  /** Null for one that is lost on the way. */
  readonly arrivesOn: string | null;
  /** Lines of which fewer come, and lines of which another part comes, by their place in the order. */
  readonly short: readonly { readonly line: number; readonly quantity: number }[];
  readonly wrong: readonly { readonly line: number; readonly variant: string }[];
}

/** An order as it is stored. Money in minor units, days ISO. */
export interface ParcelRow {
  readonly id: string;
  readonly ordinal: number;
  readonly seller: string | null;
  readonly sellerName: string;
  readonly reference: string;
  readonly errand: string | null;
  readonly state: ParcelState;
  readonly orderedOn: string;
  readonly sentOn: string | null;
  readonly expectedOn: string | null;
  readonly arrivedOn: string | null;
  readonly tracking: string;
  readonly note: string;
  readonly currency: string;
  readonly postageMinor: number;
  readonly feesMinor: number;
  readonly dutyMinor: number;
  readonly paidMinor: number | null;
  readonly refundedMinor: number;
  readonly plannedMinor: number;
  /** What the seller asks in, what one unit of it was worth on the day of the order, and what was paid in it; null while that is as agreed. */
  readonly sellerCurrency: string;
  readonly rate: number;
  readonly paidInMinor: number | null;
  /** The place of the ledger its pieces are at while they are expected. */
  readonly place: string;
  /** JSON of `Happens`. */
  readonly happens: string | null;
  readonly removedAt: string | null;
  readonly version: number;
}

export interface ParcelLineRow extends ParcelLine {
  readonly id: number;
  readonly parcel: string;
  readonly lot: number;
  readonly condition: Condition;
}

/** What was asked of a seller about some pieces of a line, and what came of it; not settled while `outcome` is null. */
export interface ClaimRow {
  readonly id: number;
  readonly parcel: string;
  readonly line: number;
  readonly quantity: number;
  readonly reason: ClaimReason;
  readonly asked: ClaimOutcome;
  readonly askedMinor: number;
  readonly openedAt: string;
  readonly outcome: ClaimOutcome | null;
  readonly gotMinor: number;
  readonly settledAt: string | null;
  readonly removedAt: string | null;
}

/** A parcel with its lines and claims, as a deed finds or leaves it. */
export interface KeptParcel {
  readonly row: ParcelRow;
  readonly lines: readonly ParcelLineRow[];
  readonly claims?: readonly ClaimRow[];
}

const COLUMNS = [
  ...[
    'id',
    'ordinal',
    'seller',
    'sellerName',
    'reference',
    'errand',
    'state',
    'orderedOn',
    'sentOn',
    'expectedOn',
    'arrivedOn',
    'tracking',
    'note',
  ],
  ...[
    'currency',
    'postageMinor',
    'feesMinor',
    'dutyMinor',
    'paidMinor',
    'refundedMinor',
    'plannedMinor',
    'sellerCurrency',
    'rate',
    'paidInMinor',
    'place',
    'happens',
    'removedAt',
    'version',
  ],
] as const;

/** Parcels and their lines in their tables. */
export class ParcelsRecord {
  constructor(private readonly prepare: Prepare) {}

  /** All that were not taken back, the newest first. */
  all(): ParcelRow[] {
    return this.prepare('SELECT * FROM parcel WHERE removedAt IS NULL ORDER BY ordinal DESC').all() as ParcelRow[];
  }

  parcel(id: string): ParcelRow | null {
    return (this.prepare('SELECT * FROM parcel WHERE id = ?').get(id) as ParcelRow | undefined) ?? null;
  }

  lines(parcel: string): ParcelLineRow[] {
    return this.prepare('SELECT * FROM parcel_line WHERE parcel = ? ORDER BY id').all(parcel) as ParcelLineRow[];
  }

  claims(parcel: string): ClaimRow[] {
    return this.prepare('SELECT * FROM parcel_claim WHERE parcel = ? AND removedAt IS NULL ORDER BY id').all(parcel) as ClaimRow[];
  }

  nextClaim(): number {
    return this.prepare('SELECT COALESCE(MAX(id), 0) + 1 FROM parcel_claim').pluck().get() as number;
  }

  writeClaim(row: ClaimRow): void {
    this.prepare(
      `INSERT INTO parcel_claim (id, parcel, line, quantity, reason, asked, askedMinor, openedAt, outcome, gotMinor, settledAt, removedAt)
         VALUES (:id, :parcel, :line, :quantity, :reason, :asked, :askedMinor, :openedAt, :outcome, :gotMinor, :settledAt, :removedAt)
         ON CONFLICT (id) DO UPDATE SET outcome = excluded.outcome, gotMinor = excluded.gotMinor, settledAt = excluded.settledAt,
           removedAt = excluded.removedAt`,
    ).run(row);
  }

  /** The places of the ledger that are parcels, taken back or not. */
  places(): string[] {
    return this.prepare('SELECT place FROM parcel').pluck().all() as string[];
  }

  nextOrdinal(): number {
    return (this.prepare('SELECT COALESCE(MAX(ordinal), 0) + 1 FROM parcel').pluck().get() as number) ?? 1;
  }

  /** Parcels that the simulated market still has something to do with. */
  underWay(): ParcelRow[] {
    return this.prepare(
      `SELECT * FROM parcel WHERE happens IS NOT NULL AND state IN ('ordered', 'sent') AND removedAt IS NULL ORDER BY ordinal`,
    ).all() as ParcelRow[];
  }

  write(row: ParcelRow): void {
    this.prepare(
      `INSERT INTO parcel (${COLUMNS.join(', ')}) VALUES (${COLUMNS.map((column) => `:${column}`).join(', ')})
         ON CONFLICT (id) DO UPDATE SET ${COLUMNS.slice(2)
           .map((column) => `${column} = excluded.${column}`)
           .join(', ')}`,
    ).run(row);
  }

  addLine({ parcel, lot, variant, condition, quantity, priceMinor }: Omit<ParcelLineRow, 'id' | 'came' | 'damaged' | 'gone'>): void {
    this.prepare(
      'INSERT INTO parcel_line (parcel, lot, variant, condition, quantity, priceMinor, came, damaged, gone) VALUES (?, ?, ?, ?, ?, ?, 0, 0, 0)',
    ).run(parcel, lot, variant, condition, quantity, priceMinor);
  }

  writeLine({ id, came, damaged, gone }: Pick<ParcelLineRow, 'id' | 'came' | 'damaged' | 'gone'>): void {
    this.prepare('UPDATE parcel_line SET came = ?, damaged = ?, gone = ? WHERE id = ?').run(came, damaged, gone, id);
  }
}
