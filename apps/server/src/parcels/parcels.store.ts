import type { Tables } from '../platform/sqlite/index.js';
import { ClaimEntity, ParcelEntity, ParcelLineEntity } from './parcels.entities.js';

/** A parcel with its lines and claims, as a deed finds or leaves it. */
export interface KeptParcel {
  readonly row: ParcelEntity;
  readonly lines: readonly ParcelLineEntity[];
  readonly claims?: readonly ClaimEntity[];
}

/** Parcels, their lines and claims in their tables. */
export class ParcelsStore {
  constructor(private readonly tables: Tables) {}

  /** All that were not taken back, the newest first. */
  all(): ParcelEntity[] {
    return this.tables.table(ParcelEntity).find({ where: { removedAt: null }, order: { ordinal: 'DESC' } });
  }

  parcel(id: string): ParcelEntity | null {
    return this.tables.table(ParcelEntity).first({ id });
  }

  lines(parcel: string): ParcelLineEntity[] {
    return this.tables.table(ParcelLineEntity).find({ where: { parcel }, order: { id: 'ASC' } });
  }

  claims(parcel: string): ClaimEntity[] {
    return this.tables.table(ClaimEntity).find({ where: { parcel, removedAt: null }, order: { id: 'ASC' } });
  }

  nextClaim(): number {
    return this.tables.table(ClaimEntity).greatest('id') + 1;
  }

  writeClaim(row: ClaimEntity): void {
    this.tables.table(ClaimEntity).upsert(row);
  }

  /** The places of the ledger that are parcels, taken back or not. */
  places(): string[] {
    return this.tables.prepare<string>('SELECT place FROM parcel').pluck().all();
  }

  nextOrdinal(): number {
    return this.tables.table(ParcelEntity).greatest('ordinal') + 1;
  }

  /** Parcels that the simulated market still has something to do with. */
  underWay(): ParcelEntity[] {
    return this.tables
      .table(ParcelEntity)
      .select(`WHERE happens IS NOT NULL AND state IN ('ordered', 'sent') AND removedAt IS NULL ORDER BY ordinal`);
  }

  write(row: ParcelEntity): void {
    this.tables.table(ParcelEntity).upsert(row);
  }

  /** Writes a parcel as the history tells it; what that does not know of stays, but a claim, which was written down since and goes. */
  restore(id: string, { row, lines, claims }: ParcelDocuments, now: string): void {
    const [ofParcels, ofLines, ofClaims] = [
      this.tables.table(ParcelEntity),
      this.tables.table(ParcelLineEntity),
      this.tables.table(ClaimEntity),
    ];
    ofParcels.update({ id }, { ...ofParcels.rowOf(row), version: (this.parcel(id)?.version ?? 0) + 1 });
    ofLines.upsertAll(lines.map((document) => ofLines.rowOf(document)));
    const standing = claims.map((document) => ofClaims.rowOf(document));
    ofClaims.upsertAll(standing);
    for (const claim of this.claims(id))
      if (!standing.some((own) => own.id === claim.id)) ofClaims.update({ id: claim.id }, { removedAt: now });
  }

  addLine(row: Omit<ParcelLineEntity, 'id' | 'came' | 'damaged' | 'gone'>): void {
    this.tables.table(ParcelLineEntity).insert({ ...row, came: 0, damaged: 0, gone: 0 });
  }

  writeLine({ id, ...set }: Pick<ParcelLineEntity, 'id' | 'came' | 'damaged' | 'gone'>): void {
    this.tables.table(ParcelLineEntity).update({ id }, set);
  }
}

/** A parcel as documents that the history keeps. */
export interface ParcelDocuments {
  readonly row: Readonly<Record<string, unknown>>;
  readonly lines: readonly Readonly<Record<string, unknown>>[];
  readonly claims: readonly Readonly<Record<string, unknown>>[];
}
